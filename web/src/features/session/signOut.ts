import { answer, api } from '../../api/client';
import { ProblemError } from '../../api/problem';

const PENDING = 'jade.sign-out.pending';

/** Ends the session on this tablet at once; the yard is told now, or as soon as it is reached. */
export async function signOutHere(): Promise<void> {
  localStorage.setItem(PENDING, 'yes');
  await finishSignOut().catch(() => undefined);
}

/** Tells the yard of a sign-out that it does not know of. Throws while it is out of reach. */
export async function finishSignOut(): Promise<void> {
  if (localStorage.getItem(PENDING) === null) {
    return;
  }
  try {
    await answer(api.DELETE('/api/session'));
  } catch (error) {
    // A session that is no more, or not theirs any more, needs no end.
    if (!(error instanceof ProblemError) || error.problem.status >= 500) {
      throw error;
    }
  }
  signedInAnew();
}

/** A session that began since is not ended by what was meant for the one before. */
export const signedInAnew = (): void => localStorage.removeItem(PENDING);
