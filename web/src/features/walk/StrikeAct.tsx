import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Act } from '../../app/Act';
import { HoldAct } from '../../app/HoldAct';
import { Leaf } from '../../app/Leaf';
import { ProblemWords } from '../../app/ProblemWords';
import { useSend } from './useSend';
import type { Post } from './useWalk';

/** A wrong line is struck once and stays legible; there is no delete. */
export function StrikeAct({ entryId, post }: { entryId: string; post: Post }) {
  const { t } = useTranslation();
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  const { busy, problem, send } = useSend();

  return (
    <>
      <Act testId="strike" onClick={() => setOpen(true)}>
        {t('act.strike')}
      </Act>
      <Leaf
        open={open}
        title={t('strike.title')}
        onClose={() => setOpen(false)}
        foot={
          <HoldAct tone="ink" disabled={busy || reason.trim().length < 3} testId="strike-hold" under={t('act.hold')} onHeld={() => void send(() => post('entry.struck', { reason: reason.trim() }, entryId)).then((posted) => posted && setOpen(false))}>
            {t('strike.act')}
          </HoldAct>
        }
      >
        <p>{t('strike.words')}</p>
        <TextField label={t('strike.reason')} value={reason} multiline minRows={2} onChange={(event) => setReason(event.target.value)} slotProps={{ htmlInput: { maxLength: 500, 'data-testid': 'strike-reason' } }} />
        <ProblemWords problem={problem} />
      </Leaf>
    </>
  );
}
