import { liveQuery } from 'dexie';
import i18n from 'i18next';
import { answer, api, type Schema } from '../api/client';
import type { Entry } from '../api/entries';
import { ProblemError } from '../api/problem';
import { receipts } from './receipts';
import { isFull, store, type KeptEntry, type KeptOpening } from './store';
import { uploadChunks } from './uploadChunks';

export interface OutboxState {
  /** Entries of whoever is signed in that this tablet keeps because they could not be sent yet. */
  kept: KeptEntry[];
  /** Entries that the yard's ledger refused while nobody was looking. */
  refused: KeptEntry[];
  /** How many entries of other people wait here until they sign in again. */
  ofOthers: number;
  /** Whose they are, and how many. */
  others: { userId: string; count: number }[];
  /** When it will be tried again, as a time of day in milliseconds; none when there is nothing to send. */
  nextTry: number | null;
}

/** What entries are written of: a walk, or a machine that is on none. */
interface Subject {
  kind: 'walk' | 'machine';
  id: string;
}

type Posted = { status: 'posted'; result: Schema['EntryResult'] };
type Kept = { status: 'kept' };

/**
 * Told of the state of a walk each time the server has taken something of it, with the lines that were not known,
 * before the entries leave the outbox.
 */
type Listener = (walkId: string, state: Schema['WalkState']) => void;
/** Told of a machine of which the server has taken entries that belong to no walk. */
type MachineListener = (machineId: string) => void;
/** Told when a walk that was opened here turns out to be open already under another id. */
type MovedListener = (from: string, to: string) => void;
/** Told of a walk of which another page of this tablet sent something. */
type ElsewhereListener = (walkId: string) => void;

/** Until the first try again; it doubles with each that fails, up to the longest. */
const RETRY_MS = 10_000;
const LONGEST_RETRY_MS = 80_000;
/** What goes in one batch; the yard takes no more than twice as much at once. */
const LARGEST_BATCH = 100;
/** Whichever page of this tablet holds it sends; the others wait for their turn. */
const LOCK = 'jade.outbox';

/**
 * What has been entered and not yet been taken by the server.
 *
 * An entry is written down here first and sent then, oldest first: queued, sending, and away when the yard's ledger
 * has it, or refused, with what to do, until somebody has read that. A network that fails keeps it queued, whatever
 * becomes of the page. Of several pages on one tablet one sends at a time. Sending twice does no harm: the entry's id
 * is made here.
 */
class Outbox {
  private state: OutboxState = { kept: [], refused: [], ofOthers: 0, others: [], nextTry: null };
  private user: string | null = null;
  private readonly watchers = new Set<() => void>();
  private readonly listeners = new Set<Listener>();
  private readonly machineListeners = new Set<MachineListener>();
  private readonly moved = new Set<MovedListener>();
  private readonly elsewhere = new Set<ElsewhereListener>();
  /** Whether this page is the one that sends. */
  private holds = false;
  private known: (walkId: string) => number | undefined = () => undefined;
  private timer: number | undefined;
  private failures = 0;
  private sending: Promise<void> = Promise.resolve();
  /** What the ledger said of entries that somebody waits for, whichever batch they went with. */
  private readonly awaited = new Map<string, Schema['EntryResult'] | null>();

  constructor() {
    window.addEventListener('online', () => {
      this.failures = 0;
      void this.sendAll();
    });
  }

  readonly watch = (watcher: () => void): (() => void) => {
    this.watchers.add(watcher);

    return () => this.watchers.delete(watcher);
  };

  readonly whenTaken = (listener: Listener): void => {
    this.listeners.add(listener);
  };

  readonly whenMachineTaken = (listener: MachineListener): void => {
    this.machineListeners.add(listener);
  };

  readonly whenMoved = (listener: MovedListener): void => {
    this.moved.add(listener);
  };

  readonly whenTakenElsewhere = (listener: ElsewhereListener): void => {
    this.elsewhere.add(listener);
  };

  /** Keeps up with what other pages of this tablet enter and send; gives how to stop that. */
  readonly followOtherPages = (): (() => void) => {
    const following = liveQuery(() => store.kept.toCollection().primaryKeys()).subscribe(() => void this.caughtUp());

    return () => following.unsubscribe();
  };

