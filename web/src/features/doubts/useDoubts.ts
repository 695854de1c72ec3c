import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { v7 as uuid } from 'uuid';
import { answer, api, type Schema } from '../../api/client';
import { ProblemError } from '../../api/problem';

export type DoubtfulWalk = Schema['DoubtList']['walks'][number];

/** Entries that decide nothing until the lead has looked; asked for by leads only. */
export function useDoubts(isLead: boolean) {
  return useQuery({ queryKey: ['doubts'], enabled: isLead, queryFn: () => answer(api.GET('/api/doubts')) });
}

interface Settling {
  walk: DoubtfulWalk;
  taken: boolean;
  reason: string;
}

export function useSettleDoubt() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: async ({ walk, taken, reason }: Settling) => {
      const payload = { entries: walk.entries.map((entry) => entry.id), taken, reason };
      const entry = { id: uuid(), kind: 'doubt.settled' as const, recorded_at: new Date().toISOString(), payload };
      const { results } = await answer(api.POST('/api/walks/{walk}/entries', { params: { path: { walk: walk.walk_id } }, body: { entries: [entry] } }));
      const problem = results[0]?.problem;
      if (problem !== undefined) {
        throw new ProblemError(problem);
      }
    },
    onSuccess: () => queries.invalidateQueries(),
  });
}
