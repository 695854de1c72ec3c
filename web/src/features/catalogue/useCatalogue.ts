import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';
import type { TableMode } from '../../app/TableFile';

export type Model = Schema['ModelDetail'];
export type CatalogueCheck = Schema['CatalogueCheck'];
export type HouseRule = Schema['HouseRuleList']['rules'][number];

export function useModels() {
  return useQuery({ queryKey: ['models'], queryFn: () => answer(api.GET('/api/models')), staleTime: 600_000 });
}

export function useModel(id: string) {
  return useQuery({
    queryKey: ['model', id],
    queryFn: () => answer(api.GET('/api/models/{model}', { params: { path: { model: id } } })),
    staleTime: 600_000,
  });
}

export function useHouseRules() {
  return useQuery({
    queryKey: ['house-rules'],
    queryFn: () => answer(api.GET('/api/house-rules')),
    staleTime: 600_000,
  });
}

export type ModelSheet = Schema['ModelSheet'];
export type AskedLimit = Schema['ModelDraft']['limits'][number];
export type ImportRow = Schema['ModelImport']['rows'][number];

/** Families and features from which a model can be put together. */
export function useModelChoices() {
  return useQuery({
    queryKey: ['model-choices'],
    queryFn: () => answer(api.GET('/api/model-drafts')),
    staleTime: 600_000,
  });
}

/** The limits that a model of a family with these features has to know. */
export function useModelDraft(family: string, features: string[]) {
  return useQuery({
    queryKey: ['model-draft', family, features],
    queryFn: () => answer(api.POST('/api/model-drafts', { body: { family, features } })),
    enabled: family !== '',
    staleTime: 600_000,
    placeholderData: (before) => before,
  });
}

/** Writes a model down, or corrects one that the yard wrote down before. */
export function useKeepModel(modelId: string | undefined) {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (sheet: ModelSheet) =>
      modelId === undefined
        ? answer(api.POST('/api/models', { body: sheet }))
        : answer(api.PUT('/api/models/{model}', { params: { path: { model: modelId } }, body: sheet })),
    onSuccess: (kept) => {
      queries.setQueryData(['model', kept.model.id], kept);
      void queries.invalidateQueries({ queryKey: ['models'] });
    },
  });
}

export function useImportModels() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: { csv: string; mode: TableMode }) => answer(api.POST('/api/model-table', { body })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['models'] }),
  });
}

/** The lead follows another school; plans made from now on keep to it. */
export function useChooseHouseRule() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: ({ rule, value, reason }: { rule: string; value: string; reason: string }) =>
      answer(api.PUT('/api/house-rules/{rule}', { params: { path: { rule } }, body: { value, reason } })),
    onSuccess: (rules) => {
      queries.setQueryData(['house-rules'], rules);
      void queries.invalidateQueries({
        predicate: (query) => ['model', 'models', 'day'].includes(String(query.queryKey[0])),
      });
    },
  });
}
