import { store, type HandoverLock } from '../../offline/store';

/** Wrong PINs that are taken before only the yard can open the tablet again. */
const TRIES = 5;

export type Unlocked = 'open' | 'wrong' | 'locked_out';

const bytes = (pin: string) => new TextEncoder().encode(pin);

/** From now on only the handover of this walk opens. Nothing is asked of the yard, for there may be no network. */
export async function lockTo(walkId: string, userId: string, pin: string): Promise<void> {
  const key = await crypto.subtle.generateKey({ name: 'HMAC', hash: 'SHA-256' }, false, ['sign', 'verify']);
  const mac = await crypto.subtle.sign('HMAC', key, bytes(pin));
  await store.locks.put({ id: 'lock', walkId, userId, key, mac, tries: 0 });
}

export async function unlock(lock: HandoverLock, pin: string): Promise<Unlocked> {
  const now = await store.locks.get('lock');
  if (now === undefined) {
    return 'open';
  }
  if (isLockedOut(now)) {
    return 'locked_out';
  }
  // Counted before it is looked at: a page that is closed meanwhile gives no try back.
  await store.locks.update('lock', { tries: now.tries + 1 });
  if (await crypto.subtle.verify('HMAC', lock.key, lock.mac, bytes(pin))) {
    await store.locks.clear();

    return 'open';
  }

  return isLockedOut({ ...now, tries: now.tries + 1 }) ? 'locked_out' : 'wrong';
}

export const isLockedOut = (lock: HandoverLock): boolean => lock.tries >= TRIES;
export const triesLeft = (lock: HandoverLock): number => Math.max(0, TRIES - lock.tries);
