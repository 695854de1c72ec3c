import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { answer, api, type Schema } from '../../api/client';

type Movement = Schema['Movement'];

/** A plan that was fetched so long ago is fetched anew. */
const FRESH_MS = 30 * 60_000;

export const previewKey = (hireId: string, movement: Movement) => ['preview', hireId, movement];

/** Fetches the plans of walks that nobody has opened, one after the other, so that they can be opened with no network. */
export function usePreviews(wanted: { hireId: string; movement: Movement }[]): void {
  const queries = useQueryClient();
  const names = JSON.stringify(wanted);
  useEffect(() => {
    let isGone = false;
    const fetchAll = async () => {
      for (const { hireId, movement } of JSON.parse(names) as typeof wanted) {
        if (isGone) {
          return;
        }
        await queries.prefetchQuery({
          queryKey: previewKey(hireId, movement),
          staleTime: FRESH_MS,
          retry: false,
          queryFn: () => answer(api.GET('/api/hires/{hire}/walks/{movement}', { params: { path: { hire: hireId, movement } } })),
        });
      }
    };
    void fetchAll();

    return () => {
      isGone = true;
    };
  }, [queries, names]);
}
