import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../../api/client';
import type { Problem } from '../../../api/problem';
import { Button } from '../../../app/Button';
import { Drawer } from '../../../app/Drawer';
import { PhotoField } from './PhotoField';
import { ProblemWords } from '../../../app/ProblemWords';
import { VerdictWords } from './VerdictWords';

interface Props {
  open: boolean;
  title: string;
  judgement: Schema['Judgement'];
  busy: boolean;
  problem: Problem | null;
  onClose: () => void;
  onReplaced: () => void;
  onPost: (extra: { reason: string; photo?: string }) => void;
}

/**
 * A meter that contradicts what is known: look again, say that it is another meter, or post it with a photo and a
 * reason.
 */
export function DisputeDrawer({ open, title, judgement, busy, problem, onClose, onReplaced, onPost }: Props) {
  const { t } = useTranslation();
  const [reason, setReason] = useState('');
  const [photos, setPhotos] = useState<string[]>([]);

  return (
    <Drawer
      open={open}
      title={title}
      onClose={onClose}
      foot={
        <>
          <Button onClick={onClose}>{t('dispute.again')}</Button>
          <Button
            tone="jade"
            testId="dispute-post"
            disabled={busy || reason.trim().length < 3 || photos.length === 0}
            onClick={() => onPost({ reason: reason.trim(), photo: photos[0] })}
          >
            {t('dispute.post')}
          </Button>
        </>
      }
    >
      <VerdictWords judgement={judgement} />
      <Button testId="dispute-replaced" under={t('dispute.replaced_under')} onClick={onReplaced}>
        {t('dispute.replaced')}
      </Button>
      <PhotoField photos={photos} most={1} onPhotos={setPhotos} />
      <TextField
        label={t('dispute.reason')}
        value={reason}
        multiline
        minRows={2}
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 2000, 'data-testid': 'dispute-reason' } }}
      />
      <ProblemWords problem={problem} />
    </Drawer>
  );
}
