import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { v7 as uuid } from 'uuid';
import { answer, api, type Schema } from '../../api/client';
import { entryOf, type Entry } from '../../api/entries';
import { ProblemError } from '../../api/problem';

export type FitQuestion = Schema['DoubtList']['questions'][number];
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
  return useSettle(({ walk, taken, reason }: Settling) => ({
    walk: walk.walk_id,
    entry: entryOf(uuid(), 'doubt.settled', { entries: walk.entries.map((entry) => entry.id), taken, reason }),
  }));
}

interface SettlingFit {
  question: FitQuestion;
  isFitted: boolean;
  reason: string;
}

/** Whether the machine has the part after all: then its line is asked again. */
export function useSettleFit() {
  return useSettle(({ question, isFitted, reason }: SettlingFit) => ({
    walk: question.walk_id,
    entry: entryOf(uuid(), 'fit.settled', { question: question.id, is_fitted: isFitted, reason }),
  }));
}

/** Posts one entry to a walk that the lead looked into, and throws the problem when it is refused. */
function useSettle<T>(saidOf: (settled: T) => { walk: string; entry: Entry }) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: async (settled: T) => {
      const { walk, entry } = saidOf(settled);
      const { results } = await answer(
        api.POST('/api/walks/{walk}/entries', { params: { path: { walk } }, body: { entries: [entry] } }),
      );
      const problem = results[0]?.problem;
      if (problem !== undefined) {
        throw new ProblemError(problem);
      }
    },
    onSuccess: () => queries.invalidateQueries(),
  });
}
