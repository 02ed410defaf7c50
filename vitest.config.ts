import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    setupFiles: ['scripts/seeded.ts'],
    testTimeout: 20_000,
    // On two cores the usual is one worker.
    maxWorkers: '100%',
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          include: ['core/src/**/*.test.ts', 'cli/src/**/*.test.ts', 'scripts/**/*.test.ts'],
          // Nothing of it keeps state: the modules are read once for all files.
          isolate: false,
        },
      },
      {
        extends: true,
        test: { name: 'web', include: ['web/src/**/*.test.{ts,tsx}', 'server/src/**/*.test.ts'] },
      },
    ],
  },
});
