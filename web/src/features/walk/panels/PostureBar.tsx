import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { figure, unbroken, unitName } from '../../../app/figures';
import { NumberPad } from '../../../instruments/NumberPad';
import { Mark } from '../../../marks/Mark';
import type { Line, Observed, Walk } from '../state/types';

interface Props {
  walk: Walk;
  line: Line;
  stage: string;
  observed: Record<string, Observed>;
  onObserved: (observed: Record<string, Observed>) => void;
  mayPost: boolean;
}

type Condition = Walk['plan']['conditions'][number];

/** The state before the question: what has to be held for this reading to mean anything, and what is held. */
export function PostureBar({ walk, line, stage, observed, onObserved, mayPost }: Props) {
  const { t } = useTranslation();
  const [measuring, setMeasuring] = useState<Condition | null>(null);
  const conditions = line.conditions.flatMap((id) => walk.plan.conditions.filter((condition) => condition.id === id));
  const needed = walk.plan.stages.find((one) => one.id === stage);
  const inState = walk.state.stage === stage;
  const missing = conditions.filter((condition) => !isHeld(condition, observed[condition.id]));
  // Those that are seen, and not measured: said together where there are several.
  const unseen = unseenOf(walk, line, observed);
  const allAreSo = () =>
    onObserved({
      ...observed,
      ...Object.fromEntries(unseen.map(({ id }) => [id, { condition: id, seen: true }])),
    });
  const touch = (condition: Condition) => {
    const now = observed[condition.id];
    // Seen to be within its limits; touched again, it is measured, or not so after all.
    if (condition.unit !== null && (condition.wants_figure || now !== undefined)) {
      setMeasuring(condition);
    } else {
      onObserved({ ...observed, [condition.id]: { condition: condition.id, seen: now?.seen !== true } });
    }
  };

  return (
    <section
      className="posture"
      aria-label={t('walk.posture')}
      style={{ '--conditions': Math.max(1, conditions.length) } as React.CSSProperties}
    >
      <div className={`posture-held ${inState && missing.length === 0 ? 'held' : ''}`}>
        <h3>{t('walk.posture')}</h3>
        {mayPost && inState && unseen.length > 1 ? (
          <button type="button" className="posture-all" data-testid="all-held" onClick={allAreSo}>
            {t('walk.all_held', { count: unseen.length })}
          </button>
        ) : (
          <p>
            <Mark outcome={inState && missing.length === 0 ? 'stands' : 'open'} size={20} />
            {!inState && t('walk.other_state')}
            {inState && (missing.length === 0 ? t('walk.held') : t('walk.not_held', { count: missing.length }))}
          </p>
        )}
      </div>
      {conditions.length === 0 && (
        <p className="posture-state">
          <b>{needed?.title}</b>
          {needed?.summary}
        </p>
      )}
      {conditions.map((condition, at) => (
        <button
          key={condition.id}
          type="button"
          className="condition"
          disabled={!mayPost}
          aria-pressed={isHeld(condition, observed[condition.id])}
          data-testid={`condition-${condition.id}`}
          onClick={() => touch(condition)}
        >
          <span>
            <em>{'abcdefgh'[at]}</em>
            {unbroken(condition.asks)}
          </span>
          <b>{shown(condition, observed[condition.id], t('walk.seen'), t('walk.touch'))}</b>
        </button>
      ))}
      <NumberPad
        open={measuring !== null}
        title={measuring?.asks ?? ''}
        unit={unitName(measuring?.unit ?? '')}
        allowMinus={measuring?.unit === 'degC'}
        onClose={() => setMeasuring(null)}
        onSet={(value) =>
          measuring !== null &&
          onObserved({ ...observed, [measuring.id]: { condition: measuring.id, value: String(value) } })
        }
      />
    </section>
  );
}

/** Conditions of which nobody has said anything yet, and which are seen and not measured. */
export const unseenOf = (walk: Walk, line: Line, observed: Record<string, Observed>): Condition[] =>
  line.conditions.flatMap((id) =>
    walk.plan.conditions.filter(
      (condition) => condition.id === id && !condition.wants_figure && observed[id] === undefined,
    ),
  );

/** Only for what is drawn; whether the reading counts is for the server to say. */
export function isHeld(condition: Condition, seen: Observed | undefined): boolean {
  if (seen?.value === undefined || condition.unit === null) {
    return seen?.seen === true && !condition.wants_figure;
  }
  const value = Number(seen.value);

  return (
    (condition.at_least === null || value >= condition.at_least) &&
    (condition.at_most === null || value <= condition.at_most)
  );
}

function shown(condition: Condition, seen: Observed | undefined, seenWord: string, touchWord: string): string {
  if (condition.unit === null || seen?.value === undefined) {
    return seen?.seen === true ? seenWord : touchWord;
  }

  return `${figure(seen.value)}${condition.unit === 'deg' ? '' : ' '}${unitName(condition.unit)}`;
}
