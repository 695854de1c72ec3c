import { useQuery } from '@tanstack/react-query';
import { loadDrawing } from './readDrawing';

/** A close-up by the name of its drawing. It comes with the application, network or none. */
export function useCloseUp(name: string) {
  return useQuery({
    queryKey: ['close-up', name],
    queryFn: () => loadDrawing(name),
    staleTime: Infinity,
    networkMode: 'always',
  });
}
