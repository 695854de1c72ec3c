import type { components } from './schema';

export type Problem = components['schemas']['Problem'];

/** An answer that says what went wrong and what to do: RFC 9457. */
export class ProblemError extends Error {
  override readonly name = 'ProblemError';

  constructor(
    readonly problem: Problem,
    /** For how long the yard asks not to be asked again, in seconds. */
    readonly retryAfter: number | null = null,
  ) {
    super(problem.detail ?? problem.title);
  }
}

/** The sentence to show for whatever went wrong. */
export function whatToDo(error: unknown, fallback: string): string {
  return error instanceof ProblemError ? (error.problem.detail ?? error.problem.title) : fallback;
}

/** Whatever went wrong as a problem; what is no answer of the server's says that there was none. */
export function problemOf(error: unknown, noAnswer: string): Problem {
  return error instanceof ProblemError
    ? error.problem
    : { type: 'about:blank', title: noAnswer, status: 0, detail: noAnswer };
}
