import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import type { PendingAnswers } from '../state/pendingAnswers';
import { MinutesLeft } from './MinutesLeft';
import type { Position } from '../state/useWalkPosition';
import type { Outcome, Visit, Walk } from '../state/types';

interface Props {
  walk: Walk;
  position: Position;
  pending: PendingAnswers;
  onCross: (stage: string) => void;
  onDecide: () => void;
  isWide: boolean;
  isOver: boolean;
}

/** Stage, state, place and time: brackets for the machine states over a cell for each stop. */
export function Strip({ walk, position, pending, onCross, onDecide, isWide, isOver }: Props) {
  const { t } = useTranslation();
  const { plan, state } = walk;

  return (
    <section className="strip" aria-label={t('walk.strip')}>
      <div className="route">
        {plan.stages.map((stage) => {
          const visits = plan.visits.filter((visit) => visit.stage === stage.id);
          const isHere = stage.id === position.visit.stage;
          const isShut = state.shut_stages.some((shut) => shut.stage === stage.id);

          return (
            <div
              key={stage.id}
              className={`bracket ${isShut ? 'bracket-shut' : ''} ${isHere ? 'bracket-here' : ''} ${visits.length > 4 ? 'bracket-wide' : ''}`}
              style={{ '--cells': visits.length } as React.CSSProperties}
            >
              <button
                type="button"
                className={`bracket-title ${stage.id === state.stage ? 'on' : ''}`}
                onClick={() =>
                  visits[0] !== undefined && stage.id !== position.visit.stage
                    ? position.goVisit(visits[0])
                    : onCross(stage.id)
                }
              >
                <b>{stage.letter}</b>
                <span className="bracket-name">{stage.title}</span>
                {isShut && <span className="sr">{t('walk.shut')}</span>}
                {isHere && visits.length > 4 && <span className="bracket-summary">{stage.summary}</span>}
              </button>
              <div className="cells">
                {visits.map((visit) => (
                  <Cell
                    key={visit.number}
                    whose={whose(visit, walk)}
                    visit={visit}
                    outcome={visitOutcome(visit, walk, pending)}
                    isWaiting={visit.lines.some((line) => isWaiting(line.key, pending))}
                    isNow={visit.number === position.visit.number}
                    onGo={() => position.goVisit(visit)}
                  />
                ))}
              </div>
            </div>
          );
        })}
      </div>
      {isWide && <MinutesLeft walk={walk} isOver={isOver} onDecide={onDecide} />}
    </section>
  );
}

/** A stop is as good as the worst of its lines; it is open while one of them is. */
export function visitOutcome(visit: Visit, walk: Walk, pending: PendingAnswers): Outcome {
  const outcomes = visit.lines.map((line) =>
    isWaiting(line.key, pending)
      ? 'stands'
      : (walk.state.lines.find((state) => state.key === line.key)?.outcome ?? 'open'),
  );

  return (['stop', 'attend', 'open'] as const).find((outcome) => outcomes.includes(outcome)) ?? 'stands';
}

/** Answered here, and for the yard to judge: no longer open, and no verdict yet. */
const isWaiting = (key: string, pending: PendingAnswers): boolean =>
  pending.get(key) === 'not_judged' || pending.get(key) === 'cannot_tell';

/** Whose stop it is, where a walk is shared. */
function whose(visit: Visit, walk: Walk): string | undefined {
  return walk.state.people.length < 2
    ? undefined
    : walk.state.people.find(({ visits }) => visits.includes(visit.number))?.person.initials;
}

interface CellProps {
  visit: Visit;
  whose: string | undefined;
  outcome: Outcome;
  isWaiting: boolean;
  isNow: boolean;
  onGo: () => void;
}

function Cell({ visit, whose: initials, outcome, isWaiting: waits, isNow, onGo }: CellProps) {
  const { t } = useTranslation();
  const cell = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (isNow) {
      cell.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
    }
  }, [isNow]);

  return (
    <button
      ref={cell}
      type="button"
      className={`cell cell-${outcome} ${waits ? 'cell-waits' : ''} ${isNow ? 'cell-now' : ''}`}
      aria-current={isNow ? 'step' : undefined}
      aria-label={`${visit.number} ${visit.name}, ${waits && outcome === 'stands' ? t('walk.not_judged') : t(`outcome.${outcome}`)}`}
      data-testid={`cell-${visit.number}`}
      onClick={onGo}
    >
      <i>
        {outcome === 'attend' && !isNow && (
          <svg width="38" height="36" viewBox="0 0 38 36" aria-hidden="true">
            <path
              d="M3 1.5H36L30 16L36 30.5H3Z"
              fill="var(--ochre)"
              stroke="var(--ink)"
              strokeWidth="2"
              strokeLinejoin="round"
            />
            <path d="M3 0V38" stroke="var(--ink)" strokeWidth="3.4" />
          </svg>
        )}
        <span>{visit.number}</span>
      </i>
      {initials !== undefined && <b className="cell-whose">{initials}</b>}
      <em>{visit.name}</em>
    </button>
  );
}
