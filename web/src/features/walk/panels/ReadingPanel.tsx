import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { TFunction } from 'i18next';
import type { Schema } from '../../../api/client';
import { Button } from '../../../app/Button';
import { feel } from '../../../app/feel';
import { HoldButton } from '../../../app/HoldButton';
import { atStep, clock, figure, unitName } from '../../../app/figures';
import type { Payloads } from '../../../api/entries';
import { written, writtenDifference, type Reading } from '../../../app/units';
import { clampToStep } from '../../../instruments/contract';
import type { Face } from '../../../instruments/Dipstick';
import { NumberPad } from '../../../instruments/NumberPad';
import { CannotTellDrawer } from './CannotTellDrawer';
import { MeterDrawer } from '../../fleet/MeterDrawer';
import { DisputeDrawer } from './DisputeDrawer';
import { DrawnInstrument } from '../drawing/DrawnInstrument';
import { LiftStopDrawer, type Lift } from './LiftStopDrawer';
import type { PanelProps } from './PanelProps';
import type { Post } from '../state/useWalk';
import type { Observed } from '../state/types';
import { isHeld, unseenOf } from './PostureBar';
import { NotFittedReasons } from './NotFittedReasons';
import { useOtherUnit, useReading } from '../../session/useReading';
import { ProblemWords } from '../../../app/ProblemWords';
import { StepKey } from './StepKey';
import { StrikeButton } from './StrikeButton';
import { usePersistentState } from '../../../app/usePersistentState';
import { useTellFigure } from '../state/figureBeingSet';
import { useSayInstead } from '../state/useSayInstead';
import { useSend } from '../state/useSend';
import { useVerdict } from '../state/useVerdict';
import { VerdictWords } from './VerdictWords';

type Instrument = Schema['Instrument'];

interface Draft {
  value: number;
  /** A pointer that nobody touched says nothing yet. */
  isSet: boolean;
  face: Face;
  look: string | null;
  /** The figures of an instrument that is read at several points; null where one is not read yet. */
  points: (number | null)[];
  point: number;
}

interface Props extends PanelProps {
  instrument: Instrument;
  inState: boolean;
  /** Where it is the last thing that is left on its page: its act is held then, and the walk goes on. */
  goOn?: (answered: string[]) => void;
}

