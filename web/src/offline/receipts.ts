import { useSyncExternalStore } from 'react';
import { answer, api, type Schema } from '../api/client';
import { store, type KeptReceipt } from './store';

export type Differing = Schema['ComparedReceipts']['differing'][number];

/** As many as the yard compares at once. */
const AT_ONCE = 500;

/**
 * What the yard said when it took this tablet's entries, held against its ledger at the next sign-in: whoever can write
 * to the database cannot write to the tablets.
 */
class Receipts {
  private differing: Differing[] = [];
  private readonly watchers = new Set<() => void>();

  readonly watch = (watcher: () => void): (() => void) => {
    this.watchers.add(watcher);

    return () => this.watchers.delete(watcher);
  };

  readonly snapshot = (): Differing[] => this.differing;

  /** Of each chain the last one is kept: it contains all before it. */
  async keep(receipts: KeptReceipt[]): Promise<void> {
    await store.transaction('rw', store.receipts, async () => {
      for (const receipt of receipts) {
        const known = await store.receipts.get(receipt.chain);
        if (known === undefined || known.sequence < receipt.sequence) {
          await store.receipts.put(receipt);
        }
      }
    });
  }

  /** Nothing is said while the yard cannot be asked. */
  async compare(): Promise<void> {
    const kept = await store.receipts.toArray();
    const differing: Differing[] = [];
    for (let at = 0; at < kept.length; at += AT_ONCE) {
      const body = { receipts: kept.slice(at, at + AT_ONCE) };
      differing.push(...(await answer(api.POST('/api/receipt-comparisons', { body }))).differing);
    }
    this.publish(differing);
  }

  /** The lead knows of it; from now on this tablet goes by what the yard says. */
  async told(chain: string): Promise<void> {
    await store.receipts.delete(chain);
    this.publish(this.differing.filter((one) => one.chain !== chain));
  }

  private publish(differing: Differing[]): void {
    this.differing = differing;
    this.watchers.forEach((watcher) => watcher());
  }
}

export const receipts = new Receipts();

export const useReceipts = (): Differing[] => useSyncExternalStore(receipts.watch, receipts.snapshot);
