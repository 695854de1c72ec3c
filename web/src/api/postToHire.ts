import { v7 as uuid } from 'uuid';
import { answer, api } from './client';
import { entryOf, type Payloads, type PostedKind } from './entries';
import { ProblemError } from './problem';

/** Posts one entry of a hire whose machine is on no walk. Throws the problem when the yard says no. */
export async function postToHire<Kind extends PostedKind>(
  hire: string,
  kind: Kind,
  payload: Payloads[Kind],
): Promise<void> {
  const { results } = await answer(
    api.POST('/api/hires/{hire}/entries', {
      params: { path: { hire } },
      body: { entries: [entryOf(uuid(), kind, payload)] },
    }),
  );
  const problem = results[0]?.problem;
  if (problem !== undefined) {
    throw new ProblemError(problem);
  }
}
