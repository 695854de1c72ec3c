import useMediaQuery from '@mui/material/useMediaQuery';
import { useEffect, useMemo, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate, useParams } from 'react-router';
import { whatToDo, type Problem } from '../../api/problem';
import { clock, figure } from '../../app/figures';
import { feel } from '../../app/feel';
import { Notice } from '../../app/Notice';
import { Page } from '../../app/Page';
import { pageChanged } from '../../app/touchGuard';
import { useOutbox } from '../../offline/useOutbox';
import { SaidByHirer } from '../reports/SaidByHirer';
import { useMe } from '../session/useSession';
import { CrossingSheet } from './crossing/CrossingSheet';
import { usePlainCrossing } from './crossing/usePlainCrossing';
import { DecisionDrawer } from './decision/DecisionDrawer';
import { FindingDrawer, type FindingPlace } from './finding/FindingDrawer';
import { LinePanel } from './panels/LinePanel';
import { ReadingInPlace } from './panels/ReadingInPlace';
import { LeafPages } from './station/LeafPages';
import { all, lastOf, numbersOf } from './station/items';
import { useReadingInPlace } from './station/useReadingInPlace';
import { StationDrawing } from './station/StationDrawing';
import { StationLeaf } from './station/StationLeaf';
import { useLeaf } from './station/useLeaf';
import { WherePlan } from './station/WherePlan';
import { useTestRuns } from './state/testRuns';
import { MinutesLeft } from './strip/MinutesLeft';
import { PostureBar } from './panels/PostureBar';
import { pendingAnswers } from './state/pendingAnswers';
import { KeysDrawer } from './KeysDrawer';
import { SeenAgainDrawer } from './finding/SeenAgainDrawer';
import { ShareBar } from './strip/ShareBar';
import { Strip } from './strip/Strip';
import { WalkDrawing } from './drawing/WalkDrawing';
import { usePersistentState } from '../../app/usePersistentState';
import { TaggedNotice } from './decision/TaggedNotice';
import { usePost, useWalk } from './state/useWalk';
import { useWakeLock } from './state/useWakeLock';
import { useWalkKeys } from './state/useWalkKeys';
import { NotTaken } from './decision/NotTaken';
import { isReadLaterHere } from './state/readLater';
import { applyPending } from './state/applyPending';
import { placedHere } from './state/placedHere';
import { withoutNetwork } from './state/withoutNetwork';
import { turnPage, useWalkPosition } from './state/useWalkPosition';
import type { Observed, Walk } from './state/types';
import './walk.css';

export default function WalkPage() {
  const { t } = useTranslation();
  const { walkId = '' } = useParams();
  const walk = useWalk(walkId);
  if (walk.isPending) {
    return <Notice words={t('state.fetching')} />;
  }
  if (walk.data === undefined) {
    return (
      <Notice
        words={whatToDo(walk.error, t('state.no_answer'))}
        act={t('state.try_again')}
        onAct={() => void walk.refetch()}
      />
    );
  }

  return <WalkInProgress key={walk.data.id} walk={walk.data} isStale={walk.isError} />;
}

function bodyClass(isOpened: boolean, isInPlace: boolean): string {
  if (isOpened) {
    return 'walk-body';
  }

  return isInPlace ? 'walk-body walk-body-leaf walk-body-reading' : 'walk-body walk-body-leaf';
}

