import { defineConfig } from 'vitest/config';

// A worker for each file. In contexts of one process (vmThreads) `vi.mock` does not replace a module that an earlier
// file has loaded, so what a test sees would depend on which files ran before it.
const pool = 'threads';

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'offline',
          root: 'web',
          pool,
          environment: 'node',
          include: ['tests/*.test.ts'],
          setupFiles: ['tests/setup.ts'],
        },
      },
      {
        test: {
          name: 'components',
          root: 'web',
          pool,
          environment: 'happy-dom',
          include: ['tests/components/*.test.{ts,tsx}'],
          setupFiles: ['tests/components/setup.ts'],
        },
      },
    ],
  },
});
