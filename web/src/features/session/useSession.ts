import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, type Schema } from '../../api/client';
import { setZone } from '../../app/figures';

const KEY = ['session'];

export function useSession() {
  return useQuery({
    queryKey: KEY,
    staleTime: 60_000,
    queryFn: async () => {
      const session = await answer(api.GET('/api/session'));
      setZone(session.yard.timezone);

      return session;
    },
  });
}

export function useSignIn() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['SignIn']) => answer(api.POST('/api/session', { body })),
    onSuccess: (session) => queries.setQueryData(KEY, session),
  });
}

export function useSignOut() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: () => answer(api.DELETE('/api/session')),
    onSuccess: async () => {
      queries.removeQueries({ predicate: (query) => query.queryKey[0] !== KEY[0] });
      await queries.invalidateQueries({ queryKey: KEY });
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
