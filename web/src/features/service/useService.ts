import { keepPreviousData, useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';
import type { Payloads } from '../../api/entries';
import { useOutbox } from '../../offline/useOutbox';
import { postToMachine } from '../fleet/postToMachine';

/** The service points of a machine, the nearest first. */
export function useServiceOfMachine(machineId: string) {
  return useQuery({
    queryKey: ['service', machineId],
    queryFn: () => answer(api.GET('/api/machines/{machine}/service', { params: { path: { machine: machineId } } })),
  });
}

/** Machines of a page of the horizon, as the server counts them. */
const PAGE = 100;

/** What the fleet needs in the next three weeks, in pages of the server. */
export function useHorizon(family: string | null, first: 'day' | 'clash') {
  return useInfiniteQuery({
    queryKey: ['service', 'horizon', family, first],
    placeholderData: keepPreviousData,
    initialPageParam: 0,
    queryFn: ({ pageParam }) =>
      answer(
        api.GET('/api/service', {
          params: { query: { first, from: pageParam, ...(family === null ? {} : { family }) } },
        }),
      ),
    getNextPageParam: (last, pages) => (last.has_more ? pages.length * PAGE : undefined),
  });
}

/** Puts work into a day, or takes it off its day. */
export function usePlanService() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['PlanService']) => answer(api.PUT('/api/service/plans', { body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['service'] }),
  });
}

/** Tells the yard that a point was done, or that the meter was read; the pages that show it ask anew. */
export function usePostService<K extends 'service.done' | 'meter.read'>(machineId: string, kind: K) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (payload: Payloads[K]) => postToMachine(machineId, kind, payload),
    onSuccess: () =>
      queries.invalidateQueries({
        predicate: (query) => ['service', 'machine', 'fleet', 'trail'].includes(String(query.queryKey[0])),
      }),
  });
}

/** Ids of the service points of a machine that were done here and wait for the network. */
export function usePointsKeptHere(machineId: string): ReadonlySet<string> {
  const { kept } = useOutbox();

  return new Set(
    kept.flatMap(({ machineId: of, entry }) =>
      of === machineId && entry.kind === 'service.done' ? [entry.payload.point] : [],
    ),
  );
}
