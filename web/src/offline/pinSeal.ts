/** A PIN as what can only be compared: HMAC-SHA-256 under a key that cannot be read out of the browser. */
export interface SealedPin {
  key: CryptoKey;
  mac: ArrayBuffer;
  /** Wrong ones since. */
  tries: number;
}

/** Wrong PINs that are taken before only the yard can open the tablet again. */
const TRIES = 5;

const bytes = (pin: string) => new TextEncoder().encode(pin);

/** Nothing is asked of the yard, for there may be no network. */
export async function sealPin(pin: string): Promise<SealedPin> {
  const key = await crypto.subtle.generateKey({ name: 'HMAC', hash: 'SHA-256' }, false, ['sign', 'verify']);

  return { key, mac: await crypto.subtle.sign('HMAC', key, bytes(pin)), tries: 0 };
}

/** @param count writes the tries down before the PIN is looked at: a page that is closed meanwhile gives none back */
export async function fitsPin(
  sealed: SealedPin,
  pin: string,
  count: (tries: number) => PromiseLike<unknown>,
): Promise<boolean> {
  await count(sealed.tries + 1);

  return crypto.subtle.verify('HMAC', sealed.key, sealed.mac, bytes(pin));
}

export const triesLeft = ({ tries }: SealedPin): number => Math.max(0, TRIES - tries);
export const isLockedOut = (sealed: SealedPin): boolean => triesLeft(sealed) === 0;
