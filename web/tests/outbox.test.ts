import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ProblemError } from '../src/api/problem';

const calls = vi.hoisted(() => ({ POST: vi.fn(), GET: vi.fn(), PATCH: vi.fn() }));
vi.mock('../src/api/client', () => ({ api: calls, answer: (call: Promise<unknown>) => call }));

const { outbox } = await import('../src/offline/outbox');
const { store } = await import('../src/offline/store');

const WALK = 'walk-1';
let made = 0;
const kindOf = (payload: Record<string, unknown>) => {
  if ('photos' in payload) {
    return 'finding.placed';
  }

  return 'photo' in payload ? 'reading.posted' : 'check.answered';
};
const entry = (payload: Record<string, unknown> = {}) =>
  ({
    id: `entry-${++made}`,
    kind: kindOf(payload),
    recorded_at: '2026-11-25T09:00:00Z',
    payload,
  }) as never as Parameters<typeof outbox.post>[1];
const posted = (...ids: string[]) => ({ results: ids.map((id) => ({ id, status: 'posted' })), state: { stage: null } });
const problem = (status: number) =>
  new ProblemError({ type: '/problems/some', title: 'Some', status, detail: 'What to do' });
/** The ids of the entries of each batch that was sent, in order. */
const sent = () =>
  calls.POST.mock.calls
    .filter(([path]) => String(path).endsWith('/entries'))
    .map(([, { body }]) => (body as { entries: { id: string }[] }).entries.map(({ id }) => id));

beforeEach(async () => {
  await outbox.belongsTo(null);
  await Promise.all([store.kept.clear(), store.openings.clear(), store.photos.clear()]);
  Object.values(calls).forEach((call) => call.mockReset());
  await outbox.belongsTo('ines');
});

