import { defineConfig } from '@playwright/test';

const PORT = 4187;
const ARGS = [
  '--headless',
  '--no-sandbox',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
const executablePath = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';

/** How the tests, the bench and the pictures start Chromium. */
export const LAUNCH = { executablePath, args: ARGS };

export default defineConfig({
  testDir: 'e2e',
  timeout: 360_000,
  // A whole piece is built and reckoned anew on every page that is opened: a busy machine takes its time over it.
  expect: { timeout: 40_000 },
  fullyParallel: true,
  workers: 2,
  forbidOnly: true,
  retries: 0,
  reporter: [['list'], ['json', { outputFile: '.cache/e2e.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'UTC',
    // Each test would keep the whole application once more; what that is for has tests of its own.
    serviceWorkers: 'block',
    launchOptions: LAUNCH,
  },
  webServer: {
    command: `node --import tsx server/src/main.ts --port ${PORT}`,
    url: `http://127.0.0.1:${PORT}/health`,
    reuseExistingServer: false,
    timeout: 60_000,
  },
});