/** A reading is made by making the drawn instrument look like the real one; the figure and the verdict follow. */
export function ReadingPanel(props: Props) {
  const { walk, position, mayPost, isKept, post, inState, instrument, onObserved, onTag, onNotStanding, goOn } = props;
  const { t } = useTranslation();
  const { line } = position;
  // What nobody has said of the posture yet is said by the act that posts: it is held then.
  const unseen = inState ? unseenOf(walk, line, props.observed) : [];
  const observed: Record<string, Observed> = {
    ...props.observed,
    ...Object.fromEntries(unseen.map(({ id }) => [id, { condition: id, seen: true }])),
  };
  const state = walk.state.lines.find((one) => one.key === line.key);
  const [draft, setDraft] = usePersistentState<Draft>(`walk.draft.3.${walk.id}.${line.key}`, {
    value: firstValue(instrument, state?.value ?? state?.last ?? null),
    isSet: false,
    face: 'cold',
    look: null,
    points: Array.from({ length: instrument.points ?? 0 }, () => null),
    point: 0,
  });
  const [pad, setPad] = useState(false);
  const [cannot, setCannot] = useState(false);
  const [disputing, setDisputing] = useState(false);
  const [isReplacing, setReplacing] = useState(false);
  const [lifting, setLifting] = useState(false);
  // A figure beyond the scale is asked for once more before it is posted.
  const [isSaidSo, setIsSaidSo] = useState(false);
  const { busy, problem, send, clear } = useSend();
  const reading = useReading();
  const otherUnit = useOtherUnit(instrument.unit);
  const set = (change: Partial<Draft>) => {
    clear();
    setIsSaidSo(false);
    setDraft({ ...draft, ...change });
  };
  const setValue = (next: number) =>
    set({ value: next, isSet: true, points: draft.points.map((one, at) => (at === draft.point ? next : one)) });
  // Whoever types goes on to the next point that is not read yet.
  const setTyped = (next: number) => {
    const points = draft.points.map((one, at) => (at === draft.point ? next : one));
    const following = points.indexOf(null);
    if (following < 0) {
      setValue(next);
    } else {
      set({ points, point: following, value: next, isSet: false });
    }
  };
  const isRead = draft.points.length > 0 ? draft.points.every((one) => one !== null) : draft.isSet;
  const isWhole = isRead && (instrument.look_decides !== true || draft.look !== null);
  // Most often a liquid looks as it should. Nobody has said so yet: the act that posts says it in so many words.
  const look = draft.look ?? (instrument.look_decides === true ? null : (line.looks[0] ?? null));
  const lookSaidWithIt = draft.look === null && look !== null ? [t(`look.${look}`)] : [];
  const [low, high] = range(instrument);
  const value = exactly(draft.value, instrument.step);
  useTellFigure(line.key, draft.isSet ? value : null);
  const isBeyond = (draft.points.length > 0 ? draft.points.flatMap((one) => one ?? []) : [draft.value]).some(
    (one) => one < low || one > high,
  );
  const payload: Schema['ReadingPostedPayload'] = {
    line: line.key,
    ...(draft.points.length > 0
      ? { points: draft.points.flatMap((one) => (one === null ? [] : [exactly(one, instrument.step)])) }
      : { value }),
    unit: instrument.unit,
    observed: line.conditions.flatMap((id) => (observed[id] === undefined ? [] : [observed[id]])),
    ...(instrument.kind === 'dipstick' ? { face: draft.face } : {}),
    ...(look === null ? {} : { look }),
    ...(isBeyond ? { beyond_scale: true } : {}),
  };
  const verdict = useVerdict(walk.id, payload, walk.state.stage !== null && isWhole);
  const missing = line.conditions.flatMap((id, at) => {
    const condition = walk.plan.conditions.find((one) => one.id === id);

    return condition === undefined || isHeld(condition, observed[id]) ? [] : ['abcdefgh'[at] ?? ''];
  });
  const saidWithIt = line.conditions.flatMap((id, at) =>
    unseen.some((one) => one.id === id) ? ['abcdefgh'[at] ?? ''] : [],
  );
  const isUnheld = missing.length > 0 || !inState;
  const stands = state !== undefined && state.outcome !== 'open' && state.entry_id !== null;
  const postIt = (
    extra: { reason?: string; photo?: string } = {},
    lift: Lift = () => Promise.resolve({}),
    leave: (answered: string[]) => void = position.advance,
  ) =>
    send(async () => {
      const result = await post('reading.posted', async (id) => ({ ...payload, ...extra, ...(await lift(id)) }));
      // It stands for the next reading while nothing has moved.
      if (unseen.length > 0) {
        onObserved(observed);
      }
      setDisputing(false);
      setLifting(false);
      // What is read again is set again.
      setDraft({
        ...draft,
        isSet: false,
        look: null,
        points: draft.points.map(() => null),
        point: 0,
      });
      feel(result === 'kept' ? 'taken' : felt(result));
      const judged = result === 'kept' ? null : result.judgement;
      const stood = judged?.is_valid === true && judged.verdict.outcome === 'stands';
      if (result === 'kept' || stood || judged?.may_be_read_later === true) {
        leave([line.key]);
      } else {
        onNotStanding(line.key);
      }
    });
  const queries = useQueryClient();
  // The figure that is set is then judged against the new meter.
  const replaceMeter = (meter: Payloads['meter.replaced']) =>
    send(async () => {
      await post('meter.replaced', meter);
      setReplacing(false);
      setDisputing(false);
      await queries.invalidateQueries({ queryKey: ['verdict', walk.id] });
    });
  const saidInstead = useSayInstead(position, post);
  const sayInstead = (answer: 'cannot_tell' | 'not_fitted', words: string) => {
    setCannot(false);
    saidInstead(answer, words);
  };
  const judgement = isWhole ? verdict.data : undefined;
  // Where the verdict itself asks for a top-up, reading it again is what lifts the stop.
  const liftsStop =
    state?.outcome === 'stop' &&
    (state.judgement?.verdict.top_up ?? null) === null &&
    judgement?.verdict.outcome !== 'stop';
  const toSet = draft.points.length > 0 ? 'walk.read_every_point' : 'walk.set_it';
  const isDisputed = judgement?.is_valid === true && judgement.verdict.is_disputed;
  const asWritten = { value: figure(value), unit: unitName(instrument.unit) };
  const plainPost =
    draft.points.length > 0 ? t('walk.post_points', { count: draft.points.length }) : t('walk.post', asWritten);
  const postWords = isBeyond && isSaidSo ? t('walk.it_is_so', asWritten) : plainPost;
  const postOrAsk = () => {
    if (isBeyond && !isSaidSo) {
      setIsSaidSo(true);

      return;
    }
    if (isDisputed) {
      setDisputing(true);
    } else if (liftsStop) {
      setLifting(true);
    } else {
      void postIt();
    }
  };

  const postAct = () => {
    if (!isWhole) {
      return (
        <Button disabled testId="post">
          {t('walk.set_first')}
        </Button>
      );
    }
    if (isUnheld && judgement?.may_be_read_later === true) {
      return (
        <Button
          tone="ink"
          disabled={busy}
          testId="post-later"
          under={[...lookSaidWithIt, t('walk.post_later_under')].join(' \u00b7 ')}
          onClick={() => void postIt()}
        >
          {t('walk.post_later', { value: figure(value), unit: unitName(instrument.unit) })}
        </Button>
      );
    }
    if (isUnheld) {
      return (
        <Button
          disabled
          testId="post"
          under={inState ? t('walk.missing', { letters: missing.join(', ') }) : t('walk.other_state')}
        >
          {t('walk.posture_first')}
        </Button>
      );
    }

    const isPlain = !isDisputed && !liftsStop && (!isBeyond || isSaidSo);
    const isLast =
      goOn !== undefined && isPlain && (judgement === undefined || judgement.verdict.outcome === 'stands');
    if (isLast || saidWithIt.length > 0 || lookSaidWithIt.length > 0) {
      const said = [
        ...(judgement === undefined ? [] : [t(`outcome.${judgement.verdict.outcome}`)]),
        ...lookSaidWithIt,
        ...(saidWithIt.length > 0 ? [t('walk.posture_said', { letters: saidWithIt.join(', ') })] : []),
      ];

      return (
        <HoldButton
          disabled={busy}
          testId="post"
          under={[...said, t(isLast ? 'station.last_under' : 'walk.hold')].join(' \u00b7 ')}
          onHeld={() => (isLast ? void postIt({}, undefined, goOn) : postOrAsk())}
        >
          {postWords}
        </HoldButton>
      );
    }

    return (
      <Button
        tone="jade"
        disabled={busy}
        testId="post"
        under={judgement === undefined ? undefined : under(judgement, t)}
        onClick={postOrAsk}
      >
        {postWords}
      </Button>
    );
  };

  return (
    <>
      <div className={`reading reading-${instrument.kind}`}>
        <div className="reading-drawing">
          <DrawnInstrument
            instrument={instrument}
            keptAs={`${walk.id}.${line.key}`}
            value={Math.min(high, Math.max(low, draft.value))}
            face={draft.face}
            ghost={state?.last === undefined || state.last === null ? null : Number(state.last)}
            readOnly={!mayPost}
            unheld={isUnheld || !draft.isSet}
            label={line.title}
            valueText={`${figure(value)} ${unitName(instrument.unit)}. ${judgement?.verdict.reason ?? ''}`}
            onChange={setValue}
            onFace={(face) => set({ face })}
          />
        </div>
        <div className="reading-words">
          <button
            type="button"
            className="reading-value"
            disabled={!mayPost}
            aria-label={t('walk.type_it')}
            data-testid="value"
            onClick={() => setPad(true)}
          >
            {draft.isSet ? <BothUnits value={value} instrument={instrument} /> : <Unset unit={instrument.unit} />}
          </button>
          {judgement !== undefined && saidWithIt.length + lookSaidWithIt.length > 0 && (
            <p className="verdict-if">
              {ifSo(saidWithIt.join(', '), lookSaidWithIt.join().toLocaleLowerCase(), t)}
            </p>
          )}
          {judgement !== undefined && <VerdictWords judgement={judgement} live />}
          {!isWhole && state?.judgement !== undefined && state.judgement !== null && (
            <VerdictWords judgement={state.judgement} />
          )}
          {!isWhole && (
            <p className="verdict-act">
              {t(isRead ? 'walk.say_how' : toSet)}
            </p>
          )}
          {isWhole && judgement === undefined && verdict.isFetching && (
            <p className="verdict-act" data-testid="verdict-fetching">
              {t('state.fetching')}
            </p>
          )}
          {isWhole && judgement === undefined && verdict.isError && (
            <p className="verdict-act">{t('walk.verdict_later')}</p>
          )}
          {isKept && <p className="kept-words">{t('state.kept_here')}</p>}
        </div>
      </div>
      {draft.points.length > 0 && (
        <PointRow
          instrument={instrument}
          points={draft.points}
          present={draft.point}
          onPresent={(point) =>
            set({ point, value: draft.points[point] ?? draft.value, isSet: draft.points[point] !== null })
          }
        />
      )}
      <OutInLine walk={walk} last={state?.last ?? null} value={draft.isSet ? value : null} unit={instrument.unit} />
      {state?.wear !== undefined && state.wear !== null && (
        <p className="wear">
          {t('walk.wear', {
            hours: figure(state.wear.hours),
            ...rateIn(state.wear.per_1000_hours, instrument.unit, reading),
            readings: state.wear.readings,
          })}
        </p>
      )}
      <Reread state={state} post={post} onTag={onTag} onGoOn={() => position.advance([line.key])} />
      {line.looks.length > 0 && (
        <div className="looks">
          <span>{t(instrument.look_decides === true ? 'walk.how_it_went' : 'walk.looks')}</span>
          {line.looks.map((look) => (
            <Button
              key={look}
              testId={`look-${look}`}
              pressed={draft.look === look}
              disabled={!mayPost}
              onClick={() => set({ look })}
            >
              {t(`look.${look}`)}
            </Button>
          ))}
        </div>
      )}
      <ProblemWords problem={problem} />
      {isWhole && isBeyond && (
        <p className="slab" role="status" data-testid="beyond">
          {t('walk.beyond', { low: figure(String(low)), high: figure(String(high)), unit: unitName(instrument.unit) })}
        </p>
      )}
      {mayPost && (
        <div className="reading-acts">
          <StepKey
            label={t('walk.less', { step: figure(String(instrument.step)), unit: unitName(instrument.unit) })}
            sign="−"
            step={`${figure(String(instrument.step))} ${unitName(instrument.unit)}`}
            onStep={() => setValue(clampToStep(draft.value - instrument.step, instrument.step, low, high))}
          />
          <StepKey
            label={t('walk.more', { step: figure(String(instrument.step)), unit: unitName(instrument.unit) })}
            sign="+"
            step={`${figure(String(instrument.step))} ${unitName(instrument.unit)}`}
            onStep={() => setValue(clampToStep(draft.value + instrument.step, instrument.step, low, high))}
          />
          {postAct()}
          {stands ? (
            <StrikeButton entryId={state.entry_id ?? ''} stops={state.outcome === 'stop'} post={post} />
          ) : (
            <Button testId="cannot-tell" onClick={() => setCannot(true)}>
              {t('walk.cannot_read')}
            </Button>
          )}
        </div>
      )}
      <NumberPad
        open={pad}
        title={line.title}
        unit={unitName(instrument.unit)}
        other={otherUnit}
        allowMinus={low < 0}
        onClose={() => setPad(false)}
        onSet={(typed) => setTyped(Number(typed.toFixed(3)))}
      />
      <CannotTellDrawer
        open={cannot}
        title={line.title}
        onClose={() => setCannot(false)}
        onReason={(words) => sayInstead('cannot_tell', words)}
      >
        <NotFittedReasons line={line} onReason={(words) => sayInstead('not_fitted', words)} />
        {isUnheld && isWhole && (
          <Button
            testId="post-not-valid"
            under={[...lookSaidWithIt, t('walk.not_valid_words')].join(' \u00b7 ')}
            onClick={() => {
              setCannot(false);
              void postIt();
            }}
          >
            {t('walk.post_not_valid', { value: figure(value), unit: unitName(instrument.unit) })}
          </Button>
        )}
      </CannotTellDrawer>
      <LiftStopDrawer
        open={lifting}
        title={line.title}
        busy={busy}
        problem={problem}
        onClose={() => setLifting(false)}
        onLift={(lift) => void postIt({}, lift)}
      />
      {judgement !== undefined && (
        <DisputeDrawer
          open={disputing}
          title={line.title}
          judgement={judgement}
          busy={busy}
          problem={problem}
          onClose={() => setDisputing(false)}
          onReplaced={() => setReplacing(true)}
          onPost={(extra) => void postIt(extra)}
        />
      )}
      {isReplacing && (
        <MeterDrawer
          number={walk.machine.fleet_number}
          lastKnown={walk.machine.smr_hours}
          busy={busy}
          problem={problem}
          onClose={() => setReplacing(false)}
          onPost={(meter) => void replaceMeter(meter)}
        />
      )}
    </>
  );
}

