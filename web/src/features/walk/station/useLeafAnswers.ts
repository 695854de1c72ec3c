import { useTranslation } from 'react-i18next';
import { problemOf, type Problem } from '../../../api/problem';
import { feel } from '../../../app/feel';
import { begun, nextStep, responses, saidAsExpected, type TestRun, type TestRuns } from '../state/testRuns';
import type { Line } from '../state/types';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';
import { turnPage, type Position } from '../state/useWalkPosition';
import { all, type Item, type Items } from './items';
import type { Quick } from './quick';
import type { LeafState } from './useLeaf';

interface Wanted {
  position: Position;
  post: Post;
  tests: TestRuns;
  leaf: Pick<LeafState, 'touch' | 'untouch'>;
  onRefused: (line: string, problem: Problem) => void;
  onOpen: (line: string) => void;
  onAnswered: () => void;
  /** Nothing is left to say on the whole walk. */
  onWalked: () => void;
}

const isThrough = (line: Line, run: TestRun) => nextStep(line, run) === line.test.length;

/**
 * What is answered on a page: written down on the tablet at once; what the yard's ledger refuses comes back to its
 * line.
 */
export function useLeafAnswers({ position, post, tests, leaf, onRefused, onOpen, onAnswered, onWalked }: Wanted) {
  const { t } = useTranslation();
  const { busy, problem, send } = useSend();
  const say = (line: string, posted: Promise<unknown>) => {
    posted.catch((error: unknown) => {
      leaf.untouch(line);
      onRefused(line, problemOf(error, t('state.no_network')));
    });
  };
  const postTest = (line: Line, run: TestRun) => {
    leaf.touch(line.test.map((_, at) => `${line.key}:${at}`));
    say(line.key, post('test.answered', { line: line.key, steps: responses(line, run) }));
  };
  const answered = () => {
    feel('taken');
    onAnswered();
  };
  const postQuick = (quick: Quick) => {
    const { line } = quick.payload;
    leaf.touch([line]);
    say(line, quick.kind === 'reading.posted' ? post(quick.kind, quick.payload) : post(quick.kind, quick.payload));
  };
  /** A page on which nothing is left turns by the act that was held there. */
  const goOn = (keys: string[]) => {
    if (!turnPage(position, keys)) {
      onWalked();
    }
  };

  return {
    busy,
    problem,
    start: ({ line, step }: Item) => tests.keep({ [line.key]: begun(tests.of(line.key), step ?? 0) }),
    stands: ({ id, line, step }: Item) => {
      answered();
      leaf.touch([id]);
      if (step === null) {
        position.advance([line.key]);
        say(line.key, post('check.answered', { line: line.key, answer: 'stands' }));

        return;
      }
      const run = saidAsExpected(tests.of(line.key), step);
      tests.keep({ [line.key]: isThrough(line, run) ? null : run });
      if (isThrough(line, run)) {
        position.advance([line.key]);
        postTest(line, run);
      }
    },
    /** What is left on this page, at once; where that was the last of it, the walk goes on. */
    restStands: (items: Items, rest: Item[], affirmed: Item[], counted: { item: Item; quick: Quick }[]) => {
      answered();
      leaf.touch([...rest, ...affirmed].map(({ id }) => id));
      const looks = rest.filter(({ step }) => step === null).map(({ line }) => line.key);
      const runs = new Map<Line, TestRun>();
      for (const { line, step } of rest) {
        if (step !== null) {
          runs.set(line, saidAsExpected(runs.get(line) ?? tests.of(line.key), step));
        }
      }
      const ended = [...runs].filter(([line, run]) => isThrough(line, run));
      tests.keep(Object.fromEntries([...runs].map(([line, run]) => [line.key, isThrough(line, run) ? null : run])));
      for (const line of looks) {
        say(line, post('check.answered', { line, answer: 'stands', together: true }));
      }
      for (const [line, run] of ended) {
        postTest(line, run);
      }
      const lines = affirmed.flatMap(({ line, carried }) =>
        carried === null ? [] : [{ line: line.key, entry: carried.entry_id }],
      );
      if (lines[0] !== undefined) {
        say(lines[0].line, post('lines.affirmed', { lines }));
      }
      for (const { quick } of counted) {
        postQuick(quick);
      }
      const keys = [
        ...looks,
        ...ended.map(([line]) => line.key),
        ...lines.map(({ line }) => line),
        ...counted.map(({ item }) => item.line.key),
      ];
      const said = [...rest, ...affirmed, ...counted.map(({ item }) => item)];
      if (all(items).some((item) => !item.isDone && !said.includes(item))) {
        position.advance(keys);
      } else {
        goOn(keys);
      }
    },
    goOn,
    /** The test ends at this step; that those before it went as expected was read and confirmed in the question. */
    endsOtherwise: ({ line, step }: Item, observed: string) =>
      send(async () => {
        const { said } = tests.of(line.key);
        const before = line.test.slice(0, step ?? 0).map((_, at) => said[at] ?? { as_expected: true });
        await post('test.answered', { line: line.key, steps: [...before, { as_expected: false, observed }] });
        tests.keep({ [line.key]: null });
        onOpen(line.key);
      }),
    quick: (quick: Quick) => {
      answered();
      position.advance([quick.payload.line]);
      postQuick(quick);
    },
    putRight: (line: Line) => {
      answered();
      position.advance([line.key]);
      say(line.key, post('check.answered', { line: line.key, answer: 'put_right' }));
    },
    instead: (line: Line, answer: 'cannot_tell' | 'not_fitted', words: string) => {
      onAnswered();
      position.advance([line.key]);
      say(line.key, post('check.answered', { line: line.key, answer, words }));
    },
  };
}
