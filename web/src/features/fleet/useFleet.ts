import { keepPreviousData, useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { answer, api } from '../../api/client';

export interface FleetFilter {
  search?: string;
  family?: string;
  standing?: string;
  only?: string;
}

/** The fleet by fleet number, a hundred machines at a time. */
export function useFleet(filter: FleetFilter = {}) {
  return useInfiniteQuery({
    queryKey: Object.keys(filter).length === 0 ? ['fleet'] : ['fleet', filter],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam }) =>
      answer(
        api.GET('/api/machines', {
          params: { query: { ...filter, ...(pageParam === undefined ? {} : { cursor: pageParam }) } },
        }),
      ),
    getNextPageParam: (last) => last.next_cursor ?? undefined,
    // The list that stands there stays until the other one is here.
    placeholderData: keepPreviousData,
  });
}

export function useMachine(machineId: string) {
  return useQuery({
    queryKey: ['machine', machineId],
    queryFn: () => answer(api.GET('/api/machines/{machine}', { params: { path: { machine: machineId } } })),
  });
}

/** The posting trail of a machine, newest first, a hundred lines at a time. */
export function useTrail(machineId: string) {
  return useInfiniteQuery({
    queryKey: ['trail', machineId],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam }) =>
      answer(
        api.GET('/api/machines/{machine}/entries', {
          params: { path: { machine: machineId }, query: pageParam === undefined ? {} : { cursor: pageParam } },
        }),
      ),
    getNextPageParam: (last) => last.next_cursor ?? undefined,
  });
}
