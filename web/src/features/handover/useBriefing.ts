import { useQuery } from '@tanstack/react-query';
import { answer, api } from '../../api/client';

export function useBriefing(walkId: string) {
  return useQuery({ queryKey: ['briefing', walkId], queryFn: () => answer(api.GET('/api/walks/{walk}/briefing', { params: { path: { walk: walkId } } })) });
}
