import { defineConfig } from 'vite';
import { pressed, shellWorker } from './vite.plugins.ts';

/** The hirer's page, apart from the application: it is opened on somebody's own phone, far from any network. */
export default defineConfig({
  root: 'web/hirer',
  base: '/h/',
  plugins: [shellWorker({ name: 'hirer', page: '/h/', assets: '/h/' }), pressed()],
  resolve: {
    // A tenth of the weight, behind the same interface.
    alias: {
      'react-dom/client': 'preact/compat/client',
      'react/jsx-runtime': 'preact/jsx-runtime',
      react: 'preact/compat',
    },
  },
  build: { outDir: '../../public/hirer', emptyOutDir: true },
});
