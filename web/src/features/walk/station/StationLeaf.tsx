import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { ProblemWords } from '../../../app/ProblemWords';
import { TranslationNote } from '../../../app/TranslationNote';
import { useElapsed } from '../../../app/useElapsed';
import { KnownHere } from '../panels/KnownHere';
import type { PanelProps } from '../panels/PanelProps';
import { CannotTellDrawer } from '../panels/CannotTellDrawer';
import { NotFittedReasons } from '../panels/NotFittedReasons';
import { NeedsState } from '../panels/NeedsState';
import { PutRightDrawer } from '../panels/PutRightDrawer';
import { ReasonDrawer } from '../panels/ReasonDrawer';
import { OBSERVED } from '../panels/TestPanel';
import { isReadLaterHere } from '../state/readLater';
import { secondsLeft, type TestRun } from '../state/testRuns';
import type { Line } from '../state/types';
import { turnPage } from '../state/useWalkPosition';
import { CrossingBand } from '../crossing/CrossingBand';
import type { PlainCrossing } from '../crossing/usePlainCrossing';
import { GiveBackButton } from '../strip/GiveBackButton';
import { CarriedCells } from './CarriedCells';
import { all, isSaidAtOnce, lastOf, type Item } from './items';
import { LeafFoot } from './LeafFoot';
import { OpenedRow } from './OpenedRow';
import { countedOf, quickOf } from './quick';
import { TogetherCell } from './TogetherCell';
import { TouchRow } from './TouchRow';
import type { LeafState } from './useLeaf';
import { useLeafAnswers } from './useLeafAnswers';
import { useLeafKeys } from './useLeafKeys';
import './station.css';

interface Props extends PanelProps {
  state: LeafState;
  /** The line whose instrument stands beside the list. */
  beingSet: string | null;
  /** What must be true before anything here is answered, where that is only read. */
  crossing: PlainCrossing | null;
  /** Shows a line with all that is known of it, in place of the list. */
  onOpen: (line: string) => void;
  /** Something is wrong there. */
  onNotSo: (line: string) => void;
  onGivenBack: () => void;
}

