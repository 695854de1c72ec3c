// The least that a React page can weigh: one component that draws nothing, built as the application is. Prints bytes after gzip.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { build } from 'vite';

const folder = mkdtempSync(join(process.cwd(), 'storage/bench/bare-'));
try {
  const entry = join(folder, 'bare.js');
  writeFileSync(entry, "import { createRoot } from 'react-dom/client';\ncreateRoot(document.body).render(null);\n");
  const result = await build({ root: folder, configFile: false, logLevel: 'silent', build: { write: false, rollupOptions: { input: entry } } });
  const chunks = result.output.filter((part) => part.type === 'chunk');
  console.log(chunks.reduce((sum, chunk) => sum + gzipSync(chunk.code, { level: 9 }).length, 0));
} finally {
  rmSync(folder, { recursive: true });
}
