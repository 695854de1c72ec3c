import { beforeEach, describe, expect, it } from 'vitest';
import { lockTo, unlock } from '../src/features/handover/handoverLock';
import { isLockedOut, triesLeft } from '../src/offline/pinSeal';
import { store, type HandoverLock } from '../src/offline/store';

const kept = async (): Promise<HandoverLock> => (await store.locks.get('lock'))!;

beforeEach(async () => {
  await store.locks.clear();
  await lockTo('walk-1', 'ines', '7304');
});

describe('a tablet that was given out', () => {
  it('opens with the PIN with which it was given out, and is locked no more', async () => {
    expect(await kept()).toMatchObject({ walkId: 'walk-1', userId: 'ines', tries: 0 });

    expect(await unlock('7304')).toBe('open');
    expect(await store.locks.count()).toBe(0);
  });

  it('keeps neither the PIN nor a key that can be read', async () => {
    const lock = await kept();

    expect(lock.key.extractable).toBe(false);
    expect(JSON.stringify(Object.values(lock))).not.toContain('7304');
    expect(lock.mac.byteLength).toBe(32);
  });

  it('counts wrong ones, and after five takes none any more, not even the right one', async () => {
    for (const left of [4, 3, 2, 1]) {
      expect(await unlock('7305')).toBe('wrong');
      expect(triesLeft(await kept())).toBe(left);
    }
    expect(await unlock('7305')).toBe('locked_out');
    expect(isLockedOut(await kept())).toBe(true);

    expect(await unlock('7304')).toBe('locked_out');
    expect(await store.locks.count()).toBe(1);
  });

  it('does not begin to count anew when the page is loaded again', async () => {
    await unlock('1111');
    await unlock('2222');

    expect(triesLeft(await kept())).toBe(3);
  });
});
