import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { queries } from './api/queries';
import { App } from './app/App';
import { guardTouches } from './app/touchGuard';
import { lastSpoken, speak } from './app/texts';
import './app/tokens.css';
import './app/base.css';
import './plans/shapes.css';
import './features/walk/state/followOutbox';
import { persistQueries, restoreQueries } from './offline/persistQueries';
import { registerWorker } from './offline/registerWorker';

const root = document.getElementById('root');
if (root !== null) {
  // A language that does not come leaves the page in English: the work goes on.
const spoken = speak(lastSpoken()).catch(() => undefined);
void Promise.all([restoreQueries(queries), spoken]).then(() => {
    persistQueries(queries);
    // Who was signed in yesterday is shown at once, and asked for.
    void queries.invalidateQueries({ queryKey: ['session'] });
    createRoot(root).render(
      <StrictMode>
        <App />
      </StrictMode>,
    );
  });
}
guardTouches(document);
void registerWorker();
