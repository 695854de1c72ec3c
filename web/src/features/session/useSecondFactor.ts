import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, api, changeHands, type Schema } from '../../api/client';

/** A secret for a device; it counts for nothing until it is confirmed. */
export function useProposeDevice() {
  return useMutation({
    mutationFn: (body: Schema['ProposeDevice']) => answer(api.POST('/api/session/second-factor', { body })),
  });
}

/** The device shows the right code. The session is taken up by whoever calls: the codes have to be read before. */
export function useConfirmDevice() {
  return useMutation({
    mutationFn: (body: Schema['ConfirmDevice']) =>
      changeHands(() => answer(api.PUT('/api/session/second-factor', { body }))),
  });
}

export function useTakeUpSession() {
  const queries = useQueryClient();

  return (session: Schema['Session']) => {
    queries.setQueryData(['session'], session);
    void queries.invalidateQueries();
  };
}
