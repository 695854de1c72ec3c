import { v7 as uuid } from 'uuid';
import { entryOf, type Payloads, type PostedKind } from '../../api/entries';
import { outbox } from '../../offline/outbox';

/**
 * Posts one entry of a machine that is on no walk; with no network the tablet keeps it. Throws the problem when the
 * yard says no.
 */
export async function postToMachine<Kind extends PostedKind>(
  machine: string,
  kind: Kind,
  payload: Payloads[Kind],
): Promise<void> {
  await outbox.postToMachine(machine, entryOf(uuid(), kind, payload));
}