/** What a verdict rests on that the act will say: letters of the posture, how the liquid looks, or both. */
function ifSo(letters: string, look: string, t: TFunction): string {
  if (look === '') {
    return t('walk.if_posture', { letters });
  }

  return letters === '' ? t('walk.if_looks', { look }) : t('walk.if_both', { letters, look });
}

/**
 * The figure in the unit of the plate, and beside it in the other one; or in the one that the reader asked for alone.
 */
function BothUnits({ value, instrument }: { value: string; instrument: Instrument }) {
  const [first, second] = written(value, instrument.unit, useReading());

  return (
    <>
      {first.text}
      <small>{first.unit}</small>
      {second !== undefined && (
        <em>
          {second.text} {second.unit}
        </em>
      )}
    </>
  );
}

const rateIn = (rate: string, unit: string, reading: Reading): { rate: string; unit: string } => {
  const { text, unit: name } = writtenDifference(rate, unit, reading);

  return { rate: text, unit: name };
};

/** Nothing is read yet: neither a figure nor a verdict. */
function Unset({ unit }: { unit: string }) {
  return (
    <>
      –<small>{unitName(unit)}</small>
    </>
  );
}

interface PointRowProps {
  instrument: Instrument;
  points: (number | null)[];
  present: number;
  onPresent: (point: number) => void;
}

