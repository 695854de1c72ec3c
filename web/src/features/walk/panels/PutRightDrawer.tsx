import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { Drawer } from '../../../app/Drawer';
import type { Line } from '../state/types';

interface Props {
  open: boolean;
  line: Line;
  busy: boolean;
  onClose: () => void;
  onPutRight: () => void;
  onAmiss: () => void;
}

/**
 * Somebody in the cab, a bar that lies flat: what can be corrected on the spot is corrected, and both are written
 * down.
 */
export function PutRightDrawer({ open, line, busy, onClose, onPutRight, onAmiss }: Props) {
  const { t } = useTranslation();

  return (
    <Drawer open={open} title={line.title} onClose={onClose}>
      <p>{t('other.title', { accept: line.accept })}</p>
      <p>{t('other.words')}</p>
      <Button tone="jade" disabled={busy} testId="put-right" under={t('walk.put_right_under')} onClick={onPutRight}>
        {t('walk.put_right')}
      </Button>
      <Button disabled={busy} testId="stays-amiss" under={t('other.amiss_under')} onClick={onAmiss}>
        {t('other.amiss')}
      </Button>
    </Drawer>
  );
}
