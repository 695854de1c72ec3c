import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { answer, api } from '../../api/client';

export function useFleet() {
  return useQuery({ queryKey: ['machines'], queryFn: () => answer(api.GET('/api/machines')) });
}

export function useMachine(machineId: string) {
  return useQuery({ queryKey: ['machine', machineId], queryFn: () => answer(api.GET('/api/machines/{machine}', { params: { path: { machine: machineId } } })) });
}

/** The posting trail of a machine, newest first, a hundred lines at a time. */
export function useTrail(machineId: string) {
  return useInfiniteQuery({
    queryKey: ['trail', machineId],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam }) => answer(api.GET('/api/machines/{machine}/entries', { params: { path: { machine: machineId }, query: pageParam === undefined ? {} : { cursor: pageParam } } })),
    getNextPageParam: (last) => last.next_cursor ?? undefined,
  });
}
