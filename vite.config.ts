import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { pressed, shellWorker } from './vite.plugins.ts';

export default defineConfig({
  root: 'web',
  base: '/build/',
  plugins: [react(), shellWorker({ name: 'shell', page: '/app', assets: '/build/' }), pressed()],
  build: {
    outDir: '../public/build',
    emptyOutDir: true,
    chunkSizeWarningLimit: 900,
  },
});
