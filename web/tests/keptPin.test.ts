import { beforeEach, describe, expect, it } from 'vitest';
import { checkPin, forgetPin, keepPin } from '../src/features/session/keptPin';
import { store } from '../src/offline/store';

beforeEach(() => store.pins.clear());

describe('the PIN that somebody came in with', () => {
  it('opens the tablet again, and stands in it in no form that can be read', async () => {
    await keepPin('ines', '4417');
    expect(await checkPin('ines', '4417')).toEqual({ is: 'right' });
    const kept = await store.pins.get('ines');
    expect(kept?.key.extractable).toBe(false);
    expect(JSON.stringify(kept)).not.toContain('4417');
  });

  it('is tried five times, and a right one begins anew', async () => {
    await keepPin('ines', '4417');
    for (const left of [4, 3, 2, 1]) {
      expect(await checkPin('ines', '0000')).toEqual({ is: 'wrong', left });
    }
    expect(await checkPin('ines', '4417')).toEqual({ is: 'right' });
    for (const left of [4, 3, 2, 1, 0]) {
      expect(await checkPin('ines', '0000')).toEqual({ is: 'wrong', left });
    }
    expect(await checkPin('ines', '4417')).toEqual({ is: 'wrong', left: 0 });
  });

  it('is that of one person at a time', async () => {
    await keepPin('ines', '4417');
    await keepPin('rafe', '9026');
    expect(await checkPin('ines', '4417')).toEqual({ is: 'unknown' });
    await forgetPin();
    expect(await checkPin('rafe', '9026')).toEqual({ is: 'unknown' });
  });
});
