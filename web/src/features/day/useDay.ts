import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { useOpenWalk } from '../walk/state/useOpenWalk';

export type Row = Schema['DayRow'];

export function useDay() {
  return useQuery({ queryKey: ['day'], queryFn: () => answer(api.GET('/api/day')), refetchInterval: 30_000 });
}

/** One tap: opens the walk of a row, or goes to the page that it has come to. */
export function useOpenRow() {
  const navigate = useNavigate();
  const opening = useOpenWalk();
  const open = (row: Row, movement: Schema['Movement']) => {
    if (row.opens === 'spread') {
      void navigate(`/hires/${row.hire_id}/spread`);
    } else if (row.walk_id !== null) {
      void navigate(row.opens === 'handover' ? `/walks/${row.walk_id}/handover` : `/walks/${row.walk_id}`);
    } else {
      opening.mutate({ hireId: row.hire_id, movement });
    }
  };

  return { open, isPending: opening.isPending, error: opening.error };
}
