import { useMemo } from 'react';
import { usePersistentState } from '../../../app/usePersistentState';
import type { PendingAnswers } from './pendingAnswers';
import type { Leaf, Line, Outcome, Visit, Walk } from './types';

export interface Position {
  visit: Visit;
  /** The page of the stop on which the line stands, and which of how many it is. */
  leaf: Leaf;
  leafNumber: number;
  line: Line;
  /** The first line of a visit that is still open, or its first line. */
  goVisit: (visit: Visit) => void;
  goLine: (key: string) => void;
  /** The next open line of the page after those that were just answered; no page turns by itself. */
  advance: (answered: string[]) => void;
  /** Where the walk goes on after this page, those left out that were just answered; null where nothing is left. */
  next: (answered?: string[]) => { visit: Visit; line: Line } | null;
}

/** Goes on to the page after this one; false where nothing is left on the whole walk. */
export function turnPage(position: Pick<Position, 'next' | 'goLine'>, answered: string[] = []): boolean {
  const next = position.next(answered);
  if (next !== null) {
    position.goLine(next.line.key);
  }

  return next !== null;
}

/** Where the technician is: one line of one visit, kept over interruptions. */
export function useWalkPosition(walk: Walk, pending: PendingAnswers, myId: string): Position {
  const outcomes = useMemo(
    () =>
      new Map<string, Outcome>(
        walk.state.lines.map((line) => [line.key, pending.has(line.key) ? 'stands' : line.outcome]),
      ),
    [walk.state.lines, pending],
  );
  const all = useMemo(
    () => walk.plan.visits.flatMap((visit) => visit.lines.map((line) => ({ visit, line }))),
    [walk.plan.visits],
  );
  const isOpen = (key: string) => (outcomes.get(key) ?? 'open') === 'open';
  // Lines of a state that a stop has shut are left out of the way until it is mended.
  const isNext = ({ visit, line }: { visit: Visit; line: Line }) =>
    isOpen(line.key) && !walk.state.shut_stages.some((shut) => shut.stage === visit.stage);
  const share =
    walk.state.people.length < 2 ? undefined : walk.state.people.find(({ person }) => person.id === myId)?.visits;
  const isMine = ({ visit }: { visit: Visit }) => share === undefined || share.includes(visit.number);
  /** What is answered first on the page of a line. */
  const firstOnPage = ({ visit, line }: { visit: Visit; line: Line }, answered: string[] = []) => {
    const page = visit.leaves.find((one) => one.lines.includes(line.key));
    const first = inOrderOf(page).find((one) => isOpen(one) && !answered.includes(one));

    return { visit, line: visit.lines.find((one) => one.key === first) ?? line };
  };
  const open = all.find((one) => isMine(one) && isNext(one)) ?? all.find(isNext);
  const firstOpen = open === undefined ? all[all.length - 1] : firstOnPage(open);
  // Pinned from the start: the place does not move because of what others post.
  const [key, setKey] = usePersistentState<string | null>(`walk.position.1.${walk.id}`, firstOpen?.line.key ?? null);
  const here = all.find(({ line }) => line.key === key) ?? firstOpen;
  if (here === undefined) {
    throw new Error('A walk has at least one line.');
  }

  const leafOf = (visit: Visit, line: string) =>
    Math.max(
      0,
      visit.leaves.findIndex((leaf) => leaf.lines.includes(line)),
    );
  const leafAt = leafOf(here.visit, here.line.key);
  const leaf = here.visit.leaves[leafAt];
  if (leaf === undefined) {
    throw new Error('A stop has at least one page.');
  }

  return {
    ...here,
    leaf,
    leafNumber: leafAt + 1,
    goVisit: (visit) => {
      const line = visit.lines.find((one) => isOpen(one.key)) ?? visit.lines[0];
      setKey(line === undefined ? null : firstOnPage({ visit, line }).line.key);
    },
    goLine: setKey,
    advance: (answered) => {
      const lines = inOrderOf(leaf);
      const ahead = lines.slice(lines.indexOf(answered[0] ?? '') + 1);
      setKey([...ahead, ...lines].find((one) => isOpen(one) && !answered.includes(one)) ?? here.line.key);
    },
    next: (answered = []) => {
      const last = leaf.lines[leaf.lines.length - 1];
      const at = all.findIndex(({ line }) => line.key === last);
      const ahead = [...all.slice(at + 1), ...all.slice(0, at + 1)]
        .filter((one) => isNext(one) && !leaf.lines.includes(one.line.key) && !answered.includes(one.line.key));
      // Of a walk that is shared, one's own stations come first, but not those of another state before this one is
      // done.
      const stage = ahead[0]?.visit.stage;

      const next = ahead.find((one) => one.visit.stage === stage && isMine(one)) ?? ahead[0];

      return next === undefined ? null : firstOnPage(next, answered);
    },
  };
}

/** The lines of a page in the order in which they are answered there: touched, read, said together. */
function inOrderOf(leaf: Leaf | undefined): string[] {
  return leaf === undefined
    ? []
    : [...new Set([...leaf.each, ...leaf.opened, ...leaf.together].map(({ line }) => line))];
}