  /** Who says up to which entry a walk is known on this tablet: the yard then tells the rest only. */
  readonly whoKnows = (known: (walkId: string) => number | undefined): void => {
    this.known = known;
  };

  readonly snapshot = (): OutboxState => this.state;

  /** Whose entries are sent from now on; those of others wait. */
  async belongsTo(user: string | null): Promise<void> {
    if (user !== this.user) {
      this.user = user;
      await this.load();
      if (user !== null) {
        // Before anything new is taken: what was restored meanwhile would be covered by it.
        await receipts.compare().catch(() => undefined);
      }
      await this.sendAll();
    }
  }

  /** Writes down that a walk was opened here, to be told to the yard before its entries. */
  async open(opening: Omit<KeptOpening, 'userId'>): Promise<void> {
    await store.openings.put({ ...opening, userId: this.user ?? '' });
  }

  /** Keeps an entry of a walk and tries to send it. Throws the problem when the server refuses it. */
  post(walkId: string, entry: Entry): Promise<Posted | Kept> {
    return this.keepAndSend({ kind: 'walk', id: walkId }, entry);
  }

  /** The same for an entry of a machine that is on no walk. */
  postToMachine(machineId: string, entry: Entry): Promise<Posted | Kept> {
    return this.keepAndSend({ kind: 'machine', id: machineId }, entry);
  }

  private async keepAndSend(subject: Subject, entry: Entry): Promise<Posted | Kept> {
    const of = subject.kind === 'walk' ? { walkId: subject.id } : { walkId: '', machineId: subject.id };
    try {
      await store.kept.add({ ...of, entry, userId: this.user, standing: 'queued' });
    } catch (error) {
      throw isFull(error)
        ? new ProblemError({
            type: '/problems/tablet-full',
            title: i18n.t('outbox.full_title'),
            status: 507,
            detail: i18n.t('outbox.full'),
          })
        : error;
    }
    await this.load();
    let result: Schema['EntryResult'] | null = null;
    this.awaited.set(entry.id, null);
    const turn = this.sending.then(() => this.send(subject));
    this.sending = turn.then(
      () => undefined,
      () => undefined,
    );
    try {
      await turn;
    } finally {
      // It may have gone with the batch before: the turn itself says nothing about it.
      result = this.awaited.get(entry.id) ?? null;
      this.awaited.delete(entry.id);
    }
    result ??= await this.answeredElsewhere(subject, entry);
    if (result?.problem !== undefined) {
      // Whoever entered it is told right here.
      await this.read(entry.id);
      throw new ProblemError(result.problem);
    }

    return result === null ? { status: 'kept' } : { status: 'posted', result };
  }

  /** Another page had its turn first, and sent this entry with its own: what became of it lies in the store. */
  private async answeredElsewhere(subject: Subject, entry: Entry): Promise<Schema['EntryResult'] | null> {
    const there = await store.kept.filter((one) => one.entry.id === entry.id).first();
    if (there === undefined) {
      this.tellElsewhere(subject);
    }

    return there?.standing === 'refused' && there.problem !== undefined
      ? { id: entry.id, status: 'refused', problem: { status: 422, ...there.problem } }
      : null;
  }

  private async caughtUp(): Promise<void> {
    const before = this.state.kept;
    if (this.holds) {
      return;
    }
    await this.load();
    const now = new Set(this.state.kept.map((one) => one.entry.id));
    const gone = before.filter((one) => !now.has(one.entry.id)).map(subjectOf);
    new Map(gone.map((subject) => [subject.id, subject])).forEach((subject) => this.tellElsewhere(subject));
  }

  private tellElsewhere({ kind, id }: Subject): void {
    (kind === 'walk' ? this.elsewhere : this.machineListeners).forEach((listener) => listener(id));
  }

  async sendAll(): Promise<void> {
    window.clearTimeout(this.timer);
    await this.announceAll();
    const waiting = new Map(this.state.kept.map((kept) => [subjectOf(kept).id, subjectOf(kept)]));
    for (const subject of waiting.values()) {
      this.sending = this.sending.then(() => this.send(subject)).then(
        () => undefined,
        () => undefined,
      );
    }
    await this.sending;
  }

