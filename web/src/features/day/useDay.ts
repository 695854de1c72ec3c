import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { answer, api, type Schema } from '../../api/client';

export type Row = Schema['DayRow'];

export function useDay() {
  return useQuery({ queryKey: ['day'], queryFn: () => answer(api.GET('/api/day')), refetchInterval: 30_000 });
}

interface Opening {
  row: Row;
  movement: Schema['Movement'];
}

/** One tap: opens the walk of a row, or takes it to the page that it has come to. */
export function useOpenRow() {
  const navigate = useNavigate();
  const queries = useQueryClient();

  return useMutation({
    mutationFn: async ({ row, movement }: Opening) => {
      if (row.opens === 'spread') {
        return `/hires/${row.hire_id}/spread`;
      }
      if (row.walk_id !== null) {
        return row.opens === 'handover' ? `/walks/${row.walk_id}/handover` : `/walks/${row.walk_id}`;
      }
      const walk = await answer(
        api.POST('/api/hires/{hire}/walks', { params: { path: { hire: row.hire_id } }, body: { id: uuid(), movement, recorded_at: new Date().toISOString() } }),
      );
      queries.setQueryData(['walk', walk.id], walk);

      return `/walks/${walk.id}`;
    },
    onSuccess: (path) => {
      void navigate(path);
    },
  });
}
