import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { v7 as uuid } from 'uuid';
import type { Schema } from '../../api/client';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { onYardClock } from '../../app/figures';
import { ProblemWords } from '../../app/ProblemWords';
import { HirerField, type HirerChoice } from './HirerField';
import { InTheWay, mayBook } from './InTheWay';
import { MachineField } from './MachineField';
import { SiteToBe } from '../limits/SiteToBe';
import type { SiteAnswer } from '../limits/useLimits';
import { bookings } from '../../offline/bookings';
import { postToHire } from '../../api/postToHire';
import { isOutOfReach, useAddHirer, useBookHire, useProposal } from './useOffice';
import { YardTimePicker } from './YardTimePicker';

/** Tomorrow morning, and the afternoon of the same day: what is asked for most. */
function firstTimes(): { out: string; back: string } {
  const day = onYardClock(new Date(Date.now() + 86_400_000).toISOString()).slice(0, 10);

  return { out: `${day}T08:00`, back: `${day}T16:00` };
}

interface Props {
  machine?: Schema['MachineRow'];
  hirer?: Schema['Hirer'];
  onClose: () => void;
}

/** A hire from nothing to booked: hirer, machine, when, who takes it over, and what is in the way. */
export function NewHireDrawer({ machine: chosen, hirer: known, onClose }: Props) {
  const { t } = useTranslation();
  const [first] = useState(firstTimes);
  const [id] = useState(() => uuid());
  const [hirer, setHirer] = useState<HirerChoice | null>(known === undefined ? null : { known });
  const [machine, setMachine] = useState<Schema['MachineRow'] | null>(chosen ?? null);
  const [out, setOut] = useState(first.out);
  const [back, setBack] = useState(first.back);
  const [phone, setPhone] = useState('');
  const [contact, setContact] = useState('');
  const [site, setSite] = useState('');
  const [knowing, setKnowing] = useState<Schema['HireConflict']['kind'][]>([]);
  const [answers, setAnswers] = useState<Record<string, SiteAnswer>>({});
  // Booked, and only what was said of the site is still to be taken.
  const [booked, setBooked] = useState<string | null>(null);
  const [siteFault, setSiteFault] = useState<Error | null>(null);
  const asked = machine === null || out === '' || back === '' ? null : {
    machine_id: machine.id,
    goes_out: out,
    comes_back: back,
  };
  const proposal = useProposal(asked);
  const addHirer = useAddHirer();
  const book = useBookHire();
  const isBusy = addHirer.isPending || book.isPending;
  const fault = siteFault ?? book.error ?? addHirer.error ?? (asked === null ? null : proposal.error);
  // Nobody can say what is in the way: it is kept here, and stands.
  const isKept = asked !== null && isOutOfReach(book.error ?? addHirer.error ?? proposal.error);
  const fields = fault instanceof ProblemError ? fault.problem.field : undefined;
  const said = (of: Schema['MachineRow']) => ({
    id,
    machine_id: of.id,
    goes_out: out,
    comes_back: back,
    contact,
    contact_phone: phone,
    site,
  });
  const send = async () => {
    if (hirer === null || machine === null) {
      return;
    }
    if (isKept && booked === null) {
      await keepIt(hirer, machine);
      onClose();

      return;
    }
    const hireId = booked ?? (await bookIt(hirer, machine));
    setBooked(hireId);
    if (Object.keys(answers).length > 0) {
      try {
        await postToHire(hireId, 'site.answered', { answers });
      } catch (error) {
        setSiteFault(error as Error);

        return;
      }
    }
    onClose();
  };
  const bookIt = async (by: HirerChoice, of: Schema['MachineRow']): Promise<string> => {
    const hirerId = 'known' in by ? by.known.id : (await addHirer.mutateAsync({ name: by.name, phone })).id;
    const hire = await book.mutateAsync({ ...said(of), hirer_id: hirerId, knowing });

    return hire.id;
  };
  const keepIt = (by: HirerChoice, of: Schema['MachineRow']): Promise<void> =>
    bookings.keep({
      id,
      body: {
        ...said(of),
        // Of somebody new it is put in when the yard knows them.
        hirer_id: 'known' in by ? by.known.id : id,
        out_of_reach_at: new Date().toISOString(),
      },
      newHirer: 'known' in by ? null : { name: by.name, phone },
      answers,
      hirer: 'known' in by ? by.known.name : by.name,
      machine: of.fleet_number,
    });

  return (
    <Drawer
      open
      title={t('office.new_hire')}
      onClose={onClose}
      foot={
        <Button
          tone="jade"
          testId="book"
          disabled={isBusy || hirer === null || asked === null || !(isKept || mayBook(proposal.data, knowing))}
          under={machine === null ? t('office.choose_machine') : undefined}
          onClick={() => void send().catch(() => undefined)}
        >
          {t(isKept ? 'office.keep_booking' : 'office.book')}
        </Button>
      }
    >
      <HirerField value={hirer} onChange={setHirer} />
      <MachineField
        value={machine}
        onChange={(next) => {
          setMachine(next);
          setKnowing([]);
          setAnswers({});
        }}
      />
      <div className="two-times">
        <YardTimePicker
          label={t('office.goes_out')}
          value={out}
          testId="goes-out"
          wrong={fields?.['goes_out']?.[0]}
          onChange={setOut}
        />
        <YardTimePicker
          label={t('office.comes_back')}
          value={back}
          testId="comes-back"
          wrong={fields?.['comes_back']?.[0]}
          onChange={setBack}
        />
      </div>
      {proposal.data !== undefined && asked !== null && !isKept && (
        <InTheWay proposal={proposal.data} knowing={knowing} onKnow={setKnowing} onInstead={setMachine} />
      )}
      {isKept && (
        <p className="out-of-reach" role="status" data-testid="out-of-reach">
          {t('office.out_of_reach')}
        </p>
      )}
      {fault !== null && !isKept && <ProblemWords problem={problemOf(fault, t('state.no_network'))} />}
      <div className="two-times">
        <TextField
          label={t('office.contact')}
          value={contact}
          onChange={(event) => setContact(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 40, 'data-testid': 'contact' } }}
        />
        <TextField
          label={t('office.phone')}
          value={phone}
          onChange={(event) => setPhone(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 40, inputMode: 'tel', 'data-testid': 'phone' } }}
        />
      </div>
      <TextField
        label={t('office.site')}
        value={site}
        onChange={(event) => setSite(event.target.value)}
        slotProps={{ htmlInput: { maxLength: 300, 'data-testid': 'site' } }}
      />
      {machine !== null && !isKept && <SiteToBe machineId={machine.id} answers={answers} onAnswers={setAnswers} />}
    </Drawer>
  );
}
