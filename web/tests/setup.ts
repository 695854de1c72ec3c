import 'fake-indexeddb/auto';
import { vi } from 'vitest';

// What the offline parts ask of a browser, and no more.
const events = new EventTarget();
vi.stubGlobal('window', Object.assign(globalThis, {
  addEventListener: events.addEventListener.bind(events),
  removeEventListener: events.removeEventListener.bind(events),
  dispatchEvent: events.dispatchEvent.bind(events),
}));
vi.stubGlobal('document', { documentElement: { dataset: {}, lang: '' }, cookie: '' });
vi.stubGlobal('navigator', { onLine: true });
vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => undefined });
