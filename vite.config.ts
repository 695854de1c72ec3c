import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  root: 'web',
  base: '/build/',
  plugins: [react()],
  build: {
    outDir: '../public/build',
    emptyOutDir: true,
    chunkSizeWarningLimit: 900,
  },
});
