import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schema } from '../../api/client';
import { Button } from '../../app/Button';
import { Mark } from '../../marks/Mark';
import { NumberedPlan } from './NumberedPlan';
import { farOff } from './words';

type Point = Schema['ServicePoint'];

interface Props {
  service: Schema['ServiceOfMachine'];
  /** Ids of points that were done here and wait for the network. */
  keptHere: ReadonlySet<string>;
  onChoose: (id: string) => void;
}

const DUE: Schema['ServiceState'][] = ['overdue', 'due', 'not_known'];

/** The name of the words that say where a point stands. */
function stateOf({ state, last, because }: Point, isKept: boolean, today: string): string {
  if (isKept) {
    return 'service.kept_here';
  }

  if (last?.on !== today && typeof because === 'string') {
    return `service.because.${because}`;
  }

  if (state === 'not_known' && last !== null && last.on !== today) {
    return 'service.no_hours';
  }

  return last?.on === today ? 'service.done_today' : `service.state.${state}`;
}

/** The service points of a machine as one comes to them on the way round it, numbered on its plan. */
export function ServiceSheet({ service, keptHere, onChoose }: Props) {
  const { t } = useTranslation();
  const round = [...service.points].sort((one, other) => (one.walked ?? 0) - (other.walked ?? 0));
  const isDone = ({ id, last }: Point) => keptHere.has(id) || last?.on === service.today;
  // What was done today stays in the list: one sees what one has been to.
  const due = round.filter((point) => DUE.includes(point.state) || point.on_hire !== null || isDone(point));
  const [isDueOnly, setIsDueOnly] = useState(due.length > 0);
  const shown = isDueOnly ? due : round;
  if (round.length === 0) {
    return <p>{t('service.none')}</p>;
  }

  return (
    <section className="service-sheet" aria-label={t('service.sheet')}>
      <div className="choices">
        <Button pressed={isDueOnly} testId="sheet-due" onClick={() => setIsDueOnly(true)}>
          {t('service.sheet_due', { count: due.length })}
        </Button>
        <Button pressed={!isDueOnly} testId="sheet-all" onClick={() => setIsDueOnly(false)}>
          {t('service.sheet_all', { count: round.length })}
        </Button>
      </div>
      {service.drawing !== undefined && (
        <NumberedPlan
          plan={service.drawing}
          label={t('service.sheet')}
          places={shown.map((point, at) => ({ number: at + 1, at: point.at ?? null, isDone: isDone(point) }))}
        />
      )}
      {shown.length === 0 && <p>{t('service.sheet_nothing')}</p>}
      <ol className="service-points">
        {shown.map((point, at) => (
          <li key={point.id}>
            {(at === 0 || shown[at - 1]?.station !== point.station) && (
              <h3>{point.station ?? t('service.sheet_anywhere')}</h3>
            )}
            <button type="button" data-testid={`do-${point.id}`} onClick={() => onChoose(point.id)}>
              <i>{at + 1}</i>
              <span>
                <b>{point.name}</b>
                <small>
                  <Mark outcome={isDone(point) ? 'stands' : point.mark} size={20} />
                  {t(stateOf(point, keptHere.has(point.id), service.today))}
                </small>
              </span>
              <em>{farOff(point, t)}</em>
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}
