import { useTranslation } from 'react-i18next';
import { Mark } from '../../../marks/Mark';
import type { PendingAnswers } from '../state/pendingAnswers';
import type { Position } from '../state/useWalkPosition';
import type { Outcome, Walk } from '../state/types';

interface Props {
  walk: Walk;
  position: Position;
  pending: PendingAnswers;
}

/** The pages of a stop that has more than fit on one, each as the worst of its lines. */
export function LeafPages({ walk, position, pending }: Props) {
  const { t } = useTranslation();
  const { leaves } = position.visit;
  if (leaves.length < 2) {
    return null;
  }
  const outcomes = new Map(walk.state.lines.map((line) => [line.key, line.outcome]));
  const worst = (keys: string[]): Outcome => {
    const said = keys.map((key) => (pending.has(key) ? 'stands' : (outcomes.get(key) ?? 'open')));

    return (['stop', 'attend', 'open'] as const).find((outcome) => said.includes(outcome)) ?? 'stands';
  };

  return (
    <nav className="station-pages" aria-label={t('station.pages')}>
      {leaves.map((leaf, at) => (
        <button
          key={leaf.lines[0]}
          type="button"
          data-testid={`page-${at + 1}`}
          aria-current={at + 1 === position.leafNumber ? 'page' : undefined}
          aria-label={`${t('station.page', { number: at + 1, count: leaves.length })}, ${t(`outcome.${worst(leaf.lines)}`)}`}
          onClick={() =>
            position.goLine(
              leaf.lines.find((key) => outcomes.get(key) === 'open' && !pending.has(key)) ?? leaf.lines[0] ?? '',
            )
          }
        >
          <Mark outcome={worst(leaf.lines)} size={20} />
          {at + 1}
        </button>
      ))}
    </nav>
  );
}
