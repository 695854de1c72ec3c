import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';

export type Model = Schema['ModelDetail'];
export type CatalogueCheck = Schema['CatalogueCheck'];
export type HouseRule = Schema['HouseRuleList']['rules'][number];

export function useModels() {
  return useQuery({ queryKey: ['models'], queryFn: () => answer(api.GET('/api/models')), staleTime: 600_000 });
}

export function useModel(id: string) {
  return useQuery({ queryKey: ['model', id], queryFn: () => answer(api.GET('/api/models/{model}', { params: { path: { model: id } } })), staleTime: 600_000 });
}

export function useHouseRules() {
  return useQuery({ queryKey: ['house-rules'], queryFn: () => answer(api.GET('/api/house-rules')), staleTime: 600_000 });
}

/** The lead follows another school; plans made from now on keep to it. */
export function useChooseHouseRule() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: ({ rule, value, reason }: { rule: string; value: string; reason: string }) =>
      answer(api.PUT('/api/house-rules/{rule}', { params: { path: { rule } }, body: { value, reason } })),
    onSuccess: (rules) => {
      queries.setQueryData(['house-rules'], rules);
      void queries.invalidateQueries({ predicate: (query) => ['model', 'models', 'day'].includes(String(query.queryKey[0])) });
    },
  });
}
