import { store } from '../../offline/store';

/** Wrong PINs that are taken before only the yard can open the tablet again. */
const TRIES = 5;

export type PinAnswer = { is: 'right' } | { is: 'wrong'; left: number } | { is: 'unknown' };

const bytes = (pin: string) => new TextEncoder().encode(pin);

/** Whoever came in with this PIN can open the tablet again with it, network or none. The key cannot be read out. */
export async function keepPin(userId: string, pin: string): Promise<void> {
  const key = await crypto.subtle.generateKey({ name: 'HMAC', hash: 'SHA-256' }, false, ['sign', 'verify']);
  const mac = await crypto.subtle.sign('HMAC', key, bytes(pin));
  await store.transaction('rw', store.pins, async () => {
    await store.pins.clear();
    await store.pins.put({ userId, key, mac, tries: 0 });
  });
}

export async function checkPin(userId: string, pin: string): Promise<PinAnswer> {
  const kept = await store.pins.get(userId);
  if (kept === undefined) {
    return { is: 'unknown' };
  }
  if (kept.tries >= TRIES) {
    return { is: 'wrong', left: 0 };
  }
  // Counted before it is looked at: a page that is closed meanwhile gives no try back.
  await store.pins.update(userId, { tries: kept.tries + 1 });
  if (!(await crypto.subtle.verify('HMAC', kept.key, kept.mac, bytes(pin)))) {
    return { is: 'wrong', left: TRIES - kept.tries - 1 };
  }
  await store.pins.update(userId, { tries: 0 });

  return { is: 'right' };
}

export const forgetPin = (): Promise<void> => store.pins.clear();