/** Every point of an instrument that is read at several: its number and what was read there. */
function PointRow({ instrument, points, present, onPresent }: PointRowProps) {
  const { t } = useTranslation();

  return (
    <ol className="points" aria-label={t('walk.points')}>
      {points.map((one, at) => (
        // The points of an instrument have no other name than their number.
        <li key={`point ${at}`}>
          <button
            type="button"
            aria-current={at === present ? 'true' : undefined}
            data-testid={`point-${at + 1}`}
            onClick={() => onPresent(at)}
          >
            <small>{at + 1}</small>
            <b>{one === null ? '–' : figure(exactly(one, instrument.step))}</b>
          </button>
        </li>
      ))}
    </ol>
  );
}

function under(
  judgement: Schema['Judgement'],
  t: (key: string, figures?: Record<string, unknown>) => string,
): string | undefined {
  const { verdict } = judgement;
  if (verdict.is_disputed) {
    return t('walk.with_photo');
  }

  return verdict.top_up === null || verdict.outcome === 'stands'
    ? undefined
    : t('walk.and_reread', { minutes: verdict.top_up.reread_after_minutes });
}

interface RereadProps {
  state: Schema['LineState'] | undefined;
  post: Post;
  onTag: () => void;
  onGoOn: () => void;
}

function Reread({ state, post, onTag, onGoOn }: RereadProps) {
  const { t } = useTranslation();
  const [isFilling, setIsFilling] = useState(false);
  const [filled, setFilled] = useState<string | null>(null);
  const { problem, send } = useSend();
  if ((state?.outcome !== 'attend' && state?.outcome !== 'stop') || state.answered_at === null) {
    return null;
  }
  const topUp = state.judgement?.verdict.top_up ?? null;
  const minutes = topUp?.reread_after_minutes ?? 0;
  const fillIn = (litres: string) =>
    send(async () => {
      await post('fluid.topped_up', { line: state.key, litres });
      setFilled(litres);
    });

  return (
    <div className="reread">
      <p>
        {t('walk.posted', { value: figure(state.value ?? ''), time: clock(state.answered_at) })}
        {minutes > 0 && (
          <span>
            {t('walk.reread_at', {
              time: clock(new Date(Date.parse(state.answered_at) + minutes * 60_000).toISOString()),
            })}
          </span>
        )}
      </p>
      {topUp !== null && (
        <>
          <Button testId="filled-in" onClick={() => setIsFilling(true)}>
            {filled === null ? t('walk.say_what_went_in') : t(
              'walk.filled_in',
              { litres: figure(filled), fluid: topUp.fluid },
            )}
          </Button>
          <NumberPad
            open={isFilling}
            title={t('walk.went_in', { fluid: topUp.fluid })}
            unit="L"
            onClose={() => setIsFilling(false)}
            onSet={(litres) => void fillIn(String(Number(litres.toFixed(3))))}
          />
        </>
      )}
      <Button testId="go-on" onClick={onGoOn}>
        {t(minutes > 0 ? 'walk.go_on_reread' : 'walk.go_on')}
      </Button>
      {state.attempts > 1 && (
        <Button tone="oxide" onClick={onTag}>
          {t('walk.twice_out')}
        </Button>
      )}
      <ProblemWords problem={problem} />
    </div>
  );
}

