import { useTranslation } from 'react-i18next';
import { Act } from '../../app/Act';
import { Leaf } from '../../app/Leaf';
import type { Line } from './types';

interface Props {
  open: boolean;
  line: Line;
  busy: boolean;
  onClose: () => void;
  onPutRight: () => void;
  onAmiss: () => void;
}

/** Somebody in the cab, a bar that lies flat: what can be corrected on the spot is corrected, and both are written down. */
export function PutRightLeaf({ open, line, busy, onClose, onPutRight, onAmiss }: Props) {
  const { t } = useTranslation();

  return (
    <Leaf open={open} title={line.title} onClose={onClose}>
      <p>{t('other.title', { accept: line.accept })}</p>
      <p>{t('other.words')}</p>
      <Act tone="jade" disabled={busy} testId="put-right" under={t('walk.put_right_under')} onClick={onPutRight}>
        {t('walk.put_right')}
      </Act>
      <Act disabled={busy} testId="stays-amiss" under={t('other.amiss_under')} onClick={onAmiss}>
        {t('other.amiss')}
      </Act>
    </Leaf>
  );
}