describe('an entry', () => {
  it('is written down before it is sent, and leaves when the ledger has it', async () => {
    const one = entry();
    calls.POST.mockImplementation(async () => {
      expect((await store.kept.toArray()).map((kept) => [kept.entry.id, kept.standing])).toEqual([[one.id, 'sending']]);

      return posted(one.id);
    });

    expect(await outbox.post(WALK, one)).toEqual({ status: 'posted', result: { id: one.id, status: 'posted' } });
    expect(await store.kept.count()).toBe(0);
    expect(outbox.snapshot().kept).toEqual([]);
  });

  it('of a machine goes to the machine, and tells of it when the ledger has it', async () => {
    const one = entry();
    const taken: string[] = [];
    outbox.whenMachineTaken((machine) => taken.push(machine));
    calls.POST.mockRejectedValueOnce(new TypeError('Failed to fetch')).mockResolvedValueOnce({
      results: [{ id: one.id, status: 'posted' }],
    });

    expect(await outbox.postToMachine('machine-1', one)).toEqual({ status: 'kept' });
    expect(outbox.snapshot().kept.map(({ machineId, walkId }) => [machineId, walkId])).toEqual([['machine-1', '']]);
    expect(taken).toEqual([]);
    await outbox.sendAll();

    expect(calls.POST.mock.lastCall).toMatchObject([
      '/api/machines/{machine}/entries',
      { params: { path: { machine: 'machine-1' } }, headers: { 'X-Actor': 'ines' } },
    ]);
    expect(taken).toEqual(['machine-1']);
    expect(await store.kept.count()).toBe(0);
  });

  it('goes under the name of whoever entered it, also when somebody else signs in while it is on its way', async () => {
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    await store.photos.put({ id: 'here', userId: 'ines', blob: new Blob(['picture']) });
    await outbox.post(WALK, entry({ photo: 'here' }));
    let change: Promise<void> | undefined;
    calls.POST.mockReset().mockImplementation((path: string) => {
      change ??= outbox.belongsTo('rafe');

      return path.endsWith('/entries')
        ? Promise.reject(problem(401))
        : Promise.resolve({ id: 'upload-1', photo: 'a'.repeat(64) });
    });

    await outbox.sendAll();
    await change;

    expect(sent()).toHaveLength(1);
    calls.POST.mock.calls.forEach(([, asked]) => expect(asked).toMatchObject({ headers: { 'X-Actor': 'ines' } }));
    expect((await store.kept.toArray()).map((kept) => [kept.userId, kept.standing])).toEqual([['ines', 'queued']]);
  });

  it('stays queued when the network does not carry it, and goes once, as it was, when the network is back', async () => {
    const [one, two] = [entry(), entry()];
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    expect(await outbox.post(WALK, one)).toEqual({ status: 'kept' });
    expect(await outbox.post(WALK, two)).toEqual({ status: 'kept' });
    expect(outbox.snapshot().nextTry).not.toBeNull();

    calls.POST.mockReset().mockResolvedValue(posted(one.id, two.id));
    window.dispatchEvent(new Event('online'));
    await vi.waitFor(async () => expect(await store.kept.count()).toBe(0));
    expect(sent()).toEqual([[one.id, two.id]]);
  });

  it.each([500, 502, 503])('stays queued when the yard answers %i', async (status) => {
    calls.POST.mockRejectedValue(problem(status));

    expect(await outbox.post(WALK, entry())).toEqual({ status: 'kept' });
    expect((await store.kept.toArray()).map((kept) => kept.standing)).toEqual(['queued']);
  });

  it.each([401, 419, 429])('stays queued and says why when the yard answers %i', async (status) => {
    calls.POST.mockRejectedValue(problem(status));

    await expect(outbox.post(WALK, entry())).rejects.toMatchObject({ problem: { status } });
    expect((await store.kept.toArray()).map((kept) => kept.standing)).toEqual(['queued']);
  });

  it('that is refused is told to whoever entered it, and does not stay', async () => {
    calls.POST.mockRejectedValue(problem(422));

    await expect(outbox.post(WALK, entry())).rejects.toMatchObject({ problem: { detail: 'What to do' } });
    expect(await store.kept.count()).toBe(0);
  });

  it('that is refused while nobody looks stays, with what to do, until it was read', async () => {
    const [good, bad] = [entry(), entry()];
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    await outbox.post(WALK, good);
    await outbox.post(WALK, bad);
    calls.POST.mockReset().mockResolvedValue({
      results: [
        { id: good.id, status: 'posted' },
        {
          id: bad.id,
          status: 'refused',
          problem: { type: '/problems/some', title: 'Some', status: 422, detail: 'What to do' },
        },
      ],
      state: {},
    });
    await outbox.sendAll();

    expect(outbox.snapshot().refused.map((kept) => [kept.entry.id, kept.problem?.detail])).toEqual([
      [bad.id, 'What to do'],
    ]);
    await outbox.read(bad.id);
    expect(await store.kept.count()).toBe(0);
  });

  it('that the answer does not mention is sent again', async () => {
    const [one, two] = [entry(), entry()];
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    await outbox.post(WALK, one);
    await outbox.post(WALK, two);
    calls.POST.mockReset().mockResolvedValueOnce(posted(one.id)).mockResolvedValueOnce(posted(two.id));
    await outbox.sendAll();
    await outbox.sendAll();

    expect(sent()).toEqual([[one.id, two.id], [two.id]]);
    expect(await store.kept.count()).toBe(0);
  });

  it('goes in batches that the yard takes, in order, however many have gathered', async () => {
    const all = Array.from({ length: 250 }, () => entry());
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    await store.kept.bulkAdd(
      all.map((one) => ({ walkId: WALK, userId: 'ines', entry: one, standing: 'queued' as const })),
    );
    const last = entry();
    expect(await outbox.post(WALK, last)).toEqual({ status: 'kept' });

    calls.POST.mockReset().mockImplementation((_path: string, { body }: { body: { entries: { id: string }[] } }) =>
      Promise.resolve(posted(...body.entries.map(({ id }) => id))),
    );
    await outbox.sendAll();

    expect(sent().map((batch) => batch.length)).toEqual([100, 100, 51]);
    expect(sent().flat()).toEqual([...all, last].map(({ id }) => id));
    expect(await store.kept.count()).toBe(0);
  });

  it('of a walk that somebody had opened goes there, with every batch', async () => {
    const all = Array.from({ length: 150 }, () => entry());
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    await outbox.open({ walkId: WALK, hireId: 'hire-1', movement: 'checkout', recordedAt: '2026-11-25T09:00:00Z' });
    await store.kept.bulkAdd(
      all.map((one) => ({ walkId: WALK, userId: 'ines', entry: one, standing: 'queued' as const })),
    );
    await outbox.sendAll();
    calls.POST.mockReset().mockImplementation((path: string, { body }: { body: { entries: { id: string }[] } }) =>
      Promise.resolve(path.endsWith('/entries') ? posted(...body.entries.map(({ id }) => id)) : { id: 'walk-of-rafe' }),
    );
    await outbox.sendAll();

    expect(
      calls.POST.mock.calls
        .filter(([path]) => String(path).endsWith('/entries'))
        .map(([, { params }]) => (params as { path: { walk: string } }).path.walk),
    ).toEqual(['walk-of-rafe', 'walk-of-rafe']);
    expect(await store.kept.count()).toBe(0);
  });

  it('of somebody else waits for them, whoever is signed in', async () => {
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    const hers = entry();
    await outbox.post(WALK, hers);
    calls.POST.mockReset().mockResolvedValue(posted(hers.id));
    await outbox.belongsTo('rafe');

    expect(sent()).toEqual([]);
    expect(outbox.snapshot()).toMatchObject({ kept: [], ofOthers: 1 });
    await outbox.belongsTo('ines');
    expect(sent()).toEqual([[hers.id]]);
  });

  it('that was on its way when the page was closed is queued again', async () => {
    const one = entry();
    await outbox.belongsTo(null);
    await store.kept.add({ walkId: WALK, userId: 'ines', entry: one, standing: 'sending' });
    calls.POST.mockResolvedValue(posted(one.id));
    await outbox.belongsTo('ines');

    expect(sent()).toEqual([[one.id]]);
    expect(await store.kept.count()).toBe(0);
  });

  it('is refused in words when the tablet is full', async () => {
    vi.spyOn(store.kept, 'add').mockRejectedValueOnce(Object.assign(new Error('full'), { name: 'QuotaExceededError' }));

    await expect(outbox.post(WALK, entry())).rejects.toMatchObject({ problem: { status: 507 } });
    expect(sent()).toEqual([]);
  });
});

