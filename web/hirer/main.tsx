import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { HirerPage } from './HirerPage';
import '../src/plans/shapes.css';
import './hirer.css';

const root = document.getElementById('root');
// The token stands behind #, so that it reaches no log; another square read on the same page is another page.
if (root !== null) {
  createRoot(root).render(
    <StrictMode>
      <HirerPage token={window.location.hash.slice(1)} />
    </StrictMode>,
  );
}
window.addEventListener('hashchange', () => window.location.reload());
if ('serviceWorker' in navigator && !import.meta.env.DEV) {
  // Without it everything works but a start with no signal.
  navigator.serviceWorker.register('/h/worker.js', { scope: '/h/' }).catch(() => undefined);
}
