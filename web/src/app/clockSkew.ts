import { useSyncExternalStore } from 'react';

/** Less than this is the way of the request, and no wrong clock. */
const SECONDS_THAT_COUNT = 120;

let ahead = 0;
const watchers = new Set<() => void>();

/** What the yard's clock showed when it answered: the Date of an answer. */
export function noteYardTime(date: string | null): void {
  const yard = date === null ? Number.NaN : Date.parse(date);
  if (Number.isNaN(yard)) {
    return;
  }
  const seconds = (Date.now() - yard) / 1000;
  const minutes = Math.abs(seconds) < SECONDS_THAT_COUNT ? 0 : Math.round(seconds / 60);
  if (minutes !== ahead) {
    ahead = minutes;
    watchers.forEach((watcher) => watcher());
  }
}

/**
 * By how many minutes the clock of this tablet is ahead of the yard's; negative when it is behind, 0 when it is
 * right.
 */
export const minutesAhead = (): number => ahead;

export function useMinutesAhead(): number {
  return useSyncExternalStore((watcher) => {
    watchers.add(watcher);

    return () => watchers.delete(watcher);
  }, minutesAhead);
}