/** One stop, one page: what tags out is touched line by line, instruments are opened, the rest is said together. */
export function StationLeaf(props: Props) {
  const { walk, position, mayPost, post, tests, onCross, onOpen, onNotSo, onRefused, refusal, state } = props;
  const { beingSet, crossing } = props;
  const { items, present, pick } = state;
  const { t } = useTranslation();
  const { visit, leaf } = position;
  const [unfolded, setUnfolded] = useState(false);
  const [otherwise, setOtherwise] = useState<Item | null>(null);
  const [puttingRight, setPuttingRight] = useState<Line | null>(null);
  const [unread, setUnread] = useState<Line | null>(null);
  const inState = walk.state.stage === visit.stage || leaf.lines.some((key) => isReadLaterHere(walk, key));
  const mayAnswer = mayPost && inState;
  const now = useNow(items.each.concat(items.together), tests.of);
  const waitsFor = (item: Item) => {
    const step = item.step === null ? undefined : item.line.test[item.step];

    return step === undefined ? 0 : secondsLeft(step, tests.of(item.line.key).startedAt[item.step ?? 0], now);
  };
  const rest = [...items.each, ...items.together].filter(
    (item) => !item.isAlone && !item.isDone && waitsFor(item) === 0,
  );
  const affirmed = items.carried.filter((item) => !item.isDone);
  const counted = countedOf(items, walk.state.lines);
  const answers = useLeafAnswers({
    position,
    post,
    tests,
    leaf: state,
    onRefused,
    onOpen,
    onAnswered: state.unpick,
    onWalked: props.onTag,
  });
  const notSo = (item: Item) => {
    if (item.step !== null) {
      setOtherwise(item);
    } else if (item.line.other_answers?.includes('put_right') === true) {
      setPuttingRight(item.line);
    } else {
      onNotSo(item.line.key);
    }
  };
  const sayInstead = (line: Line, answer: 'cannot_tell' | 'not_fitted', words: string) => {
    setUnread(null);
    answers.instead(line, answer, words);
  };
  const restStands = () => answers.restStands(items, rest, affirmed, counted);
  // The last thing on a page may be held: that goes on, as the act does that says several.
  const last = lastOf(items);
  const lastQuick =
    last === undefined ? null : quickOf(last, walk.state.lines.find(({ key }) => key === last.line.key));
  const lastIsSaid =
    last !== undefined && (lastQuick !== null || (items.each.includes(last) && last.isAlone && waitsFor(last) === 0));
  const sayLast = () => {
    if (last !== undefined) {
      if (lastQuick === null) {
        answers.stands(last);
      } else {
        answers.quick(lastQuick);
      }
      answers.goOn([last.line.key]);
    }
  };
  useLeafKeys({
    items: all(items),
    present,
    onPick: pick,
    onStands: (item) =>
      mayAnswer &&
      items.each.includes(item) &&
      !item.isDone &&
      (item.isAlone || waitsFor(item) > 0) &&
      (waitsFor(item) === 0 ? answers.stands(item) : answers.start(item)),
    onNotSo: (item) => mayAnswer && notSo(item),
    onOpen: (item) => onOpen(item.line.key),
    onCarried: () => setUnfolded(!unfolded),
  });
  const row = (item: Item) => ({
    item,
    isPresent: item.id === present?.id,
    mayAnswer,
    waits: waitsFor(item),
    onPick: () => pick(item),
    onStands: () => answers.stands(item),
    onStart: () => answers.start(item),
    onNotSo: () => notSo(item),
    onOpen: () => onOpen(item.line.key),
  });

  return (
    <section
      className="station-leaf"
      aria-label={visit.name}
      data-testid="station"
      data-line={present?.line.key}
      data-item={present?.id}
    >
      <div
        className="station-list"
        style={{ '--rows': rowsOf(items) } as React.CSSProperties}
      >
        {crossing !== null && <CrossingBand crossing={crossing} />}
        {!inState && mayPost && crossing === null && (
          <NeedsState walk={walk} stage={visit.stage} onCross={onCross} />
        )}
        <KnownHere walk={walk} visit={visit} mayPost={mayPost} post={post} onWorse={props.onKnown} />
        <ProblemWords problem={refusal ?? answers.problem} />
        {items.each.length > 0 && (
          <>
            <h3 className="station-head station-head-each">
              {t('station.each')} <em>{t('station.each_why')}</em>
            </h3>
            <ul>
              {items.each.map((item) => (
                <TouchRow key={item.id} {...row(item)} />
              ))}
            </ul>
          </>
        )}
        {items.opened.length > 0 && (
          <ul aria-label={t('station.opened')}>
            {items.opened.map((item) => (
              <OpenedRow
                key={item.id}
                {...row(item)}
                walk={walk}
                isBeingSet={item.line.key === beingSet}
                onCannot={() => setUnread(item.line)}
                onQuick={answers.quick}
              />
            ))}
          </ul>
        )}
        <ul className="station-others" aria-label={t('station.others')}>
          {items.together.map((item) => (
            <TogetherCell key={item.id} {...row(item)} />
          ))}
          <CarriedCells
            items={items.carried}
            isUnfolded={unfolded}
            onFold={() => setUnfolded(!unfolded)}
            onLook={state.lookAgain}
          />
        </ul>
        <TranslationNote />
      </div>
      <LeafFoot
        walk={walk}
        position={position}
        items={items}
        rest={[...rest, ...counted.map(({ item }) => item)]}
        affirmed={affirmed}
        last={lastIsSaid ? last : undefined}
        mayAnswer={mayAnswer}
        mayPost={mayPost}
        crossing={crossing}
        giveBack={
          crossing !== null && walk.state.may_be_given_back && props.pending.size === 0 ? (
            <GiveBackButton post={post} onGivenBack={props.onGivenBack} />
          ) : null
        }
        onHeld={restStands}
        onLast={sayLast}
        onCrossed={() => isSaidAtOnce(items) && restStands()}
        onGoOn={() => turnPage(position)}
        onDecide={props.onTag}
      />
      <ReasonDrawer
        open={otherwise !== null}
        title={
          otherwise === null ? '' : t('test.expected', { expect: otherwise.line.test[otherwise.step ?? 0]?.expect })
        }
        asks={
          (otherwise?.step ?? 0) > 0
            ? t('station.observed_after', { count: otherwise?.step ?? 0 })
            : t('test.observed_asks')
        }
        reasons={OBSERVED.map((id) => ({ id: `observed-${id}`, words: t(`test.observed.${id}`) }))}
        names={{ own: t('test.observed_own'), post: t('test.post_observed') }}
        onClose={() => setOtherwise(null)}
        onReason={(observed) =>
          otherwise !== null && void answers.endsOtherwise(otherwise, observed).then(() => setOtherwise(null))
        }
      />
      {puttingRight !== null && (
        <PutRightDrawer
          open
          line={puttingRight}
          busy={answers.busy}
          onClose={() => setPuttingRight(null)}
          onPutRight={() => {
            setPuttingRight(null);
            answers.putRight(puttingRight);
          }}
          onAmiss={() => {
            setPuttingRight(null);
            onNotSo(puttingRight.key);
          }}
        />
      )}
      {unread !== null && (
        <CannotTellDrawer
          open
          title={unread.title}
          onClose={() => setUnread(null)}
          onReason={(words) => sayInstead(unread, 'cannot_tell', words)}
        >
          <NotFittedReasons line={unread} onReason={(words) => sayInstead(unread, 'not_fitted', words)} />
        </CannotTellDrawer>
      )}
    </section>
  );
}

/** How many rows the page is high: what is said together stands in two columns. */
const rowsOf = ({ each, opened, together, carried }: LeafState['items']): number =>
  Math.max(1, each.length + opened.length + Math.ceil((together.length + (carried.length > 0 ? 1 : 0)) / 2));

/** The clock of this tablet, which goes on while a step is held. */
function useNow(items: Item[], runOf: (line: string) => TestRun): number {
  const running = items.flatMap(({ line, step, isDone }) =>
    step === null || isDone ? [] : (runOf(line.key).startedAt[step] ?? []),
  );
  const first = running.length === 0 ? null : Math.min(...running);
  const elapsed = useElapsed(first);

  return first === null ? 0 : first + elapsed * 1000;
}
