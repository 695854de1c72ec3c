import { useMutation, useQueryClient } from '@tanstack/react-query';
import { answer, api, changeHands, type Schema } from '../../api/client';
import { readAnew } from '../../api/readAnew';
import { forgetQueries } from '../../offline/persistQueries';
import { store } from '../../offline/store';
import { forgetPin } from './keptPin';
import { signOutHere } from './signOut';
import { SESSION } from './useSession';

export function useChangePassword() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['ChangePassword']) =>
      changeHands(() => answer(api.PUT('/api/session/password', { body }))),
    onSuccess: (session) => queries.setQueryData(SESSION, session),
  });
}

/** The language and the units that this person reads, on whatever tablet. */
export function useChoosePreferences() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: (body: Schema['ChoosePreferences']) => answer(api.PUT('/api/session/preferences', { body })),
    onSuccess: (session) => {
      queries.setQueryData(SESSION, session);
      // The yard writes its sentences in these units.
      readAnew();
      void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== SESSION[0] });
    },
  });
}

export function useSignOut() {
  const queries = useQueryClient();

  return useMutation({
    mutationFn: () => changeHands(signOutHere),
    onSuccess: async () => {
      // Nobody first: a page that is still there would ask for itself again.
      queries.setQueryData<Schema['Session']>(SESSION, (session) =>
        session === undefined ? session : { ...session, user: null },
      );
      queries.removeQueries({ predicate: (query) => query.queryKey[0] !== SESSION[0] });
      await forgetQueries();
      await store.locks.clear();
      await forgetPin();
      await queries.invalidateQueries({ queryKey: SESSION });
    },
  });
}

/** Signs out of every other tablet and desk. */
export function useSignOutElsewhere() {
  return useMutation({ mutationFn: () => answer(api.DELETE('/api/sessions/elsewhere')) });
}
