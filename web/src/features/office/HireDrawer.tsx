import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import type { Schema } from '../../api/client';
import { ProblemError, problemOf } from '../../api/problem';
import { Button } from '../../app/Button';
import { Drawer } from '../../app/Drawer';
import { onYardClock } from '../../app/figures';
import { HoldButton } from '../../app/HoldButton';
import { ProblemWords } from '../../app/ProblemWords';
import { limitsOf } from '../fleet/limitsOf';
import { HirerLinkDrawer } from '../hirers/HirerLinkDrawer';
import { SiteOfHire } from '../limits/SiteOfHire';
import { InTheWay, mayBook } from './InTheWay';
import { MachineField } from './MachineField';
import { NameHirer } from './NameHirer';
import { ReplaceForm } from './ReplaceForm';
import { useChangeHire, useHire, useProposal, type HireChange } from './useOffice';
import { YardTimePicker } from './YardTimePicker';

/** A hire that is booked, or out: other days, another machine, or not at all. */
export function HireDrawer({ hireId, onClose }: { hireId: string; onClose: () => void }) {
  const { t } = useTranslation();
  const hire = useHire(hireId);

  return (
    <Drawer
      open
      title={hire.data === undefined ? t('state.fetching') : t('office.hire', { folio: hire.data.folio })}
      onClose={onClose}
    >
      {hire.data !== undefined && <HireForm key={hire.data.id} hire={hire.data} onClose={onClose} />}
      {hire.isError && <ProblemWords problem={problemOf(hire.error, t('state.no_network'))} />}
    </Drawer>
  );
}

function HireForm({ hire, onClose }: { hire: Schema['HireDetail']; onClose: () => void }) {
  const { t } = useTranslation();
  const change = useChangeHire(hire.id);
  const navigate = useNavigate();
  const [out, setOut] = useState(onYardClock(hire.goes_out_at));
  const [back, setBack] = useState(onYardClock(hire.comes_back_at));
  const [machine, setMachine] = useState<Schema['MachineRow'] | null>(hire.machine);
  const [why, setWhy] = useState('');
  const [knowing, setKnowing] = useState<Schema['HireConflict']['kind'][]>([]);
  const [isLinking, setIsLinking] = useState(false);
  const isBooked = hire.standing === 'booked';
  const [opened] = useState(() => Date.now());
  const hasBegun = isBooked && Date.parse(hire.goes_out_at) < opened;
  const asked = machine === null || out === '' || back === '' ? null : {
    machine_id: machine.id,
    hire_id: hire.id,
    goes_out: out,
    comes_back: back,
  };
  const proposal = useProposal(asked);
  const isSwap = machine !== null && machine.id !== hire.machine.id;
  // What is out needs no time before it any more.
  const known = isBooked ? knowing : [...knowing, 'no_time_to_walk' as const];
  const send = (what: HireChange) => change.mutate(what, { onSuccess: onClose });
  const fields = change.error instanceof ProblemError ? change.error.problem.field : undefined;

  return (
    <>
      <p>
        <b>{hire.hirer.name}</b>{' '}
        {[hire.contact, hire.contact_phone ?? hire.hirer.phone, hire.site].filter((one) => one !== null).join(', ')}
      </p>
      {hire.contested_with.length > 0 && (
        <p className="out-of-reach" role="status" data-testid="contested">
          {t('office.contested', { folios: hire.contested_with.join(', ') })}
        </p>
      )}
      {hire.in_place_of !== null && (
        <p>{t('office.in_place_of', { number: hire.in_place_of.fleet_number, folio: hire.in_place_of.folio })}</p>
      )}
      {hire.replaced_by !== null && (
        <p data-testid="replaced-by">
          {t('office.replaced_by', { number: hire.replaced_by.fleet_number, folio: hire.replaced_by.folio })}
        </p>
      )}
      {!hire.hirer_is_known && <NameHirer hireId={hire.id} />}
      {isBooked && <MachineField value={machine} onChange={setMachine} />}
      <div className="two-times">
        <YardTimePicker
          label={t('office.goes_out')}
          value={out}
          testId="goes-out"
          disabled={!isBooked}
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
      {proposal.data !== undefined && (
        <InTheWay
          proposal={proposal.data}
          knowing={known}
          onKnow={setKnowing}
          hasLeft={!isBooked}
          {...(isBooked ? { onInstead: setMachine } : {})}
        />
      )}
      {proposal.isError && <ProblemWords problem={problemOf(proposal.error, t('state.no_network'))} />}
      {isBooked && (
        <TextField
          label={t('office.why')}
          helperText={t(hasBegun ? 'office.why_words_begun' : 'office.why_words')}
          value={why}
          onChange={(event) => setWhy(event.target.value)}
          slotProps={{ htmlInput: { maxLength: 300, 'data-testid': 'why' } }}
        />
      )}
      {change.isError && <ProblemWords problem={problemOf(change.error, t('state.no_network'))} />}
      {isSwap ? (
        <Button
          tone="jade"
          testId="swap"
          disabled={change.isPending || why.trim().length < 3 || !mayBook(proposal.data, known)}
          onClick={() => send({ swap: { machine_id: machine.id, why, knowing: known } })}
        >
          {t('office.swap', { number: machine.fleet_number })}
        </Button>
      ) : (
        <Button
          tone="jade"
          testId="keep-hire"
          disabled={change.isPending || asked === null || !mayBook(proposal.data, known)}
          onClick={() =>
            send({
              details: {
                goes_out: out,
                comes_back: back,
                contact: hire.contact,
                contact_phone: hire.contact_phone,
                site: hire.site,
                knowing: known,
              },
            })
          }
        >
          {t('office.keep_days')}
        </Button>
      )}
      {hire.standing === 'out' && hire.replaced_by === null && <ReplaceForm hire={hire} onDone={onClose} />}
      <Button
        testId="hire-limits"
        under={t('limits.open_under')}
        onClick={() => void navigate(limitsOf(hire.machine.id, hire.id))}
      >
        {t('limits.title_hire')}
      </Button>
      <Button testId="hirer-link" under={t('hirer_link.open_under')} onClick={() => setIsLinking(true)}>
        {t('hirer_link.open')}
      </Button>
      {isLinking && <HirerLinkDrawer hireId={hire.id} onClose={() => setIsLinking(false)} />}
      <SiteOfHire machineId={hire.machine.id} hireId={hire.id} />
      {hasBegun && (
        <div className="hire-act">
          <p>{t('office.out_already_words')}</p>
          <HoldButton
            tone="ink"
            testId="out-already"
            disabled={change.isPending || why.trim().length < 3}
            under={t('act.hold')}
            onHeld={() => send({ outAlready: { reason: why.trim() } })}
          >
            {t('office.out_already')}
          </HoldButton>
        </div>
      )}
      {isBooked && (
        <div className="hire-act">
          <HoldButton
            tone="oxide"
            testId="cancel-hire"
            disabled={change.isPending || why.trim().length < 3}
            under={t('act.hold')}
            onHeld={() => send({ cancel: { why } })}
          >
            {t('office.cancel')}
          </HoldButton>
        </div>
      )}
    </>
  );
}
