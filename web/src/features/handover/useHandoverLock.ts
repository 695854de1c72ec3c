import { liveQuery } from 'dexie';
import { useEffect, useState } from 'react';
import { store, type HandoverLock } from '../../offline/store';

/** Which handover this person's tablet is locked to; null when to none, undefined until that is read. */
export function useHandoverLock(userId: string | null): HandoverLock | null | undefined {
  const [lock, setLock] = useState<HandoverLock | null | undefined>(undefined);
  useEffect(() => {
    const watching = liveQuery(() => store.locks.get('lock')).subscribe({
      next: (found) => setLock(found ?? null),
      error: () => setLock(null),
    });

    return () => watching.unsubscribe();
  }, []);

  return lock === undefined || lock === null || lock.userId === userId ? lock : null;
}
