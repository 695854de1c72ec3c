import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Payloads } from '../../api/entries';
import type { Problem } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { figure } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { PhotoField } from '../walk/panels/PhotoField';

interface MeterDrawerProps {
  number: string;
  /** What the meter showed when it was last read, in hours. */
  lastKnown: string | null;
  busy: boolean;
  problem: Problem | null;
  onClose: () => void;
  onPost: (payload: Payloads['meter.replaced']) => void;
}

/** Another hour meter: what the old one showed, what the new one began at, a photo of it and why. */
export function MeterDrawer({ number, lastKnown, busy, problem, onClose, onPost }: MeterDrawerProps) {
  const { t } = useTranslation();
  const [removed, setRemoved] = useState('');
  const [isUnreadable, setIsUnreadable] = useState(false);
  const [began, setBegan] = useState('');
  const [reason, setReason] = useState('');
  const [photos, setPhotos] = useState<string[]>([]);
  const [photo] = photos;
  const isWhole = (isUnreadable || isHours(removed)) && isHours(began) && reason.trim().length >= 3;

  return (
    <Drawer
      open
      title={t('meter.title', { number })}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="meter-post"
          disabled={busy || !isWhole || photo === undefined}
          onClick={() =>
            photo !== undefined &&
            onPost({
              ...(isUnreadable ? {} : { removed: plain(removed) }),
              began: plain(began),
              photo,
              reason: reason.trim(),
            })
          }
        >
          {t('meter.post')}
        </Button>
      }
    >
      <p>{lastKnown === null ? t('meter.never_read') : t('meter.last_known', { hours: figure(lastKnown) })}</p>
      <TextField
        label={t('meter.removed')}
        value={isUnreadable ? '' : removed}
        disabled={isUnreadable}
        error={!isUnreadable && isWrong(removed)}
        helperText={!isUnreadable && isWrong(removed) ? t('meter.only_hours') : undefined}
        onChange={(event) => setRemoved(event.target.value)}
        slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9, 'data-testid': 'meter-removed' } }}
      />
      <Button
        pressed={isUnreadable}
        testId="meter-unreadable"
        under={t('meter.counts_to_last')}
        onClick={() => setIsUnreadable(!isUnreadable)}
      >
        {t('meter.unreadable')}
      </Button>
      <TextField
        label={t('meter.began')}
        value={began}
        error={isWrong(began)}
        helperText={isWrong(began) ? t('meter.only_hours') : undefined}
        onChange={(event) => setBegan(event.target.value)}
        slotProps={{ htmlInput: { inputMode: 'decimal', maxLength: 9, 'data-testid': 'meter-began' } }}
      />
      <PhotoField photos={photos} most={1} onPhotos={setPhotos} />
      <TextField
        label={t('meter.reason')}
        value={reason}
        multiline
        minRows={2}
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 2000, 'data-testid': 'meter-reason' } }}
      />
      <ProblemWords problem={problem} />
    </Drawer>
  );
}

const plain = (typed: string): string => typed.trim().replace(',', '.');

const isHours = (typed: string): boolean => /^\d+(\.\d+)?$/.test(plain(typed));

const isWrong = (typed: string): boolean => typed !== '' && !isHours(typed);
