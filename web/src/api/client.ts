import createClient from 'openapi-fetch';
import { noteYardTime } from '../app/clockSkew';
import { ProblemError, type Problem } from './problem';
import type { components, paths } from './schema';

export type Schema = components['schemas'];

function cookie(name: string): string | undefined {
  const found = document.cookie.split('; ').find((pair) => pair.startsWith(`${name}=`));

  return found === undefined ? undefined : decodeURIComponent(found.slice(name.length + 1));
}

export const api = createClient<paths>({ baseUrl: '/', credentials: 'same-origin', headers: { Accept: 'application/json' } });

api.use({
  async onRequest({ request }) {
    // What this tablet thinks it is: where that is off, the yard puts right what was recorded by it.
    request.headers.set('X-Device-Time', new Date().toISOString());
    if (request.method !== 'GET') {
      if (cookie('XSRF-TOKEN') === undefined) {
        await fetch('/sanctum/csrf-cookie', { credentials: 'same-origin' });
      }
      request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN') ?? '');
    }

    return request;
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
    throw new ProblemError(isProblem(error) ? error : { type: 'about:blank', title: response.statusText, status: response.status });
  }

  return data as T;
}

function isProblem(error: unknown): error is Problem {
  return typeof error === 'object' && error !== null && 'title' in error && 'status' in error;
}
