import { queryOptions, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, changeHands, type Schema } from '../../api/client';
import { finishSignOut, signedInAnew } from './signOut';

/** Under which the session is kept among the queries. */
export const SESSION = ['session'];

export const session = queryOptions({
  queryKey: SESSION,
  staleTime: 60_000,
  queryFn: async () => {
    await finishSignOut();

    return answer(api.GET('/api/session'));
  },
});

export const useSession = () => useQuery(session);

export function useSignIn() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['SignIn']) => changeHands(() => answer(api.POST('/api/session', { body }))),
    onSuccess: (session) => {
      signedInAnew();
      queries.setQueryData(SESSION, session);
    },
  });
}

/** Who is signed in; only below a page that is shown to signed-in people. */
export function useMe(): Schema['SignedIn'] {
  const me = useSession().data?.user;
  if (me === undefined || me === null) {
    throw new Error('Nobody is signed in.');
  }

  return me;
}
