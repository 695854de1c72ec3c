import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api } from '../../api/client';

const KEY = ['tablets'];

/** The shared tablets of the yard; for the lead. */
export function useTablets() {
  return useQuery({ queryKey: KEY, queryFn: () => answer(api.GET('/api/tablets')) });
}

/** Makes this tablet one on which people sign in with a PIN. */
export function useEnrolTablet() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (name: string) => answer(api.POST('/api/tablets', { body: { name } })),
    onSuccess: (tablets) => queries.setQueryData(KEY, tablets),
  });
}

export function useRevokeTablet() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (tablet: string) => answer(api.DELETE('/api/tablets/{tablet}', { params: { path: { tablet } } })),
    onSuccess: (tablets) => queries.setQueryData(KEY, tablets),
  });
}
