import TextField from '@mui/material/TextField';
import { useLayoutEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { HoldButton } from '../../../app/HoldButton';
import { Drawer } from '../../../app/Drawer';
import { ProblemWords } from '../../../app/ProblemWords';
import { pageChanged } from '../../../app/touchGuard';
import { useMe, useSession } from '../../session/useSession';
import { SecondPerson, sealedBy, type Second } from '../crossing/SecondPerson';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';

interface Props {
  entryId: string;
  /** Whether the entry stops the machine: then the lead strikes it, or another qualified person confirms it. */
  stops: boolean;
  post: Post;
}

/** A wrong line is struck once and stays legible; there is no delete. */
export function StrikeButton({ entryId, stops, post }: Props) {
  const { t } = useTranslation();
  const me = useMe();
  const sealingKey = useSession().data?.sealing_key ?? '';
  const [open, setOpen] = useState(false);
  // It comes with the yard's answer, and moves what a finger may be on its way to.
  useLayoutEffect(pageChanged, [entryId]);
  const [reason, setReason] = useState('');
  const [second, setSecond] = useState<Second>({ person: null, secret: '' });
  const { busy, problem, send } = useSend();
  const asksSecond = stops && !me.may.lead;
  const strike = async (id: string) => ({
    reason: reason.trim(),
    ...(asksSecond ? await sealedBy(second, sealingKey, id) : {}),
  });
  const isReady = reason.trim().length >= 3 && (!asksSecond || second.person !== null);

  return (
    <>
      <Button testId="strike" onClick={() => setOpen(true)}>
        {t('act.strike')}
      </Button>
      <Drawer
        open={open}
        title={t('strike.title')}
        onClose={() => setOpen(false)}
        foot={
          <HoldButton
            tone="ink"
            disabled={busy || !isReady}
            testId="strike-hold"
            under={t('act.hold')}
            onHeld={() =>
              void send(() => post('entry.struck', strike, entryId)).then((posted) => posted && setOpen(false))
            }
          >
            {t('strike.act')}
          </HoldButton>
        }
      >
        <p>{t('strike.words')}</p>
        <TextField
          label={t('strike.reason')}
          value={reason}
          multiline
          minRows={2}
          onChange={(event) => setReason(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 500, 'data-testid': 'strike-reason' } }}
        />
        {asksSecond && <p>{t('lift.not_alone')}</p>}
        {asksSecond && <SecondPerson second={second} onSecond={setSecond} />}
        <ProblemWords problem={problem} />
      </Drawer>
    </>
  );
}
