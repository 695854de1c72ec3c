import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { answer, api, type Schema } from '../../../api/client';
import { ProblemError } from '../../../api/problem';
import { outbox } from '../../../offline/outbox';
import { previewKey } from './usePreviews';

interface Opening {
  hireId: string;
  movement: Schema['Movement'];
}

/** Opens the walk of a hire's movement, or the one that somebody opened already, and goes there. */
export function useOpenWalk() {
  const navigate = useNavigate();
  const queries = useQueryClient();

  return useMutation({
    mutationFn: async ({ hireId, movement }: Opening): Promise<Schema['Walk']> => {
      const opening = { walkId: uuid(), hireId, movement, recordedAt: new Date().toISOString() };
      try {
        return await answer(
          api.POST('/api/hires/{hire}/walks', {
            params: { path: { hire: hireId } },
            body: { id: opening.walkId, movement, recorded_at: opening.recordedAt },
          }),
        );
      } catch (error) {
        const preview = queries.getQueryData<Schema['Walk']>(previewKey(hireId, movement));
        if (error instanceof ProblemError || preview === undefined) {
          throw error;
        }
        // No network: the plan is on the tablet already, and the yard is told when it comes back.
        await outbox.open(opening);

        return { ...preview, id: opening.walkId, opened_at: opening.recordedAt };
      }
    },
    onSuccess: (walk) => {
      queries.setQueryData(['walk', walk.id], walk);
      void queries.invalidateQueries({ queryKey: ['day'] });
      void navigate(`/walks/${walk.id}`);
    },
  });
}
