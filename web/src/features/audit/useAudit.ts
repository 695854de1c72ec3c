import { useInfiniteQuery } from '@tanstack/react-query';
import { answer, api } from '../../api/client';

/** Sign-ins and changes of master data, newest first, a hundred at a time. */
export function useAudit() {
  return useInfiniteQuery({
    queryKey: ['audit'],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam }) =>
      answer(api.GET('/api/audit', { params: { query: pageParam === undefined ? {} : { cursor: pageParam } } })),
    getNextPageParam: (last) => last.next_cursor ?? undefined,
  });
}
