import Dexie, { type EntityTable } from 'dexie';
import type { Schema } from '../api/client';
import type { Entry } from '../api/entries';
import type { Problem } from '../api/problem';
import { STORE } from './hasStore';
import type { SealedPin } from './pinSeal';

/**
 * What becomes of an entry on this tablet: queued until it is sent, sending while it is on its way, refused when the
 * yard's
 * ledger said no and whoever entered it has not been told yet. Once the ledger has it, it leaves the tablet.
 */
export type Standing = 'queued' | 'sending' | 'refused';

export interface KeptEntry {
  order?: number;
  /** The walk that it is an entry of; empty where it is one of a machine that is on no walk. */
  walkId: string;
  machineId?: string;
  /** Whose entry it is: nobody else's session posts it. Null in entries of an older version. */
  userId: string | null;
  entry: Entry;
  standing: Standing;
  /** Why it was refused. */
  problem?: Pick<Problem, 'type' | 'title' | 'detail'>;
}

/** A walk that was opened with no network: the yard is told of it before its entries. */
export interface KeptOpening {
  walkId: string;
  userId: string;
  hireId: string;
  movement: Schema['Movement'];
  recordedAt: string;
}

/** A picture that is not in the yard yet; entries name it by this id until it is. */
export interface KeptPhoto {
  id: string;
  userId: string;
  blob: Blob;
  /** The yard's name for the pieces that have come through already. */
  upload?: string;
}

interface KeptPage {
  key: string;
  userId: string;
  state: unknown;
}

/** A tablet that is in the hands of whoever is briefed: only that handover opens until the PIN is entered again. */
export interface HandoverLock extends SealedPin {
  id: 'lock';
  walkId: string;
  userId: string;
}

/** The PIN that somebody came in with, as what can only be compared: to open this tablet again without a network. */
export interface KeptPin extends SealedPin {
  userId: string;
}

/** A hire that was promised with no network: the yard is told as soon as there is one. */
export interface KeptBooking {
  /** Of the hire: what comes twice is booked once. */
  id: string;
  userId: string;
  body: Schema['BookHire'];
  /** Somebody who is new to the yard, entered before the hire is booked. */
  newHirer: Schema['KeepHirer'] | null;
  answers: Record<string, Schema['SiteAnswer']>;
  /** For whoever reads what waits here. */
  hirer: string;
  machine: string;
  /** The hire stands in the yard's book; what was said of its site is still to be sent. */
  isBooked?: boolean;
  /** Why the yard said no. */
  problem?: Pick<Problem, 'type' | 'title' | 'detail'>;
}

/** What the yard said of the last entry of a chain that this tablet posted. */
export interface KeptReceipt {
  chain: string;
  sequence: number;
  hash: string;
}

export const store = new Dexie(STORE) as Dexie & {
  kept: EntityTable<KeptEntry, 'order'>;
  openings: EntityTable<KeptOpening, 'walkId'>;
  photos: EntityTable<KeptPhoto, 'id'>;
  pages: EntityTable<KeptPage, 'key'>;
  locks: EntityTable<HandoverLock, 'id'>;
  receipts: EntityTable<KeptReceipt, 'chain'>;
  pins: EntityTable<KeptPin, 'userId'>;
  bookings: EntityTable<KeptBooking, 'id'>;
};

store.version(1).stores({ kept: '++order, walkId' });
store
  .version(2)
  .stores({ kept: '++order, walkId', openings: 'walkId', photos: 'id', pages: 'key' })
  .upgrade((change) =>
    change
      .table<KeptEntry>('kept')
      .toCollection()
      .modify((one) => {
        one.userId = null;
        one.standing = 'queued';
      }),
  );
store.version(3).stores({ locks: 'id' });
store.version(4).stores({ receipts: 'chain' });
store.version(5).stores({ pins: 'userId' });
store.version(6).stores({ bookings: 'id' });

/** Whether the browser said that there is no room left. */
export const isFull = (error: unknown): boolean =>
  error instanceof Error &&
  (error.name === 'QuotaExceededError' || (error as { inner?: Error }).inner?.name === 'QuotaExceededError');
