import { useSend } from './useSend';
import type { Post } from './useWalk';
import type { Position } from './useWalkPosition';

/** What is said of a line instead of answering it: it cannot be told, or the part is not there. The walk goes on. */
export function useSayInstead(
  position: Position,
  post: Post,
): (answer: 'cannot_tell' | 'not_fitted', words: string) => void {
  const { send } = useSend();
  const { key } = position.line;

  return (answer, words) => {
    void send(() => post('check.answered', { line: key, answer, words }));
    position.advance([key]);
  };
}
