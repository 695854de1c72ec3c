import { fitsPin, isLockedOut, sealPin, triesLeft } from '../../offline/pinSeal';
import { store } from '../../offline/store';

export type PinAnswer = { is: 'right' } | { is: 'wrong'; left: number } | { is: 'unknown' };

/** Whoever came in with this PIN can open the tablet again with it, network or none. */
export async function keepPin(userId: string, pin: string): Promise<void> {
  const sealed = await sealPin(pin);
  await store.transaction('rw', store.pins, async () => {
    await store.pins.clear();
    await store.pins.put({ userId, ...sealed });
  });
}

export async function checkPin(userId: string, pin: string): Promise<PinAnswer> {
  const kept = await store.pins.get(userId);
  if (kept === undefined) {
    return { is: 'unknown' };
  }
  if (isLockedOut(kept)) {
    return { is: 'wrong', left: 0 };
  }
  if (!(await fitsPin(kept, pin, (tries) => store.pins.update(userId, { tries })))) {
    return { is: 'wrong', left: triesLeft({ ...kept, tries: kept.tries + 1 }) };
  }
  await store.pins.update(userId, { tries: 0 });

  return { is: 'right' };
}

export const forgetPin = (): Promise<void> => store.pins.clear();
