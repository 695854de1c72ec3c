import type { components } from '../src/api/schema';

export type Page = components['schemas']['HirerPage'];
export type Problem = components['schemas']['Problem'];
export type Entry = components['schemas']['EntryInput'];

/** The yard answered, and not with what was asked for. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly words: string,
  ) {
    super(words);
  }
}

async function ask<T>(token: string, path: string, init: RequestInit = {}): Promise<T> {
  const answer = await fetch(`/api/hirer-page${path}`, {
    ...init,
    credentials: 'omit',
    headers: { Accept: 'application/json', Authorization: `Bearer ${token}`, ...init.headers },
  });
  const body: unknown = await answer.json().catch(() => null);
  if (!answer.ok) {
    const problem = body as Partial<Problem> | null;
    throw new Refused(answer.status, problem?.detail ?? problem?.title ?? `${answer.status}`);
  }

  return body as T;
}

export const readPage = (token: string, language: string | null): Promise<Page> =>
  ask(token, language === null ? '' : `?language=${encodeURIComponent(language)}`);

type Results = components['schemas']['Results'];

export const postEntries = (token: string, entries: Entry[]): Promise<Results> =>
  ask(token, '/entries', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ entries }),
  });

export async function sendPicture(token: string, picture: Blob): Promise<string> {
  const body = new FormData();
  body.append('photo', picture, 'photo.jpg');

  return (await ask<{ sha256: string }>(token, '/photos', { method: 'POST', body })).sha256;
}
