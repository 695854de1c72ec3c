import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { HoldButton } from '../../../app/HoldButton';
import { Drawer } from '../../../app/Drawer';
import { ProblemWords } from '../../../app/ProblemWords';
import type { Problem } from '../../../api/problem';
import { useMe, useSession } from '../../session/useSession';
import { SecondPerson, sealedBy, type Second } from '../crossing/SecondPerson';

/** What goes along with an answer that takes a stop back. */
export type Lift = (entryId: string) => Promise<Record<string, unknown>>;

interface Props {
  open: boolean;
  title: string;
  busy: boolean;
  problem: Problem | null;
  onClose: () => void;
  onLift: (lift: Lift) => void;
}

/** A line says stop, and is answered anew without a repair: why, and who else says so. */
export function LiftStopDrawer({ open, title, busy, problem, onClose, onLift }: Props) {
  const { t } = useTranslation();
  const me = useMe();
  const sealingKey = useSession().data?.sealing_key ?? '';
  const [reason, setReason] = useState('');
  const [second, setSecond] = useState<Second>({ person: null, secret: '' });
  const asksSecond = !me.may.lead;
  const lift: Lift = async (id) => ({
    lift_reason: reason.trim(),
    ...(asksSecond ? await sealedBy(second, sealingKey, id) : {}),
  });

  return (
    <Drawer
      open={open}
      title={title}
      onClose={onClose}
      foot={
        <HoldButton
          tone="ink"
          disabled={busy || reason.trim().length < 3 || (asksSecond && second.person === null)}
          testId="lift-hold"
          under={t('act.hold')}
          onHeld={() => onLift(lift)}
        >
          {t('lift.act')}
        </HoldButton>
      }
    >
      <p>{t('lift.words')}</p>
      <TextField
        label={t('lift.reason')}
        value={reason}
        multiline
        minRows={2}
        onChange={(event) => setReason(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 500, 'data-testid': 'lift-reason' } }}
      />
      {asksSecond && <p>{t('lift.not_alone')}</p>}
      {asksSecond && <SecondPerson second={second} onSecond={setSecond} />}
      <ProblemWords problem={problem} />
    </Drawer>
  );
}
