import { createHash } from 'node:crypto';
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { constants, gzipSync } from 'node:zlib';
import type { Plugin } from 'vite';

/** A page that a worker keeps: the name of its cache, its address, and where its files lie. */
interface Shell {
  name: string;
  page: string;
  assets: string;
}

/** Writes the worker that keeps a page on the device, with the names of everything that was built. */
export function shellWorker({ name, page, assets }: Shell): Plugin {
  return {
    name: 'shell-worker',
    // What was written, and not what was planned: chunks that came out empty are dropped on the way.
    writeBundle({ dir = '' }) {
      const files = readdirSync(join(dir, 'assets'))
        // A PDF is read in the office, with a network, and by nobody else.
        .filter((file) => !file.endsWith('.gz') && !/^pdf[.-]/.test(file))
        .map((file) => `${assets}assets/${file}`)
        .sort();
      const version = createHash('sha256').update(files.join('\n')).digest('hex').slice(0, 16);
      const filled: Record<string, string> = {
        "'__NAME__'": JSON.stringify(name),
        "'__VERSION__'": JSON.stringify(`${name}-${version}`),
        "'__PAGE__'": JSON.stringify(page),
        "'__ASSETS__'": JSON.stringify(assets),
        '__FILES__;': `${JSON.stringify(files)};`,
      };
      let source = readFileSync('web/worker.js', 'utf8');
      for (const [place, text] of Object.entries(filled)) {
        source = source.replace(place, text);
      }
      writeFileSync(join(dir, 'worker.js'), source);
    },
  };
}

/** Beside each file its gzip, as small as it gets: the server sends that and presses nothing itself. */
export function pressed(): Plugin {
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
