import { fitsPin, isLockedOut, sealPin } from '../../offline/pinSeal';
import { store } from '../../offline/store';

export type Unlocked = 'open' | 'wrong' | 'locked_out';

/** From now on only the handover of this walk opens. */
export async function lockTo(walkId: string, userId: string, pin: string): Promise<void> {
  await store.locks.put({ id: 'lock', walkId, userId, ...(await sealPin(pin)) });
}

export async function unlock(pin: string): Promise<Unlocked> {
  const lock = await store.locks.get('lock');
  if (lock === undefined) {
    return 'open';
  }
  if (isLockedOut(lock)) {
    return 'locked_out';
  }
  if (await fitsPin(lock, pin, (tries) => store.locks.update('lock', { tries }))) {
    await store.locks.clear();

    return 'open';
  }

  return isLockedOut({ ...lock, tries: lock.tries + 1 }) ? 'locked_out' : 'wrong';
}
