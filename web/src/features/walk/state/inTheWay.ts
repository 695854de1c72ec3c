import type { PendingAnswers } from './pendingAnswers';
import type { Stage, Walk } from './types';

export interface InTheWay {
  /** Lines that keep the machine from the state. */
  lines: string[];
  /** Where nothing else does: lines that were read here and are for the yard to judge, which is out of reach. */
  byEye: string[];
}

/**
 * What keeps a machine from a state, by the yard's word and by what was answered on this tablet since. Not where the
 * yard said stop is anything left to the eye.
 */
export function inTheWay(walk: Walk, stage: Stage, pending: PendingAnswers): InTheWay {
  const shut = walk.state.shut_stages.find((one) => one.stage === stage.id);
  const asked =
    shut?.lines ?? stage.gated_by ?? walk.state.blocked_stages.find((one) => one.stage === stage.id)?.lines ?? [];
  const isRead = (key: string) => pending.get(key) === 'not_judged';
  const stands = (key: string) =>
    walk.state.lines.find((line) => line.key === key)?.outcome === 'stands' &&
    pending.get(key) !== 'cannot_tell' &&
    !isRead(key);
  // Read as far as it can be now, oil in frost: the yard lets it wait, unless somebody has looked again here.
  const mayWait = (key: string) => !pending.has(key) && walk.state.read_later.some((one) => one.line === key);
  const open = asked.filter((key) => !stands(key) && !mayWait(key));
  const lines = open.filter((key) => shut !== undefined || !isRead(key));

  return { lines, byEye: lines.length > 0 ? [] : open };
}
