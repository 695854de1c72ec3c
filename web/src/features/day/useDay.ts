import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { answer, api, type Schema } from '../../api/client';
import { useOpenWalk } from '../walk/state/useOpenWalk';

export type Row = Schema['DayRow'];

/** @param date a day of the calendar, or none for today */
export function useDay(date: string | null = null) {
  return useQuery({
    queryKey: date === null ? ['day'] : ['day', date],
    queryFn: async () => {
      const call = await api.GET('/api/day', { params: { query: date === null ? {} : { date } } });
      const day = await answer(Promise.resolve(call));
      // Of a day that has not changed since, only the Date is new.
      const answered = Date.parse(call.response.headers.get('Date') ?? '');

      return Number.isNaN(answered) ? day : { ...day, now: new Date(answered).toISOString() };
    },
    refetchInterval: 30_000,
  });
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
