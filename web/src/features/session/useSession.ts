import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, api, changeHands, type Schema } from '../../api/client';
import { readAnew } from '../../api/readAnew';
import { forgetQueries } from '../../offline/persistQueries';
import { forgetPin, keepPin } from './keptPin';
import { finishSignOut, signOutHere, signedInAnew } from './signOut';
import { store } from '../../offline/store';

const KEY = ['session'];

export function useSession() {
  return useQuery({
    queryKey: KEY,
    staleTime: 60_000,
    queryFn: async () => {
      await finishSignOut();

      return answer(api.GET('/api/session'));
    },
  });
}

export function useSignIn() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['SignIn']) => changeHands(() => answer(api.POST('/api/session', { body }))),
    onSuccess: (session) => {
      signedInAnew();
      queries.setQueryData(KEY, session);
    },
  });
}

/** On an enrolled tablet only. */
export function useSignInByPin() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['PinSignIn']) => changeHands(() => answer(api.POST('/api/session/pin', { body }))),
    onSuccess: async (session, { person, pin }) => {
      signedInAnew();
      await keepPin(person, pin);
      queries.setQueryData(KEY, session);
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
      queries.setQueryData(KEY, session);
    },
  });
}

export function useChangePassword() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['ChangePassword']) =>
      changeHands(() => answer(api.PUT('/api/session/password', { body }))),
    onSuccess: (session) => queries.setQueryData(KEY, session),
  });
}

/** The language and the units that this person reads, on whatever tablet. */
export function useChoosePreferences() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['ChoosePreferences']) => answer(api.PUT('/api/session/preferences', { body })),
    onSuccess: (session) => {
      queries.setQueryData(KEY, session);
      // The yard writes its sentences in these units.
      readAnew();
      void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== KEY[0] });
    },
  });
}

export function useSignOut() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: () => changeHands(signOutHere),
    onSuccess: async () => {
      // Nobody first: a page that is still there would ask for itself again.
      queries.setQueryData<Schema['Session']>(KEY, (session) =>
        session === undefined ? session : { ...session, user: null },
      );
      queries.removeQueries({ predicate: (query) => query.queryKey[0] !== KEY[0] });
      await forgetQueries();
      await store.locks.clear();
      await forgetPin();
      await queries.invalidateQueries({ queryKey: KEY });
    },
  });
}

/** Signs out of every other tablet and desk. */
export function useSignOutElsewhere() {
  return useMutation({ mutationFn: () => answer(api.DELETE('/api/sessions/elsewhere')) });
}

/** Who is signed in; only below a page that is shown to signed-in people. */
export function useMe(): Schema['SignedIn'] {
  const me = useSession().data?.user;
  if (me === undefined || me === null) {
    throw new Error('Nobody is signed in.');
  }

  return me;
}
