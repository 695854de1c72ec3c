import { liveQuery } from 'dexie';
import { answer, api } from '../api/client';
import { ProblemError } from '../api/problem';
import { postToHire } from '../api/postToHire';
import { store, type KeptBooking } from './store';

/** What got no answer is tried again after so long, and at once when the network is back. */
const AGAIN_MS = 30_000;
const LOCK = 'jade-bookings';

/** Who is signed in, how often it may ask, and a yard that is away are no news of a hire. */
const isAboutTheHire = (status: number): boolean => status < 500 && ![401, 419, 429].includes(status);

/** Hires that were promised on this tablet while it had no network. */
class Bookings {
  private kept: KeptBooking[] = [];
  private user: string | null = null;
  private timer: number | undefined;
  private sending: Promise<void> = Promise.resolve();
  private isFollowing = false;
  private readonly watchers = new Set<() => void>();
  private readonly listeners = new Set<() => void>();

  constructor() {
    window.addEventListener('online', () => void this.sendAll());
  }

  readonly watch = (watcher: () => void): (() => void) => {
    this.watchers.add(watcher);
    if (!this.isFollowing) {
      this.isFollowing = true;
      liveQuery(() => store.bookings.toArray()).subscribe({ next: (kept) => this.tell(kept), error: () => undefined });
    }

    return () => this.watchers.delete(watcher);
  };

  readonly snapshot = (): KeptBooking[] => this.kept;

  readonly whenBooked = (listener: () => void): (() => void) => {
    this.listeners.add(listener);

    return () => this.listeners.delete(listener);
  };

  /** Whose bookings are sent from now on; those of others wait. */
  async belongsTo(user: string | null): Promise<void> {
    this.user = user;
    await this.sendAll();
  }

  /** Keeps it and tries to send it, which nobody waits for. */
  async keep(booking: Omit<KeptBooking, 'userId'>): Promise<void> {
    await store.bookings.put({ ...booking, userId: this.user ?? '' });
    void this.sendAll();
  }

  /** A refusal was read; the booking leaves the tablet. */
  async drop(id: string): Promise<void> {
    await store.bookings.delete(id);
  }

  /** Sends what waits, behind what is on its way. */
  sendAll(): Promise<void> {
    this.sending = this.sending.then(() => this.sendInTurn());

    return this.sending;
  }

  private async sendInTurn(): Promise<void> {
    window.clearTimeout(this.timer);
    const all = async () => {
      // Read anew for each: one may be kept, and another page may send, meanwhile.
      for (let next = await this.next(); next !== undefined; next = await this.next()) {
        await this.send(next);
      }
    };
    try {
      // Of several pages one sends at a time. Without TLS a browser has no locks: see the outbox.
      await ('locks' in navigator ? navigator.locks.request(LOCK, all) : all());
    } catch {
      this.timer = window.setTimeout(() => void this.sendAll(), AGAIN_MS);
    }
  }

  private async next(): Promise<KeptBooking | undefined> {
    const kept = await store.bookings.toArray();

    return kept.find((one) => one.userId === this.user && one.problem === undefined);
  }

  /** Throws where the yard gave no answer, or none that is about this hire. */
  private async send(booking: KeptBooking): Promise<void> {
    try {
      if (booking.isBooked !== true) {
        await this.book(booking);
      }
      if (Object.keys(booking.answers).length > 0) {
        await postToHire(booking.id, 'site.answered', { answers: booking.answers });
      }
      await store.bookings.delete(booking.id);
      this.listeners.forEach((listener) => listener());
    } catch (error) {
      if (!(error instanceof ProblemError) || !isAboutTheHire(error.problem.status)) {
        throw error;
      }
      const { type, title, detail = title } = error.problem;
      await store.bookings.update(booking.id, { problem: { type, title, detail } });
      this.listeners.forEach((listener) => listener());
    }
  }

  private async book(booking: KeptBooking): Promise<void> {
    // Under the name of whoever promised it, whoever signs in while it is on its way.
    const headers = { 'X-Actor': booking.userId };
    const hirerId = booking.newHirer === null
      ? booking.body.hirer_id
      : (await answer(api.POST('/api/hirers', { body: booking.newHirer, headers }))).id;
    if (booking.newHirer !== null) {
      // What breaks off behind this knows the hirer.
      await store.bookings.update(booking.id, { newHirer: null, 'body.hirer_id': hirerId });
    }
    await answer(api.POST('/api/hires', { body: { ...booking.body, hirer_id: hirerId }, headers }));
    await store.bookings.update(booking.id, { isBooked: true });
  }

  private tell(kept: KeptBooking[]): void {
    this.kept = kept;
    this.watchers.forEach((watcher) => watcher());
  }
}

export const bookings = new Bookings();