describe('a walk that was opened with no network', () => {
  it('is told to the yard before its entries, and followed where somebody had opened it', async () => {
    const one = entry();
    const moved = vi.fn();
    outbox.whenMoved(moved);
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    await outbox.open({ walkId: WALK, hireId: 'hire-1', movement: 'checkout', recordedAt: '2026-11-25T09:00:00Z' });
    await outbox.post(WALK, one);
    calls.POST.mockReset().mockImplementation((path: string) =>
      Promise.resolve(path.endsWith('/entries') ? posted(one.id) : { id: 'walk-of-rafe' }),
    );
    await outbox.sendAll();
    await outbox.sendAll();

    expect(calls.POST.mock.calls[0]?.[0]).toBe('/api/hires/{hire}/walks');
    expect(moved).toHaveBeenCalledWith(WALK, 'walk-of-rafe');
    expect(await store.kept.count()).toBe(0);
    expect(await store.openings.count()).toBe(0);
  });
});

describe('what does not get through', () => {
  const wait = () => Math.round(((outbox.snapshot().nextTry ?? 0) - Date.now()) / 1000);

  it('is tried again later each time, and at once when the network is back', async () => {
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    const waits: number[] = [];
    await outbox.post(WALK, entry());
    for (let failed = 0; failed < 5; failed++) {
      waits.push(wait());
      await outbox.sendAll();
    }
    waits.forEach((seconds, at) => {
      const least = Math.min(80, 10 * 2 ** at);
      expect(seconds).toBeGreaterThanOrEqual(least - 1);
      expect(seconds).toBeLessThanOrEqual(least * 1.2 + 1);
    });

    window.dispatchEvent(new Event('online'));
    await vi.waitFor(() => expect(wait()).toBeLessThanOrEqual(13));
  });

  it('waits as long as the yard asks', async () => {
    calls.POST.mockRejectedValue(
      new ProblemError({ type: '/problems/too-many', title: 'Too many', status: 503, detail: '' }, 120),
    );

    expect(await outbox.post(WALK, entry())).toEqual({ status: 'kept' });

    expect(wait()).toBeGreaterThanOrEqual(119);
  });
});

