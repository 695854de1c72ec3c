import type { KeptEntry } from '../../../offline/store';

/**
 * What was answered on this tablet and is not in the yard's ledger yet. A reading, a test, a paper and a dashboard are
 * judged
 * there; a look says itself whether it is so.
 */
export type PendingAnswer = 'stands' | 'amiss' | 'cannot_tell' | 'put_right' | 'not_fitted' | 'not_judged';

export type PendingAnswers = ReadonlyMap<string, PendingAnswer>;

/** The latest answer to each line of a walk that this tablet still keeps. */
export function pendingAnswers(kept: KeptEntry[], walkId: string): PendingAnswers {
  const answers = new Map<string, PendingAnswer>();
  for (const { entry } of kept.filter((one) => one.walkId === walkId)) {
    switch (entry.kind) {
      case 'check.answered':
        answers.set(entry.payload.line, entry.payload.answer);
        break;
      case 'lines.affirmed':
        for (const { line } of entry.payload.lines) {
          answers.set(line, 'stands');
        }
        break;
      case 'reading.posted':
      case 'test.answered':
      case 'paper.compared':
      case 'dashboard.read':
        answers.set(entry.payload.line, 'not_judged');
        break;
      default:
    }
  }

  return answers;
}
