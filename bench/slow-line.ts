import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { median } from 'd3-array';
import { demoOrganisations } from '@/server/demo/people';
import playwright from '../playwright.config';
import { lineTo } from '../tests/line';
import { freePort, signInCookie, startServer } from '../tests/server';

/**
 * A walk opened over 1.6 Mbit/s with 150 ms there and back, by a browser that has nothing of it yet, until it is
 * painted; then how long until the pages are kept, and how long it takes to open them without the line.
 */
const line = { rate: 200_000, delay: 75 };
const runs = 5;
const [ines] = demoOrganisations[0].members;
const walk = '/inspections/lock-keepers-house/walk';

const port = await freePort();
const server = await startServer(port, { EAST_GATE_PRELOAD: '1' });
const cookie = await signInCookie(server.origin, ines.email, ines.password);
const [name, value] = cookie.split('=') as [string, string];
const painted: number[] = [];
const kept: number[] = [];
const again: number[] = [];
let bytes = { walk: 0, all: 0 };
for (let run = 0; run < runs; run += 1) {
  const over = await lineTo(port, line);
  const folder = mkdtempSync(join(tmpdir(), 'east-gate-line-'));
  const browser = await chromium.launchPersistentContext(folder, {
    ...playwright.use!.launchOptions,
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'allow',
  });
  await browser.addCookies([{ name, value, url: over.origin }]);
  const page = browser.pages()[0]!;
  const drawn = () => page.getByRole('heading', { name: 'Lock-keeper’s house' }).waitFor();
  let start = performance.now();
  await page.goto(over.origin + walk, { waitUntil: 'commit' });
  await drawn();
  painted.push(performance.now() - start);
  bytes.walk = over.counts().down;
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null, undefined, {
    timeout: 180_000,
  });
  kept.push(performance.now() - start);
  bytes = { ...bytes, all: over.counts().down };
  // What is drawn from it is on the device since it was opened.
  await page.reload();
  await drawn();
  await over.close();
  start = performance.now();
  await page.goto(over.origin + walk, { waitUntil: 'commit' });
  await drawn();
  again.push(performance.now() - start);
  await browser.close();
  rmSync(folder, { recursive: true, force: true });
}
await server.kill();
const seconds = (all: number[]) =>
  `${(median(all)! / 1000).toFixed(2)} s (${all.map((ms) => (ms / 1000).toFixed(2)).join(', ')})`;
console.log(`A walk over 1.6 Mbit/s, 150 ms there and back, ${runs} browsers that have nothing of it:
  painted: ${seconds(painted)}, ${(bytes.walk / 1000).toFixed(0)} kB by then
  every page kept on the device: ${seconds(kept)} after it was asked for, ${(bytes.all / 1e6).toFixed(2)} MB in all
  opened again without a line: ${seconds(again)}`);
process.exit(0);
