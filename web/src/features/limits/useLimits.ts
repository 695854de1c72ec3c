import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';
import { postToHire } from '../../api/postToHire';

export type Limits = Schema['LimitsOfMachine'];
export type Sheet = Schema['LimitSheet'];
export type SheetField = Sheet['fields'][number];
export type Result = Schema['SheetResult'];
type Picture = NonNullable<Result['picture']>;
export type PictureOf<Kind extends Picture['kind']> = Extract<Picture, { kind: Kind }>;
export type Inputs = Schema['SheetInputs'];
export type SiteAnswer = Schema['SiteAnswer'];

export function useLimits(machine: string, hire: string | null) {
  return useQuery({
    queryKey: ['limits', machine, hire],
    queryFn: () =>
      answer(
        api.GET('/api/machines/{machine}/limits', {
          params: { path: { machine }, query: hire === null ? {} : { hire } },
        }),
      ),
  });
}

/** What a sheet comes to with what is typed so far. */
export function useComputed(machine: string, hire: string | null, sheet: string, inputs: Inputs) {
  return useQuery({
    queryKey: ['computed-limits', machine, hire, sheet, inputs],
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: () =>
      answer(
        api.POST('/api/machines/{machine}/limits/{sheet}', {
          params: { path: { machine, sheet } },
          body: { inputs, ...(hire === null ? {} : { hire_id: hire }) },
        }),
      ),
  });
}

export type LimitsEntry = { site: Record<string, SiteAnswer> } | { sheet: string; inputs: Inputs };

/** Keeps an answer about the site, or the limits of a sheet, with the hire. */
export function useKeepLimits(hire: string) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (entry: LimitsEntry) =>
      'site' in entry
        ? postToHire(hire, 'site.answered', { answers: entry.site })
        : postToHire(hire, 'limits.set', { sheet: entry.sheet, inputs: entry.inputs }),
    onSuccess: () =>
      queries.invalidateQueries({
        predicate: (query) => ['limits', 'computed-limits', 'briefing'].includes(String(query.queryKey[0])),
      }),
  });
}
