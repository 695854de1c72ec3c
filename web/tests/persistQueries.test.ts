import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { forgetQueries, persistQueries, restoreQueries } from '../src/offline/persistQueries';
import { store } from '../src/offline/store';

const client = () =>
  new QueryClient({ defaultOptions: { queries: { staleTime: 60_000, networkMode: 'always', retry: false } } });

beforeEach(() => store.pages.clear());

describe('what was read', () => {
  const kept = async (key: unknown[], data: unknown) => {
    const before = client();
    persistQueries(before);
    before.setQueryData(key, data);
    await vi.waitFor(async () => expect(await store.pages.count()).toBe(1), { timeout: 2000 });
  };

  it('is there again after the page was closed, and is asked for anew all the same', async () => {
    await kept(['walk', 'walk-1'], { stage: null });
    const after = client();
    await restoreQueries(after);
    expect(after.getQueryData(['walk', 'walk-1'])).toEqual({ stage: null });

    const ask = vi.fn(() => Promise.resolve({ stage: 'cold' }));
    const stop = new QueryObserver(after, { queryKey: ['walk', 'walk-1'], queryFn: ask }).subscribe(() => undefined);
    await vi.waitFor(() => expect(after.getQueryData(['walk', 'walk-1'])).toEqual({ stage: 'cold' }));
    stop();
  });

  it('is written page by page: what did not change is not written again', async () => {
    const before = client();
    persistQueries(before);
    before.setQueryData(['walk', 'walk-1'], { stage: null });
    before.setQueryData(['walk', 'walk-2'], { stage: null });
    await vi.waitFor(async () => expect(await store.pages.count()).toBe(2), { timeout: 2000 });
    const put = vi.spyOn(store.pages, 'bulkPut');
    before.setQueryData(['walk', 'walk-2'], { stage: 'cold' });
    await vi.waitFor(() => expect(put).toHaveBeenCalled(), { timeout: 2000 });

    expect(put.mock.calls.flatMap(([pages]) => pages.map((page) => page.key))).toEqual([
      expect.stringContaining('walk-2'),
    ]);
    put.mockRestore();
    const after = client();
    await restoreQueries(after);
    expect([after.getQueryData(['walk', 'walk-1']), after.getQueryData(['walk', 'walk-2'])]).toEqual([
      { stage: null },
      { stage: 'cold' },
    ]);
  });

  it('leaves the tablet when it is no longer wanted', async () => {
    const before = client();
    persistQueries(before);
    before.setQueryData(['walk', 'walk-1'], { stage: null });
    await vi.waitFor(async () => expect(await store.pages.count()).toBe(1), { timeout: 2000 });
    before.removeQueries({ queryKey: ['walk', 'walk-1'] });
    await vi.waitFor(async () => expect(await store.pages.count()).toBe(0), { timeout: 2000 });
  });

  it('stays when the yard cannot be asked', async () => {
    await kept(['day'], { outs: [] });
    const after = client();
    await restoreQueries(after);
    const stop = new QueryObserver(after, {
      queryKey: ['day'],
      queryFn: () => Promise.reject(new TypeError('Failed to fetch')),
    }).subscribe(() => undefined);
    await vi.waitFor(() => expect(after.getQueryState(['day'])?.status).toBe('error'));
    expect(after.getQueryData(['day'])).toEqual({ outs: [] });
    stop();
  });

  it('is kept only where somebody in the yard needs it without a network', async () => {
    const before = client();
    persistQueries(before);
    before.setQueryData(['audit'], ['secret']);
    before.setQueryData(['day'], {});
    await vi.waitFor(async () => expect(await store.pages.count()).toBe(1), { timeout: 2000 });
    const after = client();
    await restoreQueries(after);

    expect(after.getQueryData(['day'])).toEqual({});
    expect(after.getQueryData(['audit'])).toBeUndefined();
  });

  it('is gone when whoever read it has signed out', async () => {
    await kept(['day'], {});
    await forgetQueries();
    const after = client();
    await restoreQueries(after);

    expect(after.getQueryData(['day'])).toBeUndefined();
  });

  it('is not shown after three days', async () => {
    await kept(['day'], {});
    vi.spyOn(Date, 'now').mockReturnValue(Date.now() + 3 * 24 * 3_600_000 + 60_000);
    const after = client();
    await restoreQueries(after);

    expect(after.getQueryData(['day'])).toBeUndefined();
    vi.restoreAllMocks();
  });
});
