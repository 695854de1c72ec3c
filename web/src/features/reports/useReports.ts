import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';
import { postToHire } from '../../api/postToHire';

export type Report = Schema['HirerReport'];

/** Faults that hirers reported and nobody settled. */
export function useOpenReports() {
  return useQuery({ queryKey: ['hirer-reports'], queryFn: () => answer(api.GET('/api/hirer-reports')) });
}

/** What the hirer of one hire said: faults and the daily list. */
export function useSaidByHirer(hire: string) {
  return useQuery({
    queryKey: ['hirer-reports', hire],
    queryFn: () => answer(api.GET('/api/hires/{hire}/hirer-reports', { params: { path: { hire } } })),
  });
}

interface Settling {
  report: Report;
  how: NonNullable<Report['settled']>['how'];
  words: string;
}

export function useSettleReport() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: ({ report, how, words }: Settling) =>
      postToHire(report.hire_id, 'report.settled', { report: report.id, how, words }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['hirer-reports'] }),
  });
}
