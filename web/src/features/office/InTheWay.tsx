import { useLayoutEffect } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { shortDate } from '../../app/figures';
import { Button } from '../../app/Button';
import { pageChanged } from '../../app/touchGuard';
import { Mark } from '../../marks/Mark';
import './office.css';

type Conflict = Schema['HireConflict'];

interface Props {
  proposal: Schema['HireProposal'];
  knowing: Conflict['kind'][];
  onKnow: (kinds: Conflict['kind'][]) => void;
  /** The machine is out: whether there was time to walk it out is over. */
  hasLeft?: boolean;
  /** Where another machine may be taken instead. */
  onInstead?: (machine: Schema['MachineRow']) => void;
}

/** What stands in the way of a hire: what bars it, and what somebody has to say that they know. */
export function InTheWay({ proposal, knowing, onKnow, hasLeft = false, onInstead }: Props) {
  const { t } = useTranslation();
  const conflicts = proposal.conflicts.filter(({ kind }) => !hasLeft || kind !== 'no_time_to_walk');
  const said = conflicts.map((one) => one.words).join();
  // The answer moves every button below it, and one of them keeps the days.
  useLayoutEffect(pageChanged, [said]);

  return (
    <section className="in-the-way" aria-label={t('office.in_the_way')} aria-live="polite" data-testid="in-the-way">
      <h3>{t('office.in_the_way')}</h3>
      {conflicts.length === 0 && (
        <p>
          <Mark outcome="stands" size={20} /> {t('office.nothing_in_the_way')}
        </p>
      )}
      {conflicts.map((one) => (
        <div key={one.kind + one.words} className="conflict">
          <Mark outcome={one.bars ? 'stop' : 'attend'} size={20} />
          <span>{one.words}</span>
          {!one.bars && (
            <Button
              pressed={knowing.includes(one.kind)}
              testId={`know-${one.kind}`}
              onClick={() =>
                onKnow(
                  knowing.includes(one.kind) ? knowing.filter((kind) => kind !== one.kind) : [...knowing, one.kind],
                )
              }
            >
              {t('office.i_know')}
            </Button>
          )}
        </div>
      ))}
      {onInstead !== undefined && proposal.instead.length > 0 && (
        <>
          <p>{t('office.instead')}</p>
          <div className="choices">
            {proposal.instead.map((machine) => (
              <Button key={machine.id} testId={`instead-${machine.fleet_number}`} onClick={() => onInstead(machine)}>
                {machine.fleet_number}
              </Button>
            ))}
          </div>
        </>
      )}
      {!hasLeft && <p className="start-by">{t('office.start_by', { date: shortDate(proposal.start_by) })}</p>}
    </section>
  );
}

/** Whether it can be booked: nothing bars it, and all else was read. */
export function mayBook(proposal: Schema['HireProposal'] | undefined, knowing: Conflict['kind'][]): boolean {
  return proposal !== undefined && proposal.conflicts.every((one) => !one.bars && knowing.includes(one.kind));
}
