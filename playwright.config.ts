import { defineConfig } from '@playwright/test';

export default defineConfig({
  testDir: 'tests/journeys',
  timeout: 240_000,
  // A busy machine may take long over what is a moment otherwise.
  expect: { timeout: 15_000 },
  // Two cores: each file has a worker and a server of its own; within a file one test after another.
  workers: 2,
  retries: 0,
  forbidOnly: true,
  reporter: [['list'], ['json']],
  use: {
    // Each page would keep the whole build first; what is kept has journeys of its own.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-dev-shm-usage',
        '--font-render-hinting=none',
      ],
    },
  },
});
