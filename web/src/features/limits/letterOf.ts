import type { Limits } from './useLimits';

/** The letter of the caution that an answer calls up: a, b, c, in the order of the questions. */
export function letterOf(questions: Limits['site'], id: string): string {
  const at = questions.filter((question) => question.say !== null).findIndex((question) => question.id === id);

  return at < 0 ? '' : String.fromCharCode('a'.charCodeAt(0) + at);
}