/** Out, In, Difference: in that order, everywhere; the difference is never typed. */
function OutInLine({
  walk,
  last,
  value,
  unit,
}: {
  walk: Walk;
  last: string | null;
  value: string | null;
  unit: string;
}) {
  const { t } = useTranslation();
  const isOut = walk.plan.movement === 'checkout';
  const reading = useReading();
  const inFirst = (text: string) => written(text, unit, reading)[0].text;
  const difference =
    last === null || value === null
      ? null
      : (Number(value) - Number(last)).toFixed(Math.max(decimals(value), decimals(last)));

  return (
    <div className="out-in">
      <div>
        <span>{t(isOut ? 'walk.last_in' : 'walk.out')}</span>
        <b>{last === null ? t('walk.none') : inFirst(last)}</b>
      </div>
      <div>
        <span>{t(isOut ? 'walk.out_now' : 'walk.in_now')}</span>
        <b>{value === null ? '–' : inFirst(value)}</b>
      </div>
      <div>
        <span>{t('walk.difference')}</span>
        <b>{difference === null ? '–' : writtenDifference(difference, unit, reading).text}</b>
      </div>
    </div>
  );
}

type Walk = PanelProps['walk'];

/** As it was typed; what was set by hand is written in the steps of the instrument. */
function exactly(value: number, step: number): string {
  const steps = value / step;

  return Math.abs(steps - Math.round(steps)) < 1e-6 ? atStep(value, step) : String(value);
}

