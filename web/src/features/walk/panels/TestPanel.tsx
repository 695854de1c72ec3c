import { useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Button } from '../../../app/Button';
import { feel } from '../../../app/feel';
import { withFigures } from '../../../app/units';
import { useElapsed } from '../../../app/useElapsed';
import { Mark } from '../../../marks/Mark';
import { useReading } from '../../session/useReading';
import { AnswerSoFar } from './AnswerSoFar';
import { CannotTellButton } from './CannotTellButton';
import { HoldTimer } from './HoldTimer';
import type { PanelProps } from './PanelProps';
import { ProblemWords } from '../../../app/ProblemWords';
import { ReasonDrawer } from './ReasonDrawer';
import { StrikeButton } from './StrikeButton';
import { nextStep, responses, saidAsExpected, secondsLeft, type Response, type Step } from '../state/testRuns';
import { useSend } from '../state/useSend';

/** What a machine may do instead of what was expected. */
export const OBSERVED = ['nothing', 'moved', 'went_on', 'rough'] as const;
const BROKEN_OFF = ['people', 'weather', 'called', 'unsure'] as const;

/** A function test: one step at a time, what the machine has to do, and what it means when it does something else. */
export function TestPanel({
  walk,
  position,
  mayPost,
  isKept,
  post,
  inState,
  onTag,
  refusal,
  tests,
}: PanelProps & { inState: boolean }) {
  const { t } = useTranslation();
  const { line } = position;
  const reading = useReading();
  const { busy, problem, send } = useSend();
  const run = tests.of(line.key);
  const [asks, setAsks] = useState<'observed' | 'broken_off' | null>(null);
  const state = walk.state.lines.find((one) => one.key === line.key);
  const isAnswered = state !== undefined && state.entry_id !== null && state.outcome !== 'open';
  const at = nextStep(line, run);
  const step = line.test[at];
  const startedAt = run.startedAt[at] ?? null;
  const elapsed = useElapsed(startedAt);
  // Where time matters, the clock has to have run for as long.
  const isHeldStill =
    step !== undefined && secondsLeft(step, startedAt ?? undefined, (startedAt ?? 0) + elapsed * 1000) > 0;

  const end = (steps: Response[], brokenOff?: string) =>
    send(async () => {
      setAsks(null);
      const result = await post('test.answered', {
        line: line.key,
        steps,
        ...(brokenOff === undefined ? {} : { broken_off: brokenOff }),
      });
      tests.keep({ [line.key]: null });
      const outcome = result === 'kept' ? 'kept' : result.judgement?.verdict.outcome;
      feel(outcome === 'stop' || outcome === 'attend' ? outcome : 'taken');
      if (outcome === 'kept' || outcome === 'stands' || outcome === 'open') {
        position.advance([line.key]);
      }
    });
  const start = (moment: number | null) => {
    if (moment !== null) {
      tests.keep({ [line.key]: { ...run, startedAt: { ...run.startedAt, [at]: moment } } });
    }
  };
  const asExpected = () => {
    const said = saidAsExpected(run, at);
    if (nextStep(line, said) === line.test.length) {
      void end(responses(line, said));
    } else {
      feel('taken');
      tests.keep({ [line.key]: said });
    }
  };

  return (
    <>
      <div className="test">
        {!isAnswered && (
          <ol className="test-steps">
            {line.test.map((one, number) => (
              <StepRow
                key={one.do}
                step={one}
                number={number + 1}
                isDone={run.said[number] !== undefined}
                isPresent={number === at}
              >
                {one.seconds !== null && mayPost && inState && (
                  <HoldTimer seconds={one.seconds} startedAt={startedAt} onStart={start} />
                )}
              </StepRow>
            ))}
          </ol>
        )}
        <AnswerSoFar state={state} position={position} isKept={isKept} onTag={onTag} />
      </div>
      <ProblemWords problem={problem ?? refusal} />
      {mayPost && (
        <div className="look-acts">
          {isAnswered ? (
            <StrikeButton entryId={state.entry_id ?? ''} stops={state.outcome === 'stop'} post={post} />
          ) : (
            <>
              {at === 0 ? (
                <CannotTellButton position={position} post={post} disabled={busy} words="walk.cannot_tell" />
              ) : (
                <Button disabled={busy} testId="break-off" onClick={() => setAsks('broken_off')}>
                  {t('test.break_off')}
                </Button>
              )}
              <Button disabled={busy || !inState} testId="otherwise" onClick={() => setAsks('observed')}>
                {t('test.otherwise')}
              </Button>
              <Button
                tone="jade"
                disabled={busy || !inState || step === undefined || isHeldStill}
                testId="as-expected"
                under={t('test.step_of', { step: Math.min(at + 1, line.test.length), count: line.test.length })}
                onClick={asExpected}
              >
                {t('test.as_expected')}
              </Button>
            </>
          )}
        </div>
      )}
      <ReasonDrawer
        open={asks === 'observed'}
        title={
          step === undefined
            ? line.title
            : t('test.expected', { expect: withFigures(step.expect, step.figures, reading) })
        }
        asks={t('test.observed_asks')}
        reasons={OBSERVED.map((id) => ({ id: `observed-${id}`, words: t(`test.observed.${id}`) }))}
        names={{ own: t('test.observed_own'), post: t('test.post_observed') }}
        onClose={() => setAsks(null)}
        onReason={(observed) => void end([...responses(line, run), { as_expected: false, observed }])}
      />
      <ReasonDrawer
        open={asks === 'broken_off'}
        title={t('test.break_off')}
        asks={t('test.broken_off_asks')}
        reasons={BROKEN_OFF.map((id) => ({ id: `broken-${id}`, words: t(`test.broken_off.${id}`) }))}
        names={{ own: t('cannot.own'), post: t('test.post_broken_off') }}
        onClose={() => setAsks(null)}
        onReason={(words) => void end(responses(line, run), words)}
      />
    </>
  );
}

interface RowProps {
  step: Step;
  number: number;
  isDone: boolean;
  isPresent: boolean;
  children: React.ReactNode;
}

/** A step that is done or to come is one row; the present one says everything. */
function StepRow({ step, number, isDone, isPresent, children }: RowProps) {
  const { t } = useTranslation();
  const reading = useReading();
  const row = useRef<HTMLLIElement>(null);
  useEffect(() => {
    if (isPresent) {
      void row.current?.scrollIntoView({ block: 'nearest' });
    }
  }, [isPresent]);

  return (
    <li
      ref={row}
      className={isPresent ? 'test-step test-step-present' : 'test-step'}
      aria-current={isPresent ? 'step' : undefined}
    >
      <i>{isDone ? <Mark outcome="stands" size={26} /> : number}</i>
      <div>
        <b>{withFigures(step.do, step.figures, reading)}</b>
        {isPresent && (
          <>
            <p className="test-expect">{withFigures(step.expect, step.figures, reading)}</p>
            <p className="test-means">
              <em>{t('walk.if_not')}</em> {withFigures(step.fail_means, step.figures, reading)}
            </p>
            {children}
          </>
        )}
      </div>
    </li>
  );
}
