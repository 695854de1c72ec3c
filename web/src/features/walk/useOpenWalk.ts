import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { answer, api, type Schema } from '../../api/client';

interface Opening {
  hireId: string;
  movement: Schema['Movement'];
}

/** Opens the walk of a hire's movement, or the one that somebody opened already, and goes there. */
export function useOpenWalk() {
  const navigate = useNavigate();
  const queries = useQueryClient();

  return useMutation({
    mutationFn: ({ hireId, movement }: Opening) =>
      answer(api.POST('/api/hires/{hire}/walks', { params: { path: { hire: hireId } }, body: { id: uuid(), movement, recorded_at: new Date().toISOString() } })),
    onSuccess: (walk) => {
      queries.setQueryData(['walk', walk.id], walk);
      void queries.invalidateQueries({ queryKey: ['day'] });
      void navigate(`/walks/${walk.id}`);
    },
  });
}
