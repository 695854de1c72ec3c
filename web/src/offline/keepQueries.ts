import { dehydrate, hydrate, type DehydratedState, type QueryClient } from '@tanstack/react-query';
import { store } from './store';

/** What a technician needs without a network: who is signed in, the day, and each walk with its plan. */
const KEPT = ['session', 'day', 'preview', 'walk', 'briefing', 'people', 'machines', 'machine'];
/** What was read longer ago is not shown again. */
const LONGEST_MS = 3 * 24 * 3_600_000;
/** Written down so often at the most, and never later than this. */
const EVERY_MS = 400;
const KEY = 'queries.2';

interface KeptQueries {
  at: number;
  state: DehydratedState;
}

/** Brings back what was read before the page was closed. */
export async function restoreQueries(queries: QueryClient): Promise<void> {
  try {
    const kept = (await store.pages.get(KEY))?.state as KeptQueries | undefined;
    if (kept !== undefined && Date.now() - kept.at < LONGEST_MS) {
      hydrate(queries, kept.state);
      // However fresh it was, the yard has gone on since, and the page may have been closed before the last of it was kept.
      await queries.invalidateQueries({ refetchType: 'none' });
    }
  } catch {
    // A tablet that cannot read its store still works with a network.
  }
}

/** Keeps what is read on the tablet. */
export function keepQueries(queries: QueryClient): void {
  let timer: number | undefined;
  queries.getQueryCache().subscribe(() => {
    timer ??= window.setTimeout(() => {
      timer = undefined;
      const state = dehydrate(queries, { shouldDehydrateQuery: (query) => query.state.data !== undefined && KEPT.includes(String(query.queryKey[0])), shouldDehydrateMutation: () => false });
      void store.pages.put({ key: KEY, userId: '', state: { at: Date.now(), state } satisfies KeptQueries }).catch(() => undefined);
    }, EVERY_MS);
  });
}

/** Whoever signs out leaves nothing that was read behind; what was entered stays in the outbox. */
export async function forgetQueries(): Promise<void> {
  await store.pages.clear().catch(() => undefined);
}
