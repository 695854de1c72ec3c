import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'offline',
          root: 'web',
          environment: 'node',
          include: ['tests/*.test.ts'],
          setupFiles: ['tests/setup.ts'],
        },
      },
      {
        test: {
          name: 'components',
          root: 'web',
          environment: 'happy-dom',
          include: ['tests/components/*.test.{ts,tsx}'],
          setupFiles: ['tests/components/setup.ts'],
        },
      },
    ],
  },
});
