import type { Problem } from '../../../api/problem';
import type { PendingAnswers } from '../state/pendingAnswers';
import type { TestRuns } from '../state/testRuns';
import type { Position } from '../state/useWalkPosition';
import type { Post } from '../state/useWalk';
import type { Observed, Walk } from '../state/types';

export interface PanelProps {
  walk: Walk;
  position: Position;
  observed: Record<string, Observed>;
  onObserved: (observed: Record<string, Observed>) => void;
  mayPost: boolean;
  isKept: boolean;
  post: Post;
  onCross: (stage: string) => void;
  onFinding: () => void;
  onTag: () => void;
  /** Opens a finding that is known. */
  onKnown: (finding: string) => void;
  /** What was posted here does not stand: what is to be done now is shown. */
  onNotStanding: (line: string) => void;
  /** Why the server refused what was answered here, after the walk had gone on. */
  refusal: Problem | null;
  onRefused: (line: string, problem: Problem) => void;
  /** Lines that were answered here and not yet taken by the yard's ledger. */
  pending: PendingAnswers;
  /** Function tests that are under way here. */
  tests: TestRuns;
}
