import { useQuery } from '@tanstack/react-query';
import { useCallback } from 'react';
import { v7 as uuid } from 'uuid';
import { answer, api, type Schema } from '../../../api/client';
import { entryOf, type Payloads, type PostedKind } from '../../../api/entries';
import { outbox } from '../../../offline/outbox';

export const walkQuery = (walkId: string) => ({ queryKey: ['walk', walkId], queryFn: () => answer(api.GET('/api/walks/{walk}', { params: { path: { walk: walkId } } })) });

export function useWalk(walkId: string) {
  return useQuery({ ...walkQuery(walkId), refetchInterval: 20_000 });
}

/** The payload, or how it is made where it has to know the id of its entry. */
export type Post = <Kind extends PostedKind>(
  kind: Kind,
  payload: Payloads[Kind] | ((entryId: string) => Promise<Payloads[Kind]>),
  corrects?: string,
) => Promise<Schema['EntryResult'] | 'kept'>;

/** Posts one entry of a walk through the outbox; throws the problem when the server says no. */
export function usePost(walkId: string): Post {
  return useCallback(
    async (kind, payload, corrects) => {
      const id = uuid();
      const made = typeof payload === 'function' ? await payload(id) : payload;
      const outcome = await outbox.post(walkId, entryOf(id, kind, made, corrects));

      return outcome.status === 'kept' ? 'kept' : outcome.result;
    },
    [walkId],
  );
}
