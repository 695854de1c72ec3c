import type { TFunction } from 'i18next';
import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { calendarDay } from '../../../app/figures';
import { HoldButton } from '../../../app/HoldButton';
import type { Position } from '../state/useWalkPosition';
import type { Walk } from '../state/types';
import type { PlainCrossing } from '../crossing/usePlainCrossing';
import { all, isSaidAtOnce, ranges, type Item, type Items } from './items';

interface Props {
  walk: Walk;
  position: Position;
  items: Items;
  /** What is said by the held act. */
  rest: Item[];
  /** Carried lines, which it says too. */
  affirmed: Item[];
  /** The one thing that is left on the page, where it can be said as it is. */
  last: Item | undefined;
  mayAnswer: boolean;
  mayPost: boolean;
  /** What must be true before anything here is answered, where that is only read. */
  crossing: PlainCrossing | null;
  /** The way back of a walk that was opened by mistake; none where something was answered in it. */
  giveBack: ReactNode;
  onHeld: () => void;
  onLast: () => void;
  onCrossed: () => void;
  onGoOn: () => void;
  onDecide: () => void;
}

/** What is left on this page, the act that says it at once, and the way on. */
export function LeafFoot({
  walk,
  position,
  items,
  rest,
  affirmed,
  last,
  mayAnswer,
  mayPost,
  crossing,
  giveBack,
  onHeld,
  onLast,
  onCrossed,
  onGoOn,
  onDecide,
}: Props) {
  const { t } = useTranslation();
  const open = (list: Item[]) => list.filter((item) => !item.isDone);
  const toRead = open(items.opened).filter((item) => !rest.includes(item)).length;
  const left = [
    ...(open(items.each).some(({ isAlone }) => isAlone)
      ? [t('station.to_touch', { count: open(items.each).filter(({ isAlone }) => isAlone).length })]
      : []),
    ...(toRead > 0 ? [t('station.to_read', { count: toRead })] : []),
    ...(rest.length > 0 ? [t('station.together', { count: rest.length })] : []),
    ...(affirmed.length > 0 ? [t('station.to_affirm', { count: affirmed.length })] : []),
  ];
  const openHere = open(all(items)).length;
  const next = position.next();
  const isAllRead = walk.state.progress.lines_left === 0 && walk.state.tag === null;
  const pages = position.visit.leaves.length;
  const isBoth = crossing !== null && isSaidAtOnce(items);
  const lastHere = crossing === null && mayAnswer && rest.length + affirmed.length === 0 ? last : undefined;

  return (
    <footer className="station-foot">
      <p className="station-left">
        <em>{t('station.left_here')}</em>
        <b>{left.length === 0 ? t(openHere > 0 ? 'station.waits' : 'station.nothing_left') : left.join(', ')}</b>
        {pages > 1 && <small>{t('station.page', { number: position.leafNumber, count: pages })}</small>}
      </p>
      {crossing !== null && (
        <HoldButton
          testId="confirm-state"
          disabled={crossing.busy}
          under={crossingUnder(crossing, items, rest, affirmed, t)}
          onHeld={() => void crossing.goIn().then((posted) => posted && onCrossed())}
        >
          {t('crossing.confirm', { state: crossing.stage.title })}
        </HoldButton>
      )}
      {crossing === null && mayAnswer && rest.length + affirmed.length > 0 && (
        <HoldButton
          testId="others-stand"
          under={t('station.hold', { lines: ranges([...rest, ...affirmed], t('station.to')) })}
          onHeld={onHeld}
        >
          {heldWords(rest, affirmed, t)}
        </HoldButton>
      )}
      {lastHere !== undefined && (
        <HoldButton testId="last-stands" under={t('station.last_under')} onHeld={onLast}>
          {t('station.last', { number: lastHere.number, words: lastWords(lastHere) })}
        </HoldButton>
      )}
      {crossing === null && lastHere === undefined && (!mayAnswer || rest.length + affirmed.length === 0) && <span />}
      {/* Something is not so there: it is said once the machine is in the state. */}
      {isBoth && (
        <HoldButton
          tone="ink"
          testId="only-state"
          disabled={crossing?.busy}
          under={t('crossing.only_under')}
          onHeld={() => void crossing?.goIn()}
        >
          {t('crossing.only', { state: crossing?.stage.title })}
        </HoldButton>
      )}
      {!isBoth && isAllRead && mayPost && (
        <Button tone="jade" testId="decide-now" under={t('walk.all_read')} onClick={onDecide}>
          {t(walk.state.decision === null ? 'walk.decide_now' : 'walk.see_decision')}
        </Button>
      )}
      {!isBoth && giveBack}
      {!isBoth && giveBack === null && !(isAllRead && mayPost) && (
        <Button
          tone={openHere === 0 ? 'jade' : 'plain'}
          testId="on"
          disabled={next === null}
          under={openHere > 0 ? t('station.stay_open', { count: openHere }) : undefined}
          onClick={onGoOn}
        >
          {onWords(next, position, t)}
        </Button>
      )}
    </footer>
  );
}

/** What is so: what the step of a test expects, or the line. */
const lastWords = ({ line, step }: Item): string =>
  step === null ? line.accept : (line.test[step]?.expect ?? line.accept);

/** What the act says that brings the machine into its state: on a page that is said at once, that too. */
function crossingUnder(crossing: PlainCrossing, items: Items, rest: Item[], affirmed: Item[], t: TFunction): string {
  return isSaidAtOnce(items)
    ? t('crossing.hold_and', { words: heldWords(rest, affirmed, t) })
    : t('crossing.hold_read', { count: crossing.lines.length });
}

/** What the held act says: lines as on the return walk, and the others. */
function heldWords(rest: Item[], affirmed: Item[], t: TFunction): string {
  const day = affirmed[0]?.carried?.day;
  if (day === undefined) {
    return t('station.others_stand', { count: rest.length });
  }
  const date = calendarDay(day);

  return rest.length === 0
    ? t('station.as_on', { date, count: affirmed.length })
    : t('station.as_on_and', { date, carried: affirmed.length, count: rest.length });
}

function onWords(next: ReturnType<Position['next']>, position: Position, t: TFunction): string {
  if (next === null) {
    return t('station.nothing_ahead');
  }
  const { number, name } = next.visit;

  return next.visit === position.visit ? t('station.on_here', { name }) : t('station.on', { number, name });
}