  /**
   * What waits here of somebody who left becomes that of whoever is signed in: entries, openings and pictures. What was
   * refused before is tried once more. The yard has written down whose it was before this is called.
   */
  async takeOver(from: string): Promise<void> {
    const to = this.user;
    if (to === null) {
      return;
    }
    await store.transaction('rw', store.kept, store.openings, store.photos, store.bookings, async () => {
      await store.kept
        .filter((one) => one.userId === from)
        .modify((one) => {
          one.userId = to;
          one.standing = 'queued';
          delete one.problem;
        });
      await store.openings.filter((one) => one.userId === from).modify({ userId: to });
      await store.photos.filter((one) => one.userId === from).modify({ userId: to });
      await store.bookings.filter((one) => one.userId === from).modify({ userId: to });
    });
    await this.load();
    await this.sendAll();
  }

  /** A refusal was read; the entry leaves the tablet. */
  async read(entryId: string): Promise<void> {
    const refused = (await store.kept.toArray()).filter(
      (one) => one.standing === 'refused' && one.entry.id === entryId,
    );
    await store.kept.bulkDelete(refused.flatMap((one) => (one.order === undefined ? [] : [one.order])));
    // Nothing names its pictures any more.
    await store.photos.bulkDelete(refused.flatMap(({ entry }) => photosOf(entry)));
    await this.load();
  }

  /** Sends what is queued of one subject, batch after batch; it stays queued when the network did not carry it. */
  private send(subject: Subject): Promise<void> {
    return this.inTurn(async () => {
      // Nobody else sends now: what is on its way still is of a page that was closed.
      await this.requeueInterrupted();
      await this.load();
      let next: Subject | null = subject;
      while (next !== null) {
        next = await this.sendBatch(next);
      }
    });
  }

  private async inTurn(act: () => Promise<void>): Promise<void> {
    const alone = async () => {
      this.holds = true;
      try {
        await act();
      } finally {
        this.holds = false;
      }
    };
    // A browser without locks has them nowhere but over TLS, which tablets are used with.
    await ('locks' in navigator ? navigator.locks.request(LOCK, alone) : alone());
  }

  /** Sends the oldest entries of one. Gives what to go on with; none when nothing is left or nothing gets through. */
  private async sendBatch(subject: Subject): Promise<Subject | null> {
    // Of this person only, and under their name, whoever signs in while it is on its way.
    const actor = this.user;
    const all = this.state.kept.filter(
      (kept) => subjectOf(kept).id === subject.id && (kept.userId === actor || kept.userId === null),
    );
    const batch = all.slice(0, LARGEST_BATCH);
    if (batch.length === 0 || actor === null) {
      return null;
    }
    await this.mark(batch, 'sending');
    let results: Schema['EntryResult'][] = [];
    let state: Schema['WalkState'] | undefined;
    let target = subject;
    const withoutPicture: Schema['EntryResult'][] = [];
    try {
      target = subject.kind === 'walk' ? { kind: 'walk', id: await this.announce(subject.id) } : subject;
      const entries = await this.readyToSend(batch, withoutPicture);
      if (entries.length > 0) {
        ({ results, state } = await this.deliver(target, entries, actor));
      }
    } catch (error) {
      if (!isRefusal(error)) {
        await this.mark(batch, 'queued');
        this.tryAgainLater(error);
        if (error instanceof ProblemError && error.problem.status < 500) {
          throw error;
        }

        return null;
      }
      const problem = error.problem;
      results = problem.results ?? batch.map((kept) => ({ id: kept.entry.id, status: 'refused' as const, problem }));
    }
    this.failures = 0;
    if (state !== undefined) {
      const taken = state;
      this.listeners.forEach((listener) => listener(target.id, taken));
    }
    const answered = await this.settle(batch, [
      ...results.filter((one) => !withoutPicture.some(({ id }) => id === one.id)),
      ...withoutPicture,
    ]);

    if (target.kind === 'machine') {
      this.machineListeners.forEach((listener) => listener(target.id));
    }

    return answered === batch.length && all.length > batch.length ? target : null;
  }

