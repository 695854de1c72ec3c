import type { KeptEntry } from '../../../offline/store';

/**
 * What was answered on this tablet and is not in the yard's ledger yet. A reading, a test, a paper and a dashboard are judged
 * there; a look says itself whether it is so.
 */
export type PendingAnswer = 'stands' | 'amiss' | 'cannot_tell' | 'put_right' | 'not_fitted' | 'not_judged';

export type PendingAnswers = ReadonlyMap<string, PendingAnswer>;

const JUDGED_THERE = ['reading.posted', 'test.answered', 'paper.compared', 'dashboard.read'];

/** The latest answer to each line of a walk that this tablet still keeps. */
export function pendingAnswers(kept: KeptEntry[], walkId: string): PendingAnswers {
  const answers = new Map<string, PendingAnswer>();
  for (const { entry } of kept.filter((one) => one.walkId === walkId)) {
    const { line, answer } = entry.payload as { line?: unknown; answer?: PendingAnswer };
    if (typeof line !== 'string') {
      continue;
    }
    if (entry.kind === 'check.answered' && answer !== undefined) {
      answers.set(line, answer);
    } else if (JUDGED_THERE.includes(entry.kind)) {
      answers.set(line, 'not_judged');
    }
  }

  return answers;
}
