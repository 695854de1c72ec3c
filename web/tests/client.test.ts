import { beforeEach, describe, expect, it, vi } from 'vitest';

const fetched = vi.fn<(request: Request) => Promise<Response>>();
vi.stubGlobal('fetch', fetched);
vi.stubGlobal('document', { documentElement: { dataset: {}, lang: '' }, cookie: 'XSRF-TOKEN=token' });
const { answer, api, changeHands } = await import('../src/api/client');
const base = 'http://yard.test';
const json = (body: unknown) =>
  new Response(JSON.stringify(body), { status: 200, headers: { 'Content-Type': 'application/json' } });
const asked = () => fetched.mock.calls.map(([request]) => `${request.method} ${new URL(request.url).pathname}`);
const day = () => answer(api.GET('/api/day', { baseUrl: base }));
const signOut = () => answer(api.DELETE('/api/session', { baseUrl: base }));

beforeEach(() => fetched.mockReset());

describe('signing in and out', () => {
  it('leaves nothing under way that would bring the cookies of the session before', async () => {
    fetched.mockImplementationOnce(
      (request) =>
        new Promise((_resolve, reject) =>
          request.signal.addEventListener('abort', () => reject(new DOMException('aborted', 'AbortError'))),
        ),
    );
    const early = day();
    await vi.waitFor(() => expect(asked()).toEqual(['GET /api/day']));
    fetched.mockResolvedValueOnce(json({}));
    await changeHands(signOut);

    await expect(early).rejects.toMatchObject({ name: 'AbortError' });
  });

  it('is over before anything is read again', async () => {
    let finish: (answered: Response) => void = () => undefined;
    fetched.mockImplementationOnce(() => new Promise((resolve) => (finish = resolve)));
    const out = changeHands(signOut);
    const late = day();
    await vi.waitFor(() => expect(asked()).toEqual(['DELETE /api/session']));
    fetched.mockResolvedValueOnce(json({ date: '2026-11-25' }));
    finish(json({}));
    await out;

    expect(await late).toEqual({ date: '2026-11-25' });
    expect(asked()).toEqual(['DELETE /api/session', 'GET /api/day']);
  });

  it('that fails does not stand in the way of reading', async () => {
    fetched.mockRejectedValueOnce(new TypeError('Failed to fetch'));
    await expect(changeHands(signOut)).rejects.toThrow('Failed to fetch');
    fetched.mockResolvedValueOnce(json({ date: '2026-11-25' }));

    expect(await day()).toEqual({ date: '2026-11-25' });
  });
});
