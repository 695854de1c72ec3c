import { dehydrate, hydrate, type DehydratedState, type Query, type QueryClient } from '@tanstack/react-query';
import { store } from './store';

/** What is needed without a network: who is signed in, the day, each walk with its plan, each service sheet. */
const KEPT = [
  'session', 'day', 'preview', 'walk', 'briefing', 'people', 'fleet', 'machine', 'service', 'hirers', 'found-machines',
];
/** What was read longer ago is not shown again. */
const LONGEST_MS = 3 * 24 * 3_600_000;
/** Written down so often at the most, and never later than this. */
const EVERY_MS = 400;
/** Each query is a page of its own, for a walk is large and changes with every answer, and a day has many. */
const PREFIX = 'query.1 ';

interface KeptQuery {
  at: number;
  state: DehydratedState;
}

/** Brings back what was read before the page was closed. */
export async function restoreQueries(queries: QueryClient): Promise<void> {
  try {
    for (const page of await store.pages.toArray()) {
      const kept = page.state as KeptQuery;
      if (page.key.startsWith(PREFIX) && Date.now() - kept.at < LONGEST_MS) {
        hydrate(queries, kept.state);
      } else {
        await store.pages.delete(page.key);
      }
    }
    // However fresh it was, the yard has gone on since, and the page may have been closed before the last of it was
    // kept.
    // Plans that nobody has opened are the exception: they are many, and good for their half hour.
    await queries.invalidateQueries({ refetchType: 'none', predicate: (query) => query.queryKey[0] !== 'preview' });
  } catch {
    // A tablet that cannot read its store still works with a network.
  }
}

/** Keeps what is read on the tablet, also what was read since the page was opened. */
export function persistQueries(queries: QueryClient): void {
  let timer: number | undefined;
  const changed = new Set<string>();
  const keep = (query: Query) => {
    if (!KEPT.includes(String(query.queryKey[0]))) {
      return;
    }
    changed.add(query.queryHash);
    timer ??= window.setTimeout(() => {
      timer = undefined;
      const hashes = [...changed];
      changed.clear();
      void write(queries, hashes).catch(() => undefined);
    }, EVERY_MS);
  };
  queries
    .getQueryCache()
    .getAll()
    .filter((query) => query.state.dataUpdatedAt >= performance.timeOrigin)
    .forEach(keep);
  queries.getQueryCache().subscribe((event) => {
    if (event.type === 'removed' || (event.type === 'updated' && event.action.type === 'success')) {
      keep(event.query as Query);
    }
  });
}

async function write(queries: QueryClient, hashes: string[]): Promise<void> {
  const at = Date.now();
  const pages = hashes.flatMap((hash) => {
    const state = dehydrate(queries, {
      shouldDehydrateQuery: (query: Query) => query.queryHash === hash && query.state.data !== undefined,
      shouldDehydrateMutation: () => false,
    });

    return state.queries.length === 0
      ? []
      : [{ key: PREFIX + hash, userId: '', state: { at, state } satisfies KeptQuery }];
  });
  const kept = new Set(pages.map((page) => page.key));
  await store.pages.bulkDelete(hashes.map((hash) => PREFIX + hash).filter((key) => !kept.has(key)));
  await store.pages.bulkPut(pages);
}

/** Whoever signs out leaves nothing that was read behind; what was entered stays in the outbox. */
export async function forgetQueries(): Promise<void> {
  await store.pages.clear().catch(() => undefined);
}
