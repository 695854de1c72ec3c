import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { HoldButton } from '../../../app/HoldButton';
import { ProblemWords } from '../../../app/ProblemWords';
import { useMe } from '../../session/useSession';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';

/** A machine that left without a release: the lead says what became of it. */
export function GoneNotReleased({ post }: { post: Post }) {
  const { t } = useTranslation();
  const me = useMe();
  const { busy, problem, send } = useSend();
  const [reason, setReason] = useState('');
  const isReady = me.may.lead && !busy && reason.trim().length >= 3;
  const settle = (how: 'brought_back' | 'stays_out') =>
    void send(() => post('departure.settled', { how, reason: reason.trim() }));

  return (
    <section className="gone" data-testid="gone">
      <p className="slab">{t('decision.gone')}</p>
      {me.may.lead && (
        <>
          <p>{t('decision.gone_words')}</p>
          <TextField
            label={t('decision.gone_reason')}
            value={reason}
            fullWidth
            onChange={(event) => setReason(event.target.value)}
            slotProps={{ htmlInput: { maxLength: 500, 'data-testid': 'gone-reason' } }}
          />
          <div className="decision-acts">
            <HoldButton
              tone="ink"
              disabled={!isReady}
              testId="brought-back"
              under={t('act.hold')}
              onHeld={() => settle('brought_back')}
            >
              {t('decision.brought_back')}
            </HoldButton>
            <HoldButton disabled={!isReady} testId="stays-out" under={t('act.hold')} onHeld={() => settle('stays_out')}>
              {t('decision.stays_out')}
            </HoldButton>
          </div>
        </>
      )}
      <ProblemWords problem={problem} />
    </section>
  );
}
