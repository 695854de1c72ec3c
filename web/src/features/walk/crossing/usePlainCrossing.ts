import type { PendingAnswers } from '../state/pendingAnswers';
import { inTheWay } from '../state/inTheWay';
import type { Stage, Walk } from '../state/types';
import { useSend } from '../state/useSend';
import type { Post } from '../state/useWalk';
import { askedOf } from './askedOf';

export interface PlainCrossing {
  stage: Stage;
  lines: Stage['lines'];
  busy: boolean;
  problem: ReturnType<typeof useSend>['problem'];
  /** Brings the machine into the state; false where it could not be posted. */
  goIn: () => Promise<boolean>;
}

/**
 * A crossing that asks for nothing but to be read: nothing is touched alone, nobody stands by and nothing is in its
 * way. It stands on the first page of its state, and the act that is held there says it.
 */
export function usePlainCrossing(
  walk: Walk,
  stage: Stage | undefined,
  pending: PendingAnswers,
  post: Post,
): PlainCrossing | null {
  const { busy, problem, send } = useSend();
  if (stage === undefined) {
    return null;
  }
  const lines = askedOf(stage, walk);
  const { lines: blocking, byEye } = inTheWay(walk, stage, pending);
  const isPlain =
    !stage.asks_second_person &&
    lines.every((line) => !line.alone) &&
    blocking.length + byEye.length === 0 &&
    walk.state.cooling?.stage !== stage.id;

  return isPlain
    ? {
        stage,
        lines,
        busy,
        problem,
        goIn: () => send(() => post('state.crossed', { stage: stage.id, confirmed: lines.map(({ id }) => id) })),
      }
    : null;
}
