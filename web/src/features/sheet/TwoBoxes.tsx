import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import { useTranslation } from 'react-i18next';

interface Props {
  draft: { stands?: boolean };
  label: string;
  /** What the first box says, where it is not "Stands". */
  first?: string;
  second?: string;
  onChange: (change: { stands?: boolean }) => void;
}

/** The two boxes behind a line; one that was ticked by mistake is taken back by touching it again. */
export function TwoBoxes({ draft, label, first, second, onChange }: Props) {
  const { t } = useTranslation();
  const value = draft.stands === undefined ? null : String(draft.stands);

  return (
    <ToggleButtonGroup
      exclusive
      aria-label={label}
      value={value}
      onChange={(_, next: string | null) => onChange({ stands: next === null ? undefined : next === 'true' })}
    >
      <ToggleButton value="true">{first ?? t('filled.stands')}</ToggleButton>
      <ToggleButton value="false">{second ?? t('filled.not_so')}</ToggleButton>
    </ToggleButtonGroup>
  );
}