describe('a picture', () => {
  const blob = new Blob([new Uint8Array(600 * 1024)], { type: 'image/jpeg' });
  const upload = (offset: number, photo: string | null = null) => ({ id: 'upload-1', bytes: blob.size, offset, photo });
  const offsets = () =>
    calls.PATCH.mock.calls.map(([, { params }]) => (params as { query: { offset: number } }).query.offset);

  it('goes on where it stopped, and its entry names it as the yard does', async () => {
    await store.photos.add({ id: 'photo-1', userId: 'ines', blob });
    const one = entry({ photos: ['photo-1', 'known'] });
    calls.POST.mockResolvedValueOnce(upload(0));
    calls.PATCH.mockResolvedValueOnce(upload(262_144)).mockRejectedValueOnce(new TypeError('Failed to fetch'));
    expect(await outbox.post(WALK, one)).toEqual({ status: 'kept' });

    calls.GET.mockResolvedValueOnce(upload(262_144));
    calls.PATCH.mockResolvedValueOnce(upload(524_288)).mockResolvedValueOnce(upload(blob.size, 'digest'));
    calls.POST.mockResolvedValueOnce(posted(one.id));
    await outbox.sendAll();

    expect(offsets()).toEqual([0, 262_144, 262_144, 524_288]);
    expect(
      (calls.POST.mock.calls.at(-1)?.[1] as { body: { entries: { payload: unknown }[] } }).body.entries[0]?.payload,
    ).toEqual({ photos: ['digest', 'known'] });
    expect(await store.photos.count()).toBe(0);
  });

  it('begins anew when the yard has forgotten its pieces', async () => {
    await store.photos.add({ id: 'photo-1', userId: 'ines', blob, upload: 'upload-0' });
    const one = entry({ photos: ['photo-1'] });
    calls.GET.mockRejectedValueOnce(problem(404));
    calls.POST.mockResolvedValueOnce(upload(0)).mockResolvedValueOnce(posted(one.id));
    calls.PATCH.mockResolvedValueOnce(upload(blob.size, 'digest'));

    expect(await outbox.post(WALK, one)).toMatchObject({ status: 'posted' });
    expect(offsets()).toEqual([0]);
  });

  it('that the yard refuses keeps only its own entry out, and leaves the tablet once that was read', async () => {
    await store.photos.add({ id: 'photo-1', userId: 'ines', blob });
    const [before, bad, after] = [entry(), entry({ photos: ['photo-1'] }), entry()];
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    await Promise.all([outbox.post(WALK, before), outbox.post(WALK, bad), outbox.post(WALK, after)]);
    calls.POST.mockReset().mockImplementation((path: string) =>
      path.endsWith('/entries') ? Promise.resolve(posted(before.id, after.id)) : Promise.reject(problem(422)),
    );

    await outbox.sendAll();

    expect(sent()).toEqual([[before.id, after.id]]);
    expect((await store.kept.toArray()).map((kept) => [kept.entry.id, kept.standing])).toEqual([[bad.id, 'refused']]);
    await outbox.read(bad.id);
    expect([await store.kept.count(), await store.photos.count()]).toEqual([0, 0]);
  });

  it('that is refused and goes alone asks the yard for nothing more', async () => {
    await store.photos.add({ id: 'photo-1', userId: 'ines', blob });
    calls.POST.mockRejectedValue(problem(422));

    await expect(outbox.post(WALK, entry({ photos: ['photo-1'] }))).rejects.toThrow();

    expect(sent()).toEqual([]);
  });
});

