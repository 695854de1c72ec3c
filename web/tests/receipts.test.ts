import { beforeEach, describe, expect, it, vi } from 'vitest';

const calls = vi.hoisted(() => ({ POST: vi.fn(), GET: vi.fn(), PATCH: vi.fn() }));
vi.mock('../src/api/client', () => ({ api: calls, answer: (call: Promise<unknown>) => call }));

const { outbox } = await import('../src/offline/outbox');
const { receipts } = await import('../src/offline/receipts');
const { store } = await import('../src/offline/store');

const hash = (letter: string) => letter.repeat(64);
const asked = () => calls.POST.mock.calls.filter(([path]) => path === '/api/receipt-comparisons').map(
  ([, { body }]) => (body as { receipts: unknown }).receipts,
);

beforeEach(async () => {
  await outbox.belongsTo(null);
  await Promise.all([store.kept.clear(), store.receipts.clear()]);
  Object.values(calls).forEach((call) => call.mockReset());
});

describe('a receipt', () => {
  it('of the last entry of each chain is kept when the ledger took it', async () => {
    await receipts.keep([
      { chain: 'e-09', sequence: 4, hash: hash('a') },
      { chain: 'e-09', sequence: 5, hash: hash('b') },
      { chain: 'm-22', sequence: 2, hash: hash('c') },
      { chain: 'e-09', sequence: 3, hash: hash('d') },
    ]);
    expect(await store.receipts.toArray()).toEqual([
      { chain: 'e-09', sequence: 5, hash: hash('b') },
      { chain: 'm-22', sequence: 2, hash: hash('c') },
    ]);
  });

  it('comes with the answer to a batch, and is held against the ledger at the next sign-in, before anything new goes', async () => {
    calls.POST.mockImplementation((path: string, { body }: { body: { entries: { id: string }[] } }) =>
      Promise.resolve(
        path === '/api/receipt-comparisons'
          ? { differing: [] }
          : {
            results: body.entries.map(
              ({ id }) => ({ id, status: 'posted', receipt: { chain: 'e-09', sequence: 9, hash: hash('e') } }),
            ),
            state: { stage: null },
          },
      ),
    );
    await outbox.belongsTo('ines');
    expect(asked()).toEqual([]);
    const entry = { id: 'one', kind: 'check.answered', recorded_at: '2026-11-25T09:00:00Z', payload: {} } as never;
    await outbox.post('walk', entry);
    await store.kept.add(
      { walkId: 'walk', userId: 'rafe', standing: 'queued', entry: { id: 'two', kind: 'check.answered' } as never },
    );
    calls.POST.mockClear();

    await outbox.belongsTo('rafe');

    expect(asked()).toEqual([[{ chain: 'e-09', sequence: 9, hash: hash('e') }]]);
    expect(
      calls.POST.mock.calls.map(([path]) => String(path).split('/').pop()),
    ).toEqual(['receipt-comparisons', 'entries']);
  });

  it('that differs is said until the lead knows, and the outbox goes on', async () => {
    await receipts.keep([{ chain: 'e-09', sequence: 5, hash: hash('b') }]);
    calls.POST.mockResolvedValue({ differing: [{ chain: 'e-09', sequence: 5, machine: 'E-09', is_missing: true }] });
    await outbox.belongsTo('ines');
    expect(receipts.snapshot()).toHaveLength(1);

    await receipts.told('e-09');
    expect(receipts.snapshot()).toEqual([]);
    expect(await store.receipts.count()).toBe(0);
  });

  it('says nothing while the yard cannot be asked', async () => {
    await receipts.keep([{ chain: 'e-09', sequence: 5, hash: hash('b') }]);
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    await outbox.belongsTo('ines');
    expect(receipts.snapshot()).toEqual([]);
    expect(await store.receipts.count()).toBe(1);
  });
});
