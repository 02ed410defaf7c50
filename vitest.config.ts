import { defineConfig } from 'vitest/config';

// Days and hours are reckoned by the clock of the place: everywhere the same one.
process.env.TZ = 'UTC';

export default defineConfig({
  test: {
    include: [
      'core/src/**/*.test.ts',
      'web/src/**/*.test.{ts,tsx}',
      'cli/src/**/*.test.ts',
      'server/src/**/*.test.ts',
      'scripts/**/*.test.ts',
    ],
    setupFiles: ['scripts/seeded.ts'],
    // Ends what hangs; a busy or slow machine is given its time.
    testTimeout: 300_000,
    hookTimeout: 60_000,
    // On two cores the usual is one worker.
    maxWorkers: '100%',
  },
});
