import { defineConfig } from 'vitest/config';

// Contexts in one process: as far apart as processes, without starting one for each file.
const pool = 'vmThreads';

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
