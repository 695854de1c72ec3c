import { useEffect, useSyncExternalStore } from 'react';
import { outbox, type OutboxState } from './outbox';

export const useOutbox = (): OutboxState => useSyncExternalStore(outbox.watch, outbox.snapshot);

/** The outbox sends what whoever is signed in has entered, and nothing of others. */
export function useOutboxOf(user: string): void {
  useEffect(() => outbox.followOtherPages(), []);
  useEffect(() => () => void outbox.belongsTo(null), []);
  useEffect(() => {
    void outbox.belongsTo(user);
  }, [user]);
}
