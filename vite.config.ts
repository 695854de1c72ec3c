import { createHash } from 'node:crypto';
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { constants, gzipSync } from 'node:zlib';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';

/** Writes the worker that keeps the shell on the tablet, with the names of everything that was built. */
function shellWorker(): Plugin {
  return {
    name: 'shell-worker',
    // What was written, and not what was planned: chunks that came out empty are dropped on the way.
    writeBundle({ dir = '' }) {
      const files = readdirSync(join(dir, 'assets'))
        .filter((name) => !name.endsWith('.gz'))
        .map((name) => `/build/assets/${name}`)
        .sort();
      const version = createHash('sha256').update(files.join('\n')).digest('hex').slice(0, 16);
      const source = readFileSync('web/worker.js', 'utf8').replace("'__VERSION__'", JSON.stringify(`shell-${version}`)).replace('__FILES__;', `${JSON.stringify(files)};`);
      writeFileSync(join(dir, 'worker.js'), source);
    },
  };
}

/** Beside each file its gzip, as small as it gets: the server sends that and presses nothing itself. */
function pressed(): Plugin {
  return {
    name: 'pressed',
    writeBundle({ dir = '' }) {
      for (const name of readdirSync(join(dir, 'assets')).filter((one) => /\.(js|css|svg)$/.test(one))) {
        const file = join(dir, 'assets', name);
        writeFileSync(`${file}.gz`, gzipSync(readFileSync(file), { level: constants.Z_BEST_COMPRESSION }));
      }
    },
  };
}

export default defineConfig({
  root: 'web',
  base: '/build/',
  plugins: [react(), shellWorker(), pressed()],
  build: {
    outDir: '../public/build',
    emptyOutDir: true,
    chunkSizeWarningLimit: 900,
  },
});
