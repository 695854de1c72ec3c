// A page and everything that it loads, kept on the device. What stands between underlines is filled in by the build.
const NAME = '__NAME__';
const VERSION = '__VERSION__';
const PAGE = '__PAGE__';
const ASSETS = '__ASSETS__';
const FILES = __FILES__;
const PATIENCE_MS = 3000;

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(VERSION).then((cache) => cache.addAll([PAGE, ...FILES])).then(() => self.skipWaiting()));
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      // Another page of the same host keeps its own. Of this one the release before stays as well: a tab that was
      // open during the upgrade still asks for its files, which the yard has no more.
      .then((names) => names.filter((name) => name.startsWith(`${NAME}-`) && name !== VERSION))
      .then((names) => Promise.all(names.slice(0, -1).map((name) => caches.delete(name))))
      .then(() => self.clients.claim()),
  );
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) {
    return;
  }
  if (request.mode === 'navigate' && url.pathname.startsWith(PAGE)) {
    event.respondWith(freshOrKept(request));
  } else if (url.pathname.startsWith(ASSETS)) {
    event.respondWith(caches.match(request).then((kept) => kept ?? fetch(request)));
  }
});

/** The page from the yard when it answers in time, else the one that is kept here. */
async function freshOrKept(request) {
  const cache = await caches.open(VERSION);
  const timer = new AbortController();
  const late = setTimeout(() => timer.abort(), PATIENCE_MS);
  try {
    const answer = await fetch(request, { signal: timer.signal });
    if (answer.ok) {
      return answer;
    }
  } catch {
    // No network, or a yard that does not answer.
  } finally {
    clearTimeout(late);
  }

  return (await cache.match(PAGE)) ?? Response.error();
}
