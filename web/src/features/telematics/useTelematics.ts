import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../../api/client';

/** What the machines report of themselves, how the provider answers, and what was put aside. */
export function useTelematics() {
  return useQuery({
    queryKey: ['telematics'],
    queryFn: () => answer(api.GET('/api/telematics')),
    refetchInterval: 60_000,
  });
}
