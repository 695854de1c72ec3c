import type { KeptEntry } from '../../../offline/store';
import { pendingAnswers, type PendingAnswers } from './pendingAnswers';
import type { LineState, Walk } from './types';

/**
 * The walk as it stands on this tablet: states that were crossed into, looks, the decision and the signature that the
 * yard does not have yet are in it already. What the yard judges is left open.
 */
export function applyPending(walk: Walk, kept: KeptEntry[]): Walk {
  const mine = kept.filter((one) => one.walkId === walk.id);
  if (mine.length === 0) {
    return walk;
  }
  const crossed = mine.flatMap(({ entry }) => (entry.kind === 'state.crossed' ? [entry.payload.stage] : []));
  const answers = pendingAnswers(mine, walk.id);
  const state = { ...walk.state };
  const last = crossed[crossed.length - 1];
  if (last !== undefined) {
    // Whether somebody still stands by is the yard's to say, and it has not heard of this state.
    Object.assign(state, {
      stage: last,
      stages_entered: [...new Set([...state.stages_entered, ...crossed])],
      standing_by: null,
    });
  }
  if (mine.some((one) => one.entry.kind === 'handover.signed')) {
    state.hire_standing = 'out';
  }

  return {
    ...walk,
    state: {
      ...state,
      lines: state.lines.map((line) => answered(line, walk, answers)),
      progress: progressed(walk, answers),
    },
  };
}

/** A line that was looked at here. */
function answered(line: LineState, walk: Walk, answers: PendingAnswers): LineState {
  switch (answers.get(line.key)) {
    case 'stands':
    case 'put_right':
    case 'not_fitted':
      return { ...line, outcome: 'stands', lifted_by: null };
    case 'amiss':
      return {
        ...line,
        ...(planned(walk, line.key)?.if_amiss ?? { outcome: 'attend' as const, lifted_by: 'reread' as const }),
      };
    default:
      return line;
  }
}

/** Lines and seconds that are left after what was answered here. */
function progressed(walk: Walk, answers: PendingAnswers): Walk['state']['progress'] {
  const progress = { ...walk.state.progress };
  for (const [key, answer] of answers) {
    if (answer !== 'cannot_tell' && walk.state.lines.find((line) => line.key === key)?.outcome === 'open') {
      progress.lines_done += 1;
      progress.lines_left = Math.max(0, progress.lines_left - 1);
      progress.seconds_left = Math.max(0, progress.seconds_left - (planned(walk, key)?.seconds ?? 0));
    }
  }

  return progress;
}

const planned = (walk: Walk, key: string) =>
  walk.plan.visits.flatMap((visit) => visit.lines).find((line) => line.key === key);
