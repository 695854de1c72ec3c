import { usePersistentState } from '../../../app/usePersistentState';
import type { Schema } from '../../../api/client';
import type { Line } from './types';

export type Step = Schema['PlannedLine']['test'][number];
export type Response = Schema['TestAnsweredPayload']['steps'][number];

/** A function test that is under way: what was said of its steps, by their number from 0, and clocks that run. */
export interface TestRun {
  said: Record<number, Response>;
  startedAt: Record<number, number>;
}

export interface TestRuns {
  of: (line: string) => TestRun;
  /** Several at once; a test that is null begins anew. */
  keep: (changes: Record<string, TestRun | null>) => void;
}

const EMPTY: TestRun = { said: {}, startedAt: {} };

/** Tests that are under way on this tablet, kept over interruptions. */
export function useTestRuns(walkId: string): TestRuns {
  const [runs, setRuns] = usePersistentState<Record<string, TestRun>>(`walk.runs.1.${walkId}`, {});

  return {
    of: (line) => runs[line] ?? EMPTY,
    keep: (changes) => {
      const kept = { ...runs, ...changes };
      setRuns(Object.fromEntries(Object.entries(kept).filter((one): one is [string, TestRun] => one[1] !== null)));
    },
  };
}

/** The step that comes next; as many as there are when all are said. */
export function nextStep(line: Line, run: TestRun): number {
  const at = line.test.findIndex((_, step) => run.said[step] === undefined);

  return at < 0 ? line.test.length : at;
}

/** The same run with a step that went as expected; where time mattered, with how long it was held. */
export function saidAsExpected(run: TestRun, step: number): TestRun {
  const startedAt = run.startedAt[step];
  const seconds = startedAt === undefined ? undefined : Math.floor((Date.now() - startedAt) / 1000);

  return {
    ...run,
    said: { ...run.said, [step]: { as_expected: true, ...(seconds === undefined ? {} : { seconds }) } },
  };
}

/** The same run with the clock of a step started. */
export const begun = (run: TestRun, step: number): TestRun => ({
  ...run,
  startedAt: { ...run.startedAt, [step]: Date.now() },
});

/** What was said, in the order of the steps, up to the first one that nobody said anything of. */
export const responses = (line: Line, run: TestRun): Response[] =>
  line.test.slice(0, nextStep(line, run)).flatMap((_, step) => run.said[step] ?? []);

/** Seconds for which a step is still to be held; none where no time matters. */
export function secondsLeft(step: Step, startedAt: number | undefined, now: number): number {
  if (step.seconds === null) {
    return 0;
  }

  return startedAt === undefined ? step.seconds : Math.max(0, step.seconds - Math.floor((now - startedAt) / 1000));
}
