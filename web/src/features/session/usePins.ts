import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, api, changeHands, type Schema } from '../../api/client';
import { keepPin } from './keptPin';
import { signedInAnew } from './signOut';
import { SESSION } from './useSession';

/** On an enrolled tablet only. */
export function useSignInByPin() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['PinSignIn']) => changeHands(() => answer(api.POST('/api/session/pin', { body }))),
    onSuccess: async (session, { person, pin }) => {
      signedInAnew();
      await keepPin(person, pin);
      queries.setQueryData(SESSION, session);
    },
  });
}

export function useChoosePin() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['ChoosePin']) => answer(api.PUT('/api/session/pin', { body })),
    onSuccess: async (session, { pin }) => {
      if (session.user !== null) {
        await keepPin(session.user.id, pin);
      }
      queries.setQueryData(SESSION, session);
    },
  });
}
