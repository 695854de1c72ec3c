import { liveQuery } from 'dexie';
import { useSyncExternalStore } from 'react';
import { store, type HandoverLock } from '../../offline/store';

type Known = HandoverLock | null | undefined;

let known: Known;
let watching = false;
const watchers = new Set<() => void>();

/** Read once for all who ask: two readers that learn it one after the other would send the page to and fro. */
function watch(watcher: () => void): () => void {
  watchers.add(watcher);
  if (!watching) {
    watching = true;
    const tell = (lock: Known) => {
      known = lock;
      watchers.forEach((one) => one());
    };
    liveQuery(() => store.locks.get('lock')).subscribe({ next: (lock) => tell(lock ?? null), error: () => tell(null) });
  }

  return () => watchers.delete(watcher);
}

/** Which handover this person's tablet is locked to; null when to none, undefined until that is read. */
export function useHandoverLock(userId: string | null): Known {
  const lock = useSyncExternalStore(watch, () => known);

  return lock === undefined || lock === null || lock.userId === userId ? lock : null;
}
