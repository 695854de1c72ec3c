import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { answer, api, type Schema } from '../../../api/client';
import { walkQuery } from './useWalk';
import { PEOPLE } from '../../people/usePeople';

type Movement = Schema['Movement'];

/** A plan that was fetched so long ago is fetched anew. */
const FRESH_MS = 30 * 60_000;

export interface Wanted {
  hireId: string;
  movement: Movement;
  /** The walk, where somebody has opened it. */
  walkId: string | null;
}

export const previewKey = (hireId: string, movement: Movement) => ['preview', hireId, movement];

/**
 * Fetches the walks of the day one after the other, those that nobody has opened too, and who is in the yard: so that
 * they can be walked with no network.
 */
export function usePreviews(wanted: Wanted[]): void {
  const queries = useQueryClient();
  const names = JSON.stringify(wanted);
  useEffect(() => {
    let isGone = false;
    const fetchAll = async () => {
      // Whoever stands by is named from among them.
      await queries.prefetchQuery({ ...PEOPLE, retry: false });
      for (const { hireId, movement, walkId } of JSON.parse(names) as Wanted[]) {
        if (isGone) {
          return;
        }
        await (walkId === null
          ? queries.prefetchQuery({
              queryKey: previewKey(hireId, movement),
              staleTime: FRESH_MS,
              retry: false,
              queryFn: () =>
                answer(api.GET('/api/hires/{hire}/walks/{movement}', { params: { path: { hire: hireId, movement } } })),
            })
          : queries.prefetchQuery({ ...walkQuery(walkId), staleTime: FRESH_MS, retry: false }));
      }
    };
    void fetchAll();

    return () => {
      isGone = true;
    };
  }, [queries, names]);
}
