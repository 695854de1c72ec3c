import { v7 as uuid } from 'uuid';
import { answer, api } from '../../api/client';
import { entryOf, type Payloads, type PostedKind } from '../../api/entries';
import { ProblemError } from '../../api/problem';

/** Posts one entry of a machine that is on no walk. Throws the problem when the yard says no. */
export async function postToMachine<Kind extends PostedKind>(
  machine: string,
  kind: Kind,
  payload: Payloads[Kind],
): Promise<void> {
  const entry = entryOf(uuid(), kind, payload);
  const { results } = await answer(
    api.POST('/api/machines/{machine}/entries', { params: { path: { machine } }, body: { entries: [entry] } }),
  );
  const problem = results[0]?.problem;
  if (problem !== undefined) {
    throw new ProblemError(problem);
  }
}
