import { useMemo } from 'react';
import { usePersistentState } from '../../../app/usePersistentState';
import type { PendingAnswers } from './pendingAnswers';
import type { Line, Outcome, Visit, Walk } from './types';

export interface Position {
  visit: Visit;
  line: Line;
  /** The first line of a visit that is still open, or its first line. */
  goVisit: (visit: Visit) => void;
  goLine: (key: string) => void;
  /** The next open line after those that were just answered. */
  advance: (answered: string[]) => void;
}

/** Where the technician is: one line of one visit, kept over interruptions. */
export function useWalkPosition(walk: Walk, pending: PendingAnswers, myId: string): Position {
  const outcomes = useMemo(() => new Map<string, Outcome>(walk.state.lines.map((line) => [line.key, pending.has(line.key) ? 'stands' : line.outcome])), [walk.state.lines, pending]);
  const all = useMemo(() => walk.plan.visits.flatMap((visit) => visit.lines.map((line) => ({ visit, line }))), [walk.plan.visits]);
  const isOpen = (key: string) => (outcomes.get(key) ?? 'open') === 'open';
  // Lines of a state that a stop has shut are left out of the way until it is mended.
  const isNext = ({ visit, line }: { visit: Visit; line: Line }) => isOpen(line.key) && !walk.state.shut_stages.some((shut) => shut.stage === visit.stage);
  const share = walk.state.people.length < 2 ? undefined : walk.state.people.find(({ person }) => person.id === myId)?.visits;
  const isMine = ({ visit }: { visit: Visit }) => share === undefined || share.includes(visit.number);
  const firstOpen = all.find((one) => isMine(one) && isNext(one)) ?? all.find(isNext) ?? all[all.length - 1];
  // Pinned from the start: the place does not move because of what others post.
  const [key, setKey] = usePersistentState<string | null>(`walk.position.1.${walk.id}`, firstOpen?.line.key ?? null);
  const here = all.find(({ line }) => line.key === key) ?? firstOpen;
  if (here === undefined) {
    throw new Error('A walk has at least one line.');
  }

  return {
    ...here,
    goVisit: (visit) => setKey((visit.lines.find((line) => isOpen(line.key)) ?? visit.lines[0])?.key ?? null),
    goLine: setKey,
    advance: (answered) => {
      const at = all.findIndex(({ line }) => answered.includes(line.key));
      const ahead = [...all.slice(at + 1), ...all.slice(0, at)].filter((one) => !answered.includes(one.line.key) && isNext(one));
      // Of a walk that is shared, one's own stations come first, but not those of another state before this one is done.
      const stage = ahead[0]?.visit.stage;
      // What was said of the rest of a station leaves what can stop the machine: that is looked at before going on.
      const station = answered.length > 1 ? all[at]?.visit.number : undefined;
      const leftHere = ahead.find((one) => one.visit.number === station);
      const next = leftHere ?? ahead.find((one) => one.visit.stage === stage && isMine(one)) ?? ahead[0];
      setKey((next ?? all[Math.min(at + 1, all.length - 1)])?.line.key ?? null);
    },
  };
}
