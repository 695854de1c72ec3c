import createClient from 'openapi-fetch';
import { noteYardTime } from '../app/clockSkew';
import { ProblemError, type Problem } from './problem';
import type { components, paths } from './schema';

export type Schema = components['schemas'];

function cookie(name: string): string | undefined {
  const found = document.cookie.split('; ').find((pair) => pair.startsWith(`${name}=`));

  return found === undefined ? undefined : decodeURIComponent(found.slice(name.length + 1));
}

export const api = createClient<paths>({
  baseUrl: '/',
  credentials: 'same-origin',
  headers: { Accept: 'application/json' },
});

let reads = new AbortController();
let changingHands: Promise<unknown> = Promise.resolve();

/**
 * Signs in or out with nothing else under way. An answer to the session before, arriving late, would bring its cookies
 * along, and
 * the next thing that is sent would be refused for them.
 */
export async function changeHands<T>(act: () => Promise<T>): Promise<T> {
  reads.abort();
  reads = new AbortController();
  const done = act();
  changingHands = done.catch(() => undefined);

  return done;
}

api.use({
  async onRequest({ request }) {
    if (request.method === 'GET') {
      await changingHands;
    }
    // What this tablet thinks it is: where that is off, the yard puts right what was recorded by it.
    request.headers.set('X-Device-Time', new Date().toISOString());
    if (request.method !== 'GET') {
      if (cookie('XSRF-TOKEN') === undefined) {
        await fetch('/sanctum/csrf-cookie', { credentials: 'same-origin' });
      }
      request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN') ?? '');
    }

    return request.method === 'GET' ? new Request(request, { signal: reads.signal }) : request;
  },
  onResponse({ response }) {
    noteYardTime(response.headers.get('Date'));

    return undefined;
  },
});

/** The body of an answer, or the problem that it carries as an error. */
export async function answer<T>(call: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
  const { data, error, response } = await call;
  if (!response.ok) {
    const problem = isProblem(error)
      ? error
      : { type: 'about:blank', title: response.statusText, status: response.status };
    // RFC 9110 section 10.2.3; the form with a date is not one that the yard gives.
    const seconds = Number.parseInt(response.headers.get('Retry-After') ?? '', 10);
    throw new ProblemError(problem, Number.isNaN(seconds) ? null : seconds);
  }

  return data as T;
}

function isProblem(error: unknown): error is Problem {
  return typeof error === 'object' && error !== null && 'title' in error && 'status' in error;
}