  private async deliver(
    subject: Subject,
    entries: Entry[],
    actor: string,
  ): Promise<{ results: Schema['EntryResult'][]; state?: Schema['WalkState'] }> {
    const headers = { 'X-Actor': actor };
    if (subject.kind === 'machine') {
      const path = { machine: subject.id };

      return answer(api.POST('/api/machines/{machine}/entries', { params: { path }, headers, body: { entries } }));
    }
    const known = this.known(subject.id);
    const body = { entries, ...(known === undefined ? {} : { known_sequence: known }) };

    return answer(api.POST('/api/walks/{walk}/entries', { params: { path: { walk: subject.id } }, headers, body }));
  }

  /**
   * What the ledger has leaves; what it refused stays with the reason; what it did not mention is queued again. Gives
   * how many it mentioned.
   */
  private async settle(batch: KeptEntry[], results: Schema['EntryResult'][]): Promise<number> {
    const byId = new Map(results.map((result) => [result.id, result]));
    for (const result of results) {
      if (result.id !== null && this.awaited.has(result.id)) {
        this.awaited.set(result.id, result);
      }
    }
    const taken: Entry[] = [];
    await store.transaction('rw', store.kept, async () => {
      for (const kept of batch) {
        const result = byId.get(kept.entry.id);
        if (kept.order === undefined) {
          continue;
        }
        if (result === undefined) {
          await store.kept.update(kept.order, { standing: 'queued' });
        } else if (result.problem !== undefined) {
          const { type, title, detail } = result.problem;
          await store.kept.update(kept.order, { standing: 'refused', problem: { type, title, detail } });
        } else {
          await store.kept.delete(kept.order);
          taken.push(kept.entry);
        }
      }
    });
    // The yard has the pictures that these named: they make room here.
    await store.photos.bulkDelete(taken.flatMap(photosOf));
    await receipts.keep(results.flatMap(({ receipt }) => (receipt === undefined ? [] : [receipt])));
    await this.load();

    return batch.filter((kept) => byId.has(kept.entry.id)).length;
  }

  /** Walks that were opened here and have no entry yet. */
  private async announceAll(): Promise<void> {
    for (const opening of await store.openings.toArray()) {
      if (opening.userId === this.user) {
        this.sending = this.sending.then(() => this.announce(opening.walkId)).then(
          () => undefined,
          () => undefined,
        );
      }
    }
    await this.sending;
    await this.load();
  }

  /** Tells the yard of a walk that was opened here, and follows it where somebody opened it before. */
  private async announce(walkId: string): Promise<string> {
    const opening = await store.openings.get(walkId);
    if (opening === undefined) {
      return walkId;
    }
    const walk = await answer(
      api.POST('/api/hires/{hire}/walks', {
        params: { path: { hire: opening.hireId } },
        headers: { 'X-Actor': opening.userId },
        body: { id: opening.walkId, movement: opening.movement, recorded_at: opening.recordedAt },
      }),
    );
    await store.transaction('rw', store.openings, store.kept, async () => {
      await store.openings.delete(walkId);
      if (walk.id !== walkId) {
        await store.kept.where('walkId').equals(walkId).modify({ walkId: walk.id });
      }
    });
    if (walk.id !== walkId) {
      // A tablet that was given out for this handover stays with it.
      await store.locks.where('id').equals('lock').and((lock) => lock.walkId === walkId).modify({ walkId: walk.id });
      this.moved.forEach((listener) => listener(walkId, walk.id));
    }

    return walk.id;
  }

  /** The entries of a batch with their pictures sent; a picture that the yard refuses keeps only its own entry out. */
  private async readyToSend(batch: KeptEntry[], withoutPicture: Schema['EntryResult'][]): Promise<Entry[]> {
    const ready: Entry[] = [];
    for (const { entry } of batch) {
      try {
        ready.push(await this.withPhotos(entry));
      } catch (error) {
        if (!isRefusal(error)) {
          throw error;
        }
        withoutPicture.push({ id: entry.id, status: 'refused', problem: error.problem });
      }
    }

    return ready;
  }

