import Dexie, { type EntityTable } from 'dexie';
import { answer, api, type Schema } from '../api/client';
import { ProblemError, type Problem } from '../api/problem';

export type Entry = Schema['EntryInput'];

interface KeptEntry {
  order?: number;
  walkId: string;
  entry: Entry;
}

const store = new Dexie('jade-ledger') as Dexie & { kept: EntityTable<KeptEntry, 'order'> };
store.version(1).stores({ kept: '++order, walkId' });

export interface OutboxState {
  /** Entries that this tablet keeps because they could not be sent yet. */
  kept: KeptEntry[];
  /** When it will be tried again, as a time of day in milliseconds; none when there is nothing to send. */
  nextTry: number | null;
}

type Posted = { status: 'posted'; result: Schema['EntryResult'] };
type Kept = { status: 'kept' };

/** Told of the state of a walk each time the server has taken something of it, before the entries leave the outbox. */
type Listener = (walkId: string, state: Schema['WalkState']) => void;

const RETRY_MS = 10_000;

/**
 * What has been entered and not yet been taken by the server.
 *
 * An entry is written down here first and sent then, oldest first. It leaves when the server has taken it or has said
 * why not; a network that fails keeps it, whatever becomes of the page. Sending twice does no harm: the entry's id is
 * made here.
 */
class Outbox {
  private state: OutboxState = { kept: [], nextTry: null };
  private readonly watchers = new Set<() => void>();
  private readonly listeners = new Set<Listener>();
  private timer: number | undefined;
  private sending: Promise<void> = Promise.resolve();

  constructor() {
    void this.load();
    window.addEventListener('online', () => void this.sendAll());
  }

  readonly watch = (watcher: () => void): (() => void) => {
    this.watchers.add(watcher);

    return () => this.watchers.delete(watcher);
  };

  readonly whenTaken = (listener: Listener): void => {
    this.listeners.add(listener);
  };

  readonly snapshot = (): OutboxState => this.state;

  /** Keeps an entry and tries to send it. Throws the problem when the server refuses it. */
  async post(walkId: string, entry: Entry): Promise<Posted | Kept> {
    await store.kept.add({ walkId, entry });
    await this.load();
    let outcome: Posted | Kept = { status: 'kept' };
    let refused: Problem | undefined;
    const turn = this.sending.then(async () => {
      const batch = this.state.kept.filter((kept) => kept.walkId === walkId);
      const sent = await this.send(walkId, batch);
      const mine = sent?.results.find((result) => result.id === entry.id);
      refused = mine?.problem;
      if (mine !== undefined) {
        outcome = { status: 'posted', result: mine };
      }
    });
    this.sending = turn.catch(() => undefined);
    await turn;
    if (refused !== undefined) {
      throw new ProblemError(refused);
    }

    return outcome;
  }

  async sendAll(): Promise<void> {
    window.clearTimeout(this.timer);
    for (const walkId of new Set(this.state.kept.map((kept) => kept.walkId))) {
      this.sending = this.sending.then(() => this.send(walkId, this.state.kept.filter((kept) => kept.walkId === walkId))).then(
        () => undefined,
        () => undefined,
      );
    }
    await this.sending;
  }

  /** Sends a batch; nothing comes back when the network did not carry it. */
  private async send(walkId: string, batch: KeptEntry[]): Promise<{ results: Schema['EntryResult'][] } | undefined> {
    if (batch.length === 0) {
      return undefined;
    }
    let results: Schema['EntryResult'][];
    let state: Schema['WalkState'] | undefined;
    try {
      const taken = await answer(api.POST('/api/walks/{walk}/entries', { params: { path: { walk: walkId } }, body: { entries: batch.map((kept) => kept.entry) } }));
      ({ results, state } = taken);
    } catch (error) {
      if (!(error instanceof ProblemError) || error.problem.status >= 500 || [401, 419, 429].includes(error.problem.status)) {
        this.tryAgainLater();
        if (error instanceof ProblemError && error.problem.status < 500) {
          throw error;
        }

        return undefined;
      }
      const problem = error.problem;
      results = problem.results ?? batch.map((kept) => ({ id: kept.entry.id, status: 'refused' as const, problem }));
    }
    if (state !== undefined) {
      const taken = state;
      this.listeners.forEach((listener) => listener(walkId, taken));
    }
    const answered = new Set(results.map((result) => result.id));
    await store.kept.bulkDelete(batch.filter((kept) => answered.has(kept.entry.id)).flatMap((kept) => (kept.order === undefined ? [] : [kept.order])));
    await this.load();

    return { results };
  }

  private tryAgainLater(): void {
    window.clearTimeout(this.timer);
    this.timer = window.setTimeout(() => void this.sendAll(), RETRY_MS);
    this.publish({ ...this.state, nextTry: Date.now() + RETRY_MS });
  }

  private async load(): Promise<void> {
    const kept = await store.kept.orderBy('order').toArray();
    this.publish({ kept, nextTry: kept.length === 0 ? null : this.state.nextTry });
  }

  private publish(state: OutboxState): void {
    this.state = state;
    this.watchers.forEach((watcher) => watcher());
  }
}

export const outbox = new Outbox();
