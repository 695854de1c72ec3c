import { beforeEach, describe, expect, it, vi } from 'vitest';
import { ProblemError } from '../src/api/problem';

const calls = vi.hoisted(() => ({ POST: vi.fn() }));
vi.mock('../src/api/client', () => ({ api: calls, answer: (call: Promise<unknown>) => call }));

const { bookings } = await import('../src/offline/bookings');
const { store } = await import('../src/offline/store');

const promised = {
  id: 'hire-1',
  body: {
    id: 'hire-1',
    machine_id: 'machine-1',
    hirer_id: 'hirer-1',
    goes_out: '2026-12-01T08:00',
    comes_back: '2026-12-01T16:00',
    out_of_reach_at: '2026-11-30T09:00:00Z',
  },
  newHirer: null,
  answers: {},
  hirer: 'Heron Fencing',
  machine: 'E-14',
};
const problem = (status: number) =>
  new ProblemError({ type: '/problems/some', title: 'Some', status, detail: 'What to do' });
const bodies = (path: string): { hirer_id: string }[] =>
  calls.POST.mock.calls.filter(([to]) => to === path).map(([, { body }]) => body as { hirer_id: string });

beforeEach(async () => {
  await bookings.belongsTo(null);
  await store.bookings.clear();
  calls.POST.mockReset();
  await bookings.belongsTo('juno');
});

describe('a hire that was promised with no network', () => {
  it('stays until there is one, and is booked once', async () => {
    calls.POST.mockRejectedValueOnce(new TypeError('Failed to fetch')).mockResolvedValue({ id: 'hire-1' });
    await bookings.keep(promised);
    expect(await store.bookings.count()).toBe(1);

    await bookings.sendAll();
    await bookings.sendAll();

    expect(await store.bookings.count()).toBe(0);
    expect(bodies('/api/hires')).toEqual([promised.body, promised.body]);
  });

  it('of somebody new enters them first, and only once', async () => {
    calls.POST.mockResolvedValueOnce({ id: 'hirer-9' })
      .mockRejectedValueOnce(new TypeError('Failed to fetch'))
      .mockResolvedValue({ id: 'hire-1' });
    await bookings.keep({ ...promised, newHirer: { name: 'Heron Fencing', phone: '' } });
    await bookings.sendAll();

    expect(bodies('/api/hirers')).toHaveLength(1);
    expect(bodies('/api/hires').map((body) => body.hirer_id)).toEqual(['hirer-9', 'hirer-9']);
    expect(await store.bookings.count()).toBe(0);
  });

  it('that the yard refuses stays with the reason until it was read', async () => {
    calls.POST.mockRejectedValue(problem(409));
    await bookings.keep(promised);
    await bookings.sendAll();

    expect((await store.bookings.get('hire-1'))?.problem?.detail).toBe('What to do');
    expect(calls.POST).toHaveBeenCalledTimes(1);

    await bookings.drop('hire-1');
    expect(await store.bookings.count()).toBe(0);
  });

  it('whose site is refused is booked, once, and says so', async () => {
    calls.POST.mockResolvedValueOnce({ id: 'hire-1' }).mockRejectedValue(problem(422));
    await bookings.keep({ ...promised, answers: { frost: 'yes' } });
    await bookings.sendAll();

    expect(await store.bookings.get('hire-1')).toMatchObject({ isBooked: true, problem: { detail: 'What to do' } });
    await bookings.sendAll();
    expect(calls.POST.mock.calls.filter(([path]) => path === '/api/hires')).toHaveLength(1);
  });

  it('that broke off behind the booking sends the rest and books nothing again', async () => {
    calls.POST.mockResolvedValueOnce({ id: 'hire-1' })
      .mockRejectedValueOnce(problem(503))
      .mockResolvedValue({ results: [{}] });
    await bookings.keep({ ...promised, answers: { frost: 'yes' } });
    // It was tried once by itself, and is tried again now.
    await bookings.sendAll();

    expect(await store.bookings.count()).toBe(0);
    expect(calls.POST.mock.calls.map(([path]) => path as string)).toEqual([
      '/api/hires',
      '/api/hires/{hire}/entries',
      '/api/hires/{hire}/entries',
    ]);
  });

  it.each([401, 429, 503])('is no news to a yard that answers %i', async (status) => {
    calls.POST.mockRejectedValue(problem(status));
    await bookings.keep(promised);
    await bookings.sendAll();

    expect((await store.bookings.get('hire-1'))?.problem).toBeUndefined();
  });

  it('that is kept while another is on its way goes next', async () => {
    calls.POST.mockImplementationOnce(async () => {
      await bookings.keep({ ...promised, id: 'hire-2', body: { ...promised.body, id: 'hire-2' } });

      return { id: 'hire-1' };
    }).mockResolvedValue({ id: 'hire-2' });
    await bookings.keep(promised);
    await bookings.sendAll();

    expect(await store.bookings.count()).toBe(0);
    expect(calls.POST.mock.calls.map(([, { headers }]) => headers as object)).toEqual([
      { 'X-Actor': 'juno' },
      { 'X-Actor': 'juno' },
    ]);
  });

  it('of somebody else waits for them', async () => {
    await bookings.belongsTo(null);
    await store.bookings.put({ ...promised, userId: 'dilys' });
    await bookings.belongsTo('juno');

    expect(calls.POST).not.toHaveBeenCalled();
    calls.POST.mockResolvedValue({ id: 'hire-1' });
    await bookings.belongsTo('dilys');
    expect(await store.bookings.count()).toBe(0);
  });
});
