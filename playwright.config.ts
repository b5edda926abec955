import { defineConfig } from '@playwright/test';

const port = Number(process.env.TEST_PORT ?? 3210);

export default defineConfig({
  testDir: 'tests/journeys',
  timeout: 120_000,
  workers: 1,
  retries: 0,
  forbidOnly: true,
  reporter: [['list'], ['json']],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    launchOptions: {
      executablePath: '/usr/bin/chromium',
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
  webServer: {
    command: `node_modules/.bin/next start --hostname 127.0.0.1 --port ${port}`,
    url: `http://127.0.0.1:${port}/sign-in`,
    env: { EAST_GATE_DEMO: '1', NEXT_TELEMETRY_DISABLED: '1' },
    reuseExistingServer: false,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 3000 },
  },
});
