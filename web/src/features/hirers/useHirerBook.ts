import { keepPreviousData, useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';

/** Hirers by name, a page of the server at a time. */
export function useHirerPages(search: string) {
  return useInfiniteQuery({
    queryKey: ['hirers', 'pages', search],
    initialPageParam: 1,
    queryFn: ({ pageParam }) => answer(api.GET('/api/hirers', { params: { query: { search, page: pageParam } } })),
    getNextPageParam: (last) => last.next_page ?? undefined,
    // The list that stands there stays until the other one is here.
    placeholderData: keepPreviousData,
  });
}

export function useHirer(hirerId: string) {
  return useQuery({
    queryKey: ['hirer', hirerId],
    queryFn: () => answer(api.GET('/api/hirers/{hirer}', { params: { path: { hirer: hirerId } } })),
  });
}

export type HirerChange = { details: Schema['KeepHirer'] } | { mergeInto: string };

/** Writes a hirer down otherwise, or says that it is the same as another one. */
export function useChangeHirer(hirerId: string) {
  const queries = useQueryClient();
  const params = { path: { hirer: hirerId } };

  return useMutation({
    mutationFn: async (change: HirerChange): Promise<string> => {
      if ('details' in change) {
        return (await answer(api.PUT('/api/hirers/{hirer}', { params, body: change.details }))).id;
      }
      const kept = await answer(
        api.POST('/api/hirers/{hirer}/merger', { params, body: { into: change.mergeInto } }),
      );
      // It is opened next, and stands there at once.
      queries.setQueryData(['hirer', kept.hirer.id], kept);

      return kept.hirer.id;
    },
    // The name stands on the day, on folios and on hires.
    onSuccess: () => queries.invalidateQueries(),
  });
}
