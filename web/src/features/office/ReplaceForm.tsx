import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { onYardClock } from '../../app/figures';
import { HoldButton } from '../../app/HoldButton';
import { ProblemWords } from '../../app/ProblemWords';
import { InTheWay, mayBook } from './InTheWay';
import { MachineField } from './MachineField';
import { useProposal, useReplaceOnHire } from './useOffice';
import { YardTimePicker } from './YardTimePicker';

const MINUTE_MS = 60_000;
const STEP_MS = 5 * MINUTE_MS;

/** An hour from now, on the next five minutes: the second machine has to be walked out first. */
function soon(): string {
  return onYardClock(new Date(Math.ceil((Date.now() + 60 * MINUTE_MS) / STEP_MS) * STEP_MS).toISOString());
}

/** Another machine for the rest of a hire that is out: it gets a folio of its own, and the first is due back. */
export function ReplaceForm({ hire, onDone }: { hire: Schema['HireDetail']; onDone: () => void }) {
  const { t } = useTranslation();
  const [isOpen, setIsOpen] = useState(false);
  const [machine, setMachine] = useState<Schema['MachineRow'] | null>(null);
  const [out, setOut] = useState(soon);
  const [back, setBack] = useState(() => onYardClock(hire.comes_back_at));
  const [why, setWhy] = useState('');
  const [knowing, setKnowing] = useState<Schema['HireConflict']['kind'][]>([]);
  const asked = machine === null || out === '' || back === '' ? null : {
    machine_id: machine.id,
    goes_out: out,
    comes_back: back,
  };
  const proposal = useProposal(asked);
  const replace = useReplaceOnHire(hire.id);
  const fault = replace.error ?? (asked === null ? null : proposal.error);
  const fields = fault instanceof ProblemError ? fault.problem.field : undefined;
  if (!isOpen) {
    return (
      <Button testId="replace-open" under={t('office.replace_under')} onClick={() => setIsOpen(true)}>
        {t('office.replace_open')}
      </Button>
    );
  }

  return (
    <section className="hire-act" aria-label={t('office.replace_open')}>
      <h3>{t('office.replace_open')}</h3>
      <p>{t('office.replace_words', { number: hire.machine.fleet_number })}</p>
      <MachineField value={machine} onChange={(next) => { setMachine(next); setKnowing([]); }} />
      <div className="two-times">
        <YardTimePicker
          label={t('office.replace_out')}
          value={out}
          testId="replace-out"
          wrong={fields?.['goes_out']?.[0]}
          onChange={setOut}
        />
        <YardTimePicker
          label={t('office.comes_back')}
          value={back}
          testId="replace-back"
          wrong={fields?.['comes_back']?.[0]}
          onChange={setBack}
        />
      </div>
      {proposal.data !== undefined && asked !== null && (
        <InTheWay proposal={proposal.data} knowing={knowing} onKnow={setKnowing} onInstead={setMachine} />
      )}
      <TextField
        label={t('office.why')}
        helperText={t('office.replace_why')}
        value={why}
        onChange={(event) => setWhy(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 300, 'data-testid': 'replace-why' } }}
      />
      {fault !== null && <ProblemWords problem={problemOf(fault, t('state.no_network'))} />}
      <HoldButton
        tone="jade"
        testId="replace"
        disabled={replace.isPending || asked === null || why.trim().length < 3 || !mayBook(proposal.data, knowing)}
        under={t('act.hold')}
        onHeld={() => asked !== null && replace.mutate(
          { ...asked, why: why.trim(), knowing },
          { onSuccess: onDone },
        )}
      >
        {machine === null
          ? t('office.choose_machine')
          : t('office.replace', { old: hire.machine.fleet_number, next: machine.fleet_number })}
      </HoldButton>
    </section>
  );
}
