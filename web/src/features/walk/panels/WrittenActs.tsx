import type { ReactNode } from 'react';
import type { Problem } from '../../../api/problem';
import { CannotTellButton } from './CannotTellButton';
import { ProblemWords } from '../../../app/ProblemWords';
import { StrikeButton } from './StrikeButton';
import type { Post } from '../state/useWalk';
import type { Position } from '../state/useWalkPosition';

interface Props {
  position: Position;
  post: Post;
  /** The entry that answers the line; none while it is open. */
  entryId: string | null;
  /** Whether that entry stops the machine. */
  stops: boolean;
  busy: boolean;
  problem: Problem | null;
  mayPost: boolean;
  /** What writes the answer, shown while the line is open. */
  children: ReactNode;
}

/**
 * What lies below a line that is written and not drawn: strike what stands, or answer it, or say why it cannot be
 * read.
 */
export function WrittenActs({ position, post, entryId, stops, busy, problem, mayPost, children }: Props) {
  return (
    <>
      <ProblemWords problem={problem} />
      {mayPost && (
        <div className="look-acts paper-acts">
          {entryId !== null ? (
            <StrikeButton entryId={entryId} stops={stops} post={post} />
          ) : (
            <>
              <CannotTellButton position={position} post={post} disabled={busy} words="walk.cannot_read" />
              {children}
            </>
          )}
        </div>
      )}
    </>
  );
}
