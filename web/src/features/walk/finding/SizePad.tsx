import { useTranslation } from 'react-i18next';
import { NumberPad } from '../../../instruments/NumberPad';
import { useOtherUnit } from '../../session/useReading';

interface Props {
  open: boolean;
  onClose: () => void;
  onSet: (millimetres: number) => void;
}

/** How large a damage is, in whole millimetres. */
export function SizePad({ open, onClose, onSet }: Props) {
  const { t } = useTranslation();
  const other = useOtherUnit('mm');

  return (
    <NumberPad
      open={open}
      title={t('finding.size')}
      unit="mm"
      other={other}
      onClose={onClose}
      onSet={(value) => onSet(Math.max(0, Math.round(value)))}
    />
  );
}
