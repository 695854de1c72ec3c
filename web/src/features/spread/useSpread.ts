import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { answer, api } from '../../api/client';
import { usePost, type Post } from '../walk/state/useWalk';

export function useSpread(hireId: string) {
  return useQuery({
    queryKey: ['spread', hireId],
    queryFn: () => answer(api.GET('/api/hires/{hire}/spread', { params: { path: { hire: hireId } } })),
  });
}

/** Posts to the return walk of a spread and fetches the spread again, for it is computed by the server. */
export function usePostToSpread(hireId: string, walkId: string): Post {
  const queries = useQueryClient();
  const post = usePost(walkId);

  return useCallback(
    async (kind, payload, corrects) => {
      const result = await post(kind, payload, corrects);
      await queries.invalidateQueries({ queryKey: ['spread', hireId] });

      return result;
    },
    [hireId, post, queries],
  );
}