const decimals = (text: string): number => text.split('.')[1]?.length ?? 0;

function range(instrument: Instrument): [number, number] {
  switch (instrument.kind) {
    case 'dipstick':
      return [
        instrument.marks?.lowest ?? 0,
        Math.max(instrument.marks?.highest ?? 0, instrument.hot_marks?.highest ?? 0),
      ];
    case 'sight_glass':
      return [0, instrument.diameter ?? 0];
    case 'tank_column':
      return [0, instrument.marks?.highest ?? 0];
    case 'hour_meter':
      return [0, 10 ** (instrument.whole_digits ?? 5) - 10 ** -(instrument.decimals ?? 1)];
    case 'count':
      return [0, 20];
    case 'scale':
      return [instrument.low ?? 0, instrument.high ?? 0];
  }
}

/** Where the drawing starts: at the last entry if there is one, else at the low end, so that it has to be set. */
function firstValue(instrument: Instrument, known: string | null): number {
  if (known !== null) {
    return Number(known);
  }

  if (instrument.kind === 'scale') {
    return instrument.low ?? 0;
  }

  return instrument.kind === 'count' ? 0 : Math.max(0, instrument.marks?.lowest ?? 0);
}

/** What the hand is told of an answer. */
function felt(result: Schema['EntryResult']): 'taken' | 'attend' | 'stop' {
  const outcome = result.judgement?.verdict.outcome;

  return outcome === 'stop' || outcome === 'attend' ? outcome : 'taken';
}
