import { useQuery } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';

export type Model = Schema['ModelDetail'];
export type CatalogueCheck = Schema['CatalogueCheck'];

export function useModels() {
  return useQuery({ queryKey: ['models'], queryFn: () => answer(api.GET('/api/models')), staleTime: 600_000 });
}

export function useModel(id: string) {
  return useQuery({ queryKey: ['model', id], queryFn: () => answer(api.GET('/api/models/{model}', { params: { path: { model: id } } })), staleTime: 600_000 });
}

export function useHouseRules() {
  return useQuery({ queryKey: ['house-rules'], queryFn: () => answer(api.GET('/api/house-rules')), staleTime: 600_000 });
}