describe('what waits of somebody who left', () => {
  it('is told by whose it is, and goes under the name of whoever takes it over', async () => {
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    await store.photos.put({ id: 'here', userId: 'ines', blob: new Blob(['picture']) });
    const one = entry({ photo: 'here' });
    await outbox.post(WALK, one);
    await outbox.belongsTo('dilys');
    expect(outbox.snapshot()).toMatchObject({ kept: [], ofOthers: 1, others: [{ userId: 'ines', count: 1 }] });

    calls.POST.mockReset().mockImplementation((path: string) =>
      Promise.resolve(path.endsWith('/entries') ? posted(one.id) : { id: 'upload-1', photo: 'a'.repeat(64) }),
    );
    await outbox.takeOver('ines');

    expect(sent()).toEqual([[one.id]]);
    calls.POST.mock.calls.forEach(([, asked]) => expect(asked).toMatchObject({ headers: { 'X-Actor': 'dilys' } }));
    expect(await store.kept.count()).toBe(0);
    expect(outbox.snapshot().others).toEqual([]);
  });
});

describe('two pages of one tablet', () => {
  type Act = () => Promise<void>;
  let other: typeof outbox;

  beforeEach(async () => {
    // What a browser's lock does, for two instances in one process.
    let turn: Promise<void> = Promise.resolve();
    const request = (_: string, act: Act) => {
      const mine = turn.then(act);
      turn = mine.catch(() => undefined);

      return mine;
    };
    vi.stubGlobal('navigator', { onLine: true, locks: { request } });
    vi.resetModules();
    ({ outbox: other } = await import('../src/offline/outbox'));
    await other.belongsTo('ines');
  });

  afterEach(async () => {
    await other.belongsTo(null);
    vi.stubGlobal('navigator', { onLine: true });
  });

  it('send one at a time, and each entry once', async () => {
    let open = 0;
    let most = 0;
    calls.POST.mockImplementation(async (_: string, { body }: { body: { entries: { id: string }[] } }) => {
      most = Math.max(most, ++open);
      await new Promise((resolve) => setTimeout(resolve, 5));
      open -= 1;

      return posted(...body.entries.map(({ id }) => id));
    });
    const entries = Array.from({ length: 8 }, () => entry());
    const told: string[] = [];
    [outbox, other].forEach((one) => one.whenTakenElsewhere((walkId) => told.push(walkId)));

    await Promise.all(entries.map((one, at) => (at % 2 === 0 ? outbox : other).post(WALK, one)));

    expect(most).toBe(1);
    expect(sent().flat().sort()).toEqual(entries.map(({ id }) => id).sort());
    expect(await store.kept.count()).toBe(0);
    // What went with the turn of the other page is asked for anew.
    expect(told).toContain(WALK);
  });

  it('tell a refusal where it was entered, whichever of them sent it', async () => {
    const mine = entry();
    const theirs = entry();
    calls.POST.mockImplementation((_: string, { body }: { body: { entries: { id: string }[] } }) =>
      Promise.resolve({
        results: body.entries.map(({ id }) =>
          id === theirs.id ? { id, status: 'refused', problem: problem(422).problem } : { id, status: 'posted' }),
        state: { stage: null },
      }));

    const [first, second] = await Promise.allSettled([outbox.post(WALK, mine), other.post(WALK, theirs)]);

    expect(first.status).toBe('fulfilled');
    expect(second).toMatchObject({ status: 'rejected', reason: { problem: { title: 'Some' } } });
    expect(await store.kept.count()).toBe(0);
  });

  it('see what the other one keeps', async () => {
    const stop = other.followOtherPages();
    calls.POST.mockRejectedValue(new TypeError('Failed to fetch'));
    const one = entry();

    await outbox.post(WALK, one);

    await vi.waitFor(() => expect(other.snapshot().kept.map((kept) => kept.entry.id)).toEqual([one.id]));
    stop();
  });
});
