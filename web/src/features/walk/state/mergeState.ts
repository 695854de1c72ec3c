import type { WalkState } from './types';

/**
 * The state of a walk after an answer that tells only the lines that changed; an answer that comes late changes
 * nothing.
 */
export function mergeState(before: WalkState, answered: WalkState): WalkState {
  if (answered.sequence < before.sequence) {
    return before;
  }
  const changed = new Map(answered.lines.map((line) => [line.key, line]));

  return { ...answered, lines: before.lines.map((line) => changed.get(line.key) ?? line) };
}
