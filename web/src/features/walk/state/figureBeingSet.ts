import { useEffect, useSyncExternalStore } from 'react';

/** The figure at which an instrument stands that is not posted yet; the row beside it shows it, and nothing else. */
let now: { line: string; value: string } | null = null;
const watchers = new Set<() => void>();

function tell(next: typeof now): void {
  now = next;
  watchers.forEach((watcher) => watcher());
}

function watch(watcher: () => void): () => void {
  watchers.add(watcher);

  return () => watchers.delete(watcher);
}

/** Tells the figure of an instrument as long as it stands on the page; nothing where nobody has set it. */
export function useTellFigure(line: string, value: string | null): void {
  useEffect(() => {
    tell(value === null ? null : { line, value });

    return () => tell(null);
  }, [line, value]);
}

export const useFigureBeingSet = (line: string): string | null =>
  useSyncExternalStore(watch, () => (now?.line === line ? now.value : null));