/** The walk: strip, drawing and instrument are three views of one position and move together. */
function WalkInProgress({ walk: taken, isStale }: { walk: Walk; isStale: boolean }) {
  const { t } = useTranslation();
  const navigate = useNavigate();
  const me = useMe();
  const post = usePost(taken.id);
  const { kept, refused: notTaken, nextTry } = useOutbox();
  const walk = useMemo(() => applyPending(taken, kept), [taken, kept]);
  const pending = useMemo(() => pendingAnswers(kept, walk.id), [kept, walk.id]);
  const unsent = useMemo(() => placedHere(kept, walk.id), [kept, walk.id]);
  const known = useMemo(() => withoutNetwork(walk, pending, kept), [walk, pending, kept]);
  const position = useWalkPosition(walk, pending, me.id);
  const { state, plan } = walk;
  const [observed, setObserved] = usePersistentState<Record<string, Observed>>(
    `walk.observed.1.${walk.id}.${state.stage ?? 'none'}`,
    {},
  );
  const [crossingTo, setCrossingTo] = useState<string | null>(null);
  const [placing, setPlacing] = useState<FindingPlace | null>(null);
  const [lookingAt, setLookingAt] = useState<string | null>(null);
  const [deciding, setDeciding] = useState(() => new URLSearchParams(window.location.search).has('decision'));
  const [helping, setHelping] = useState(false);
  const tests = useTestRuns(taken.id);
  // What is shown with all that is known of it, in place of the list of the page.
  const [opened, setOpened] = useState<string | null>(null);
  const [showsPlan, setShowsPlan] = useState(false);
  const [refused, setRefused] = useState<{ line: string; problem: Problem } | null>(null);
  const isWide = useMediaQuery('(min-width: 1001px)', { noSsr: true });
  useWakeLock();

  const hasLeft = ['out', 'gone', 'walking_in', 'returned'].includes(state.hire_standing);
  const isOver = state.hire_standing === 'closed' || (plan.movement === 'checkout' && hasLeft);
  const mayPost = me.may.walk && !isOver;
  // The walk stops at a bracket: the next open line needs another state than the machine is in.
  const needed = position.visit.stage;
  const line = state.lines.find((one) => one.key === position.line.key);
  const mustCross =
    mayPost &&
    (state.stage === null ||
      (needed !== state.stage && line?.outcome === 'open' && !state.stages_entered.includes(needed)));
  const crossing = crossingTo ?? (mustCross ? needed : null);
  const leaf = useLeaf(walk, position, pending, tests);
  const closeUp = position.leaf.drawing;
  const isOpened = opened !== null && position.leaf.lines.includes(opened);
  const inPlace = useReadingInPlace(walk, position, leaf, { mayPost });
  const isInPlace = crossing === null && !isOpened && inPlace.isShown;
  const crossingStage = plan.stages.find((stage) => stage.id === crossing);
  const isOfPage = mustCross && crossingTo === null && !isOpened && state.tag === null;
  const plain = usePlainCrossing(walk, isOfPage ? crossingStage : undefined, pending, post);
  const page = `${position.visit.number}.${position.leafNumber}`;
  const shown = plain?.stage.id ?? crossing ?? (isOpened || isInPlace ? position.line.key : page);
  useEffect(pageChanged, [shown]);
  // Whoever has gone on before the yard answered is not called back.
  const present = useRef(position.line.key);
  useEffect(() => {
    present.current = position.line.key;
  });

  const open = (line: string) => {
    position.goLine(line);
    if (!inPlace.open(line)) {
      setOpened(line);
    }
  };
  const onNext = () => {
    setOpened(null);
    turnPage(position);
  };
  const onBefore = () => {
    setOpened(null);
    const visit = plan.visits[plan.visits.indexOf(position.visit) - 1];
    if (visit !== undefined) {
      position.goVisit(visit);
    }
  };
  useWalkKeys({
    onNext,
    onBefore,
    onHelp: () => setHelping(true),
    onFinding: () => mayPost && setPlacing({ ...position.visit.shows, line: position.line.key }),
  });

  const leave = (answered: string[]) => {
    setOpened(null);
    position.advance(answered);
  };
  const notSo = (line: string) => setPlacing({ ...position.visit.shows, line, answers: true });
  const panel = {
    walk,
    position,
    observed,
    onObserved: setObserved,
    mayPost,
    pending,
    tests,
    isKept: pending.has(position.line.key),
    post,
    onCross: setCrossingTo,
    onFinding: () => notSo(position.line.key),
    onTag: () => setDeciding(true),
    onKnown: setLookingAt,
    // What came out of it is shown with all that is known of the line.
    onNotStanding: (line: string) => {
      if (present.current === line) {
        inPlace.leave();
        setOpened(line);
      }
    },
    refusal:
      refused !== null && (isOpened ? [position.line.key] : position.leaf.lines).includes(refused.line)
        ? refused.problem
        : null,
    onRefused: (line: string, problem: Problem) => {
      feel('refused');
      setRefused({ line, problem });
      position.goLine(line);
    },
  };

  const stage = isReadLaterHere(walk, position.line.key) ? (state.stage ?? needed) : needed;
  const numbers = numbersOf(leaf.items);
  const reading = (
    <ReadingInPlace
      key={position.line.key}
      {...panel}
      position={{
        ...position,
        advance: (answered) => {
          inPlace.leave();
          position.advance(answered);
        },
      }}
      numbers={numbers}
      stage={stage}
      onPutAway={inPlace.putAway}
      goOn={
        lastOf(leaf.items)?.line.key === position.line.key
          ? (answered) => {
              inPlace.leave();
              if (!turnPage(position, answered)) {
                setDeciding(true);
              }
            }
          : undefined
      }
    />
  );
  const answers = () =>
    isOpened ? (
      <LinePanel
        key={position.line.key}
        {...panel}
        position={{ ...position, advance: (answered) => leave(answered) }}
        numbers={numbers}
        onBack={() => setOpened(null)}
      />
    ) : (
      <StationLeaf
        key={page}
        {...panel}
        state={leaf}
        beingSet={isInPlace ? position.line.key : null}
        crossing={plain}
        onOpen={open}
        onNotSo={notSo}
        onGivenBack={() => void navigate('/')}
      />
    );
  const hasDrawing = !isInPlace || !isWide;
  // Beside an instrument the drawing is small: only where that one is is marked.
  const drawn = all(leaf.items).filter((item) => !isInPlace || item.line.key === position.line.key);

  const postings = [...state.lines]
    .filter((one) => one.answered_at !== null && one.answered_by !== null)
    .sort((a, b) => (b.answered_at ?? '').localeCompare(a.answered_at ?? ''))
    .slice(0, 4)
    .reverse()
    .map((one) => ({ initials: one.answered_by?.initials ?? '', time: clock(one.answered_at ?? '') }));
  const mine = kept.filter((one) => one.walkId === walk.id).length;

  const pause = isWide ? 'walk.pause' : 'walk.pause_short';
  const howItStands = (): string => {
    if (mine > 0) {
      return t('state.kept_try', {
        count: mine,
        time: nextTry === null ? '' : clock(new Date(nextTry).toISOString()),
      });
    }
    if (isStale) {
      return t('state.no_network');
    }
    const time = clock(walk.opened_at);

    return walk.opened_by.id === me.id
      ? t('walk.opened', { time })
      : t('walk.opened_by', { name: walk.opened_by.name, time });
  };

  return (
    <Page
      className="walk"
      title={`${walk.machine.fleet_number} ${walk.plan.family.toLowerCase()}`}
      sub={
        !isWide && mine > 0
          ? t('state.kept', { count: mine })
          : t(plan.movement === 'checkout' ? 'walk.for' : 'walk.from', {
              maker: walk.machine.maker,
              model: walk.machine.model,
              mass: figure((walk.machine.mass_kg / 1000).toFixed(1)),
              customer: walk.customer,
            })
      }
      folio={t('walk.folio', { folio: walk.folio })}
      leaf={t(plan.movement === 'checkout' ? 'walk.out_entry' : 'walk.in_entry')}
      notices={
        <>
          <NotTaken entries={notTaken.filter((one) => one.walkId === walk.id)} walk={walk} />
          {state.tag !== null && <TaggedNotice tag={state.tag} />}
          {plan.movement === 'return' && <SaidByHirer hireId={walk.hire_id} />}
          {mayPost && isWide && <ShareBar walk={walk} post={post} />}
        </>
      }
      postings={postings}
      right={
        <>
          <div className="head-who walk-who">
            {me.name}
            <span>{howItStands()}</span>
          </div>
          {!isWide && <MinutesLeft walk={walk} isOver={isOver} onDecide={() => setDeciding(true)} />}
          <button type="button" data-testid="pause" onClick={() => void navigate('/')}>
            {t(isOver ? 'walk.leave' : pause)}
          </button>
        </>
      }
    >
      <Strip
        walk={walk}
        position={position}
        pending={pending}
        onCross={setCrossingTo}
        onDecide={() => setDeciding(true)}
        isWide={isWide}
        isOver={isOver}
      />
      {plain === null && crossingStage !== undefined && (state.tag === null || crossingTo !== null) ? (
        <CrossingSheet
          key={crossingStage.id}
          walk={walk}
          stage={crossingStage}
          pending={pending}
          onGivenBack={() => void navigate('/')}
          onGoLine={(key) => {
            setCrossingTo(null);
            position.goLine(key);
          }}
          onCancel={state.stage === null ? undefined : () => {
            setCrossingTo(null);
            position.goVisit(plan.visits.find((visit) => visit.stage === state.stage) ?? position.visit);
          }}
          onCrossed={() => setCrossingTo(null)}
          post={post}
        />
      ) : (
        <section className={bodyClass(isOpened, isInPlace)}>
          <div className="walk-draw">
            {mayPost && !isWide && <ShareBar walk={walk} post={post} />}
            <header className="panel-title station-title">
              <div>
                <h2>{position.visit.name}</h2>
                <p>{position.visit.direction}</p>
                <LeafPages walk={walk} position={position} pending={pending} />
              </div>
              {closeUp !== null && (
                <button
                  type="button"
                  className="where"
                  data-testid="show-plan"
                  aria-pressed={showsPlan}
                  aria-label={t(showsPlan ? 'station.show_part' : 'station.show_plan')}
                  onClick={() => setShowsPlan(!showsPlan)}
                >
                  <WherePlan walk={walk} visit={position.visit} />
                </button>
              )}
            </header>
            {isInPlace && isWide && reading}
            {hasDrawing && closeUp !== null && !showsPlan && !isOpened && (
              <StationDrawing drawing={closeUp} items={drawn} present={leaf.present} onPick={leaf.pick} />
            )}
            {hasDrawing && (closeUp === null || showsPlan || isOpened) && (
              <WalkDrawing
                walk={walk}
                position={position}
                pending={pending}
                unsent={unsent}
                onPlace={mayPost ? setPlacing : undefined}
                onFinding={setLookingAt}
              />
            )}
            {isOpened && (
              <PostureBar
                walk={walk}
                line={position.line}
                stage={stage}
                observed={observed}
                onObserved={setObserved}
                mayPost={mayPost}
              />
            )}
          </div>
          {isInPlace && !isWide ? reading : answers()}
        </section>
      )}
      {placing !== null && <FindingDrawer walk={walk} place={placing} post={post} onClose={() => setPlacing(null)} />}
      {lookingAt !== null && (
        <SeenAgainDrawer
          walk={walk}
          findingId={lookingAt}
          post={post}
          mayPost={mayPost}
          onClose={() => setLookingAt(null)}
        />
      )}
      <KeysDrawer open={helping} onClose={() => setHelping(false)} />
      <DecisionDrawer
        walk={walk}
        known={known}
        open={deciding}
        post={post}
        mayPost={mayPost}
        onClose={() => setDeciding(false)}
        onGivenBack={() => void navigate('/')}
        onGoLine={(key) => {
          setDeciding(false);
          position.goLine(key);
        }}
      />
    </Page>
  );
}
