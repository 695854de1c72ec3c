import { queries } from '../../../api/queries';
import { outbox } from '../../../offline/outbox';
import { mergeState } from './mergeState';
import type { Walk } from './types';

outbox.whoKnows((walkId) => queries.getQueryData<Walk>(['walk', walkId])?.state.sequence);

/** Whatever the server takes, at once or after a dead network, brings what is shown of that walk up to date. */
outbox.whenTaken((walkId, state) => {
  queries.setQueryData<Walk>(['walk', walkId], (walk) =>
    walk === undefined ? undefined : { ...walk, state: mergeState(walk.state, state) },
  );
  // A spread is computed from the walk: an old one is not shown, not even for a moment.
  queries.removeQueries({ queryKey: ['spread'], type: 'inactive' });
  // Nor does a plan that nobody has opened change by what is found on another machine.
  void queries.invalidateQueries({
    predicate: (query) => !['walk', 'session', 'preview'].includes(String(query.queryKey[0])),
  });
});

/** Another page of this tablet sent it: here it is asked for. */
outbox.whenTakenElsewhere((walkId) => void queries.invalidateQueries({ queryKey: ['walk', walkId] }));

outbox.whenMachineTaken((machineId) => {
  void queries.invalidateQueries({
    predicate: ({ queryKey }) =>
      ['fleet', 'day'].includes(String(queryKey[0])) ||
      (['machine', 'service', 'trail'].includes(String(queryKey[0])) && queryKey.includes(machineId)),
  });
});

/** A walk that was opened here with no network, and by somebody else before: its page is that one from now on. */
outbox.whenMoved((from, to) => {
  if (window.location.pathname.includes(from)) {
    window.location.replace(window.location.pathname.replace(from, to));
  }
});
