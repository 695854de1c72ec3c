import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { queries } from './api/queries';
import { App } from './app/App';
import { guardTouches } from './app/touchGuard';
import { lastSpoken, speak } from './app/texts';
import './app/tokens.css';
import './app/base.css';
import './plans/shapes.css';
import { session } from './features/session/useSession';
import { hasStore } from './offline/hasStore';
import { registerWorker } from './offline/registerWorker';

/** The store of the tablet is fetched before the first page only where something is kept in it. */
async function restore(): Promise<void> {
  if (!(await hasStore())) {
    // Asked before the page is there, which takes a while on a slow tablet.
    void queries.prefetchQuery(session);

    return;
  }
  const { restoreQueries } = await import('./offline/persistQueries');
  await restoreQueries(queries);
  // Who was signed in yesterday is shown at once, and asked for.
  void queries.invalidateQueries({ queryKey: session.queryKey });
}

async function show(root: HTMLElement): Promise<void> {
  // A language that does not come leaves the page in English: the work goes on.
  await Promise.all([restore().catch(() => undefined), speak(lastSpoken()).catch(() => undefined)]);
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  );
  // Comes after the answer that the first page waits for.
  await queries.ensureQueryData(session).catch(() => undefined);
  // Where it does not come, everything works as long as there is a network.
  const kept = await import('./offline/persistQueries').catch(() => undefined);
  kept?.persistQueries(queries);
}

const root = document.getElementById('root');
if (root !== null) {
  void show(root).finally(() => void registerWorker());
}
guardTouches(document);