  /** Sends the pictures of an entry that are still on the tablet, and names them as the yard does. */
  private async withPhotos(entry: Entry): Promise<Entry> {
    const named = async (id: string): Promise<string> => {
      const photo = await store.photos.get(id);

      return photo === undefined ? id : uploadChunks(photo);
    };
    switch (entry.kind) {
      case 'damage.found':
        return { ...entry, payload: { ...entry.payload, photos: await Promise.all(entry.payload.photos.map(named)) } };
      case 'finding.placed':
        return { ...entry, payload: { ...entry.payload, photos: await Promise.all(entry.payload.photos.map(named)) } };
      case 'finding.seen_again':
        return { ...entry, payload: { ...entry.payload, photos: await Promise.all(entry.payload.photos.map(named)) } };
      case 'meter.replaced':
        return { ...entry, payload: { ...entry.payload, photo: await named(entry.payload.photo) } };
      case 'reading.posted':
        return entry.payload.photo === undefined
          ? entry
          : { ...entry, payload: { ...entry.payload, photo: await named(entry.payload.photo) } };
      default:
        return entry;
    }
  }

  private async mark(batch: KeptEntry[], standing: KeptEntry['standing']): Promise<void> {
    await store.kept
      .where('order')
      .anyOf(batch.flatMap((kept) => kept.order ?? []))
      .modify((kept) => {
        kept.standing = standing;
      });
  }

  /** A page that was closed on the way does not know whether the yard has it; sent again, it is not doubled. */
  private async requeueInterrupted(): Promise<void> {
    await store.kept
      .filter((one) => one.standing === 'sending')
      .modify((one) => {
        one.standing = 'queued';
      });
  }

  private tryAgainLater(error: unknown): void {
    const asked = error instanceof ProblemError ? error.retryAfter : null;
    const own = Math.min(LONGEST_RETRY_MS, RETRY_MS * 2 ** this.failures);
    // A little apart, so that a yard that comes back is not asked by all tablets in the same moment.
    const wait = Math.round(Math.max(own * (1 + Math.random() / 5), (asked ?? 0) * 1000));
    this.failures += 1;
    window.clearTimeout(this.timer);
    this.timer = window.setTimeout(() => void this.sendAll(), wait);
    this.publish({ ...this.state, nextTry: Date.now() + wait });
  }

  private async load(): Promise<void> {
    const all = await store.kept.orderBy('order').toArray();
    const mine = all.filter((one) => this.user !== null && (one.userId === this.user || one.userId === null));
    const kept = mine.filter((one) => one.standing !== 'refused');
    const others = new Map<string, number>();
    for (const { userId } of all) {
      if (userId !== null && userId !== this.user) {
        others.set(userId, (others.get(userId) ?? 0) + 1);
      }
    }
    this.publish({
      kept,
      refused: mine.filter((one) => one.standing === 'refused'),
      ofOthers: all.length - mine.length,
      others: [...others].map(([userId, count]) => ({ userId, count })),
      nextTry: kept.length === 0 ? null : this.state.nextTry,
    });
  }

  private publish(state: OutboxState): void {
    this.state = state;
    this.watchers.forEach((watcher) => watcher());
  }
}

const subjectOf = ({ walkId, machineId }: KeptEntry): Subject =>
  machineId === undefined ? { kind: 'walk', id: walkId } : { kind: 'machine', id: machineId };

/** Whether the yard looked at it and said no: sent again, it would say the same. */
const isRefusal = (error: unknown): error is ProblemError =>
  error instanceof ProblemError && error.problem.status < 500 && ![401, 419, 429].includes(error.problem.status);

/** What an entry calls its pictures: by the yard's name for them, or by that of this tablet. */
function photosOf(entry: Entry): string[] {
  switch (entry.kind) {
    case 'damage.found':
    case 'finding.placed':
    case 'finding.seen_again':
      return entry.payload.photos;
    case 'meter.replaced':
      return [entry.payload.photo];
    case 'reading.posted':
      return entry.payload.photo === undefined ? [] : [entry.payload.photo];
    default:
      return [];
  }
}

export const outbox = new Outbox();
