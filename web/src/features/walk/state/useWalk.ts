import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { v7 as uuid } from 'uuid';
import { answer, api, type Schema } from '../../../api/client';
import { entryOf, type Payloads, type PostedKind } from '../../../api/entries';
import { mayBeKept } from '../../../api/readAnew';
import { outbox } from '../../../offline/outbox';
import { mergeState } from './mergeState';
import type { Walk } from './types';

export const walkQuery = (walkId: string) => ({
  queryKey: ['walk', walkId],
  queryFn: () => answer(api.GET('/api/walks/{walk}', { params: { path: { walk: walkId } } })),
});

/** The walk whole, and from then on what changed since: its plan stays as it is. */
export function useWalk(walkId: string) {
  const queries = useQueryClient();
  const whole = walkQuery(walkId);

  return useQuery({
    ...whole,
    queryFn: async () => {
      const known = queries.getQueryData<Walk>(whole.queryKey);
      if (known === undefined || !mayBeKept(queries.getQueryState(whole.queryKey)?.dataUpdatedAt ?? 0)) {
        return whole.queryFn();
      }
      const state = await answer(
        api.GET('/api/walks/{walk}/state', {
          params: { path: { walk: walkId }, query: { known_sequence: known.state.sequence } },
        }),
      );
      // What came in meanwhile, by an answer to an entry, is not overtaken by this one.
      const now = queries.getQueryData<Walk>(whole.queryKey) ?? known;

      return { ...now, state: mergeState(now.state, state) };
    },
    refetchInterval: 20_000,
  });
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
