import type { PendingAnswers } from '../state/pendingAnswers';
import type { TestRuns } from '../state/testRuns';
import type { Leaf, Line, Outcome, Visit, Walk } from '../state/types';
import type { Schema } from '../../../api/client';

type LeafItem = Schema['LeafItem'];
export type Carried = Schema['CarriedLine'];

/** One thing on a page of the walk. */
export interface Item {
  id: string;
  /** As on the drawing: the same number on each visit of the page. */
  number: number;
  line: Line;
  /** Which step of its test, from 0; null of a look or an instrument. */
  step: number | null;
  /** It has a touch of its own; the others are said by the held act. */
  isAlone: boolean;
  outcome: Outcome;
  /** Nothing is left to say of it here. */
  isDone: boolean;
  /** Said here, and not yet in the yard's ledger, or not yet the whole test. */
  isWaiting: boolean;
  carried: Carried | null;
  shortcut: Leaf['opened'][number]['shortcut'];
  /** Among which the serial on the plate is found. */
  choices: string[];
}

export interface Items {
  each: Item[];
  opened: Item[];
  together: Item[];
  carried: Item[];
}

interface Said {
  walk: Walk;
  pending: PendingAnswers;
  tests: TestRuns;
  /** Ids of what was touched here a moment ago: the tablet is about to write it down. */
  touched: ReadonlySet<string>;
  /** Carried lines that somebody wants to see again on this walk. */
  looked: string[];
}

/** What stands on a page, by how it is answered, with how far each thing is. */
export function itemsOf(visit: Visit, leaf: Leaf, { walk, pending, tests, touched, looked }: Said): Items {
  const lines = new Map(visit.lines.map((line) => [line.key, line]));
  const states = new Map(walk.state.lines.map((state) => [state.key, state]));
  const carried = new Map(walk.state.carried.map((one) => [one.line, one]));
  let number = 0;
  const item = ({ line: key, step, alone }: LeafItem): Item[] => {
    number += 1;
    const line = lines.get(key);
    if (line === undefined) {
      return [];
    }
    const outcome = states.get(key)?.outcome ?? 'open';
    const isSaid = step !== null && tests.of(key).said[step] !== undefined;
    const id = step === null ? key : `${key}:${step}`;
    const isPosted = (pending.has(key) && pending.get(key) !== 'cannot_tell') || touched.has(id);

    return [
      {
        id,
        number,
        line,
        step,
        isAlone: alone,
        outcome: outcome === 'open' && (isSaid || isPosted) ? 'stands' : outcome,
        isDone: outcome !== 'open' || isSaid || isPosted,
        isWaiting: outcome === 'open' && (isSaid || isPosted),
        carried: outcome === 'open' && !isPosted && !looked.includes(key) ? (carried.get(key) ?? null) : null,
        shortcut: null,
        choices: [],
      },
    ];
  };
  const each = leaf.each.flatMap(item);
  const opened = leaf.opened.flatMap(({ line, shortcut, choices }) =>
    item({ line, step: null, alone: true }).map((one) => ({
      ...one,
      shortcut,
      // A walk that this tablet kept under an older release has none.
      choices: (choices as string[] | undefined) ?? [],
    })),
  );
  const together = leaf.together.flatMap(item);
  const isCarried = ({ carried: from }: Item) => from !== null;

  return {
    each: each.filter((one) => !isCarried(one)),
    opened: opened.filter((one) => !isCarried(one)),
    together: together.filter((one) => !isCarried(one)),
    carried: [...each, ...opened, ...together].filter(isCarried).sort((a, b) => a.number - b.number),
  };
}

/** Those that are not written down yet; what stands in the outbox or in the walk needs no memory of the touch. */
export function notWrittenYet(
  touched: ReadonlySet<string>,
  { walk, pending, tests }: Omit<Said, 'touched' | 'looked'>,
): string[] {
  const open = new Set(walk.state.lines.filter(({ outcome }) => outcome === 'open').map(({ key }) => key));

  return [...touched].filter((id) => {
    const [line = '', step] = id.split(':');

    const isSaid = step !== undefined && tests.of(line).said[Number(step)] !== undefined;

    return open.has(line) && !pending.has(line) && !isSaid;
  });
}

export const all = ({ each, opened, together, carried }: Items): Item[] => [
  ...each,
  ...opened,
  ...together,
  ...carried,
];

/** Whether the whole page is said by the act that is held. */
export const isSaidAtOnce = ({ each, opened, together, carried }: Items): boolean =>
  each.length + opened.length === 0 && [...together, ...carried].some((item) => !item.isDone);

/** The one thing that is left to say on a page, where there is but one. */
export function lastOf(items: Items): Item | undefined {
  const open = all(items).filter((item) => !item.isDone);

  return open.length === 1 ? open[0] : undefined;
}

/** The number of each line: that of its first step, where it has several. */
export const numbersOf = (items: Items): Map<string, number> =>
  new Map(
    all(items)
      .reverse()
      .map((item) => [item.line.key, item.number]),
  );

/** The numbers of things, runs of them shortened: 5 to 9. */
export function ranges(items: Item[], to: string): string {
  const numbers = items.map(({ number }) => number).sort((a, b) => a - b);
  const runs: [number, number][] = [];
  for (const number of numbers) {
    const last = runs[runs.length - 1];
    if (last !== undefined && number === last[1] + 1) {
      last[1] = number;
    } else {
      runs.push([number, number]);
    }
  }

  return runs.map(([from, until]) => inWords(from, until, to)).join(', ');
}

function inWords(from: number, until: number, to: string): string {
  if (from === until) {
    return `${from}`;
  }

  return until === from + 1 ? `${from}, ${until}` : `${from} ${to} ${until}`;
}
