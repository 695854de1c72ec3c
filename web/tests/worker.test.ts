import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

type Handler = (event: { waitUntil: (done: Promise<unknown>) => void }) => void;

/** The worker as a browser runs it, with the names that the build fills in. */
function worker(version: string, caches: object): Map<string, Handler> {
  const handlers = new Map<string, Handler>();
  const source = readFileSync('web/worker.js', 'utf8')
    .replaceAll('__NAME__', 'app')
    .replaceAll('__VERSION__', version)
    .replaceAll('__FILES__', '[]');
  const self = {
    addEventListener: (name: string, handler: Handler) => handlers.set(name, handler),
    clients: { claim: () => Promise.resolve() },
  };
  // eslint-disable-next-line @typescript-eslint/no-implied-eval -- a script of our own, which is no module
  const run = new Function('self', 'caches', source) as (self: object, caches: object) => void;
  run(self, caches);

  return handlers;
}

it('keeps the files of the release before, for tabs that were open during the upgrade', async () => {
  const names = ['app-1', 'hirer-1', 'app-2', 'app-3'];
  const deleted: string[] = [];
  const caches = {
    keys: () => Promise.resolve(names),
    delete: (name: string) => Promise.resolve(deleted.push(name)),
  };
  let done: Promise<unknown> = Promise.resolve();

  worker('app-3', caches).get('activate')?.({ waitUntil: (until) => { done = until; } });
  await done;

  expect(deleted).toEqual(['app-1']);
});
