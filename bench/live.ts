import { randomUUID } from 'node:crypto';
import { chromium } from '@playwright/test';
import type { Page } from '@playwright/test';
import { median } from 'd3-array';
import type { Entry } from '@/core/record/entries/entry';
import playwright from '../playwright.config';
import { seedOffices, siteEntry, word } from '../tests/database/office';
import type { Watching } from '../tests/event-stream';
import { watch } from '../tests/event-stream';
import { freePort, signInCookie, startServer } from '../tests/server';
import { fullPanelEntries } from './full-panel';
import { tap } from './tap';
import { timesInWords } from './timing';

/**
 * Two browsers at one inspection through two processes: from a tap in one to the paint of it in the other. Then
 * fifty watch it besides, in turns with nobody: what a tap and a delivery take with them, and without.
 */
const runs = 40;
const turn = 10;
const watchers = 50;
const inspection = `bench-live-${Date.now()}`;
const [office] = await seedOffices(1, 10);
const first = office!.members[0]!;

const servers = [await startServer(await freePort()), await startServer(await freePort())] as const;
const cookies: string[] = [];
for (const { email } of office!.members)
  cookies.push(await signInCookie(servers[0].origin, email, word));

async function deliver(entries: readonly Entry[]): Promise<number> {
  const start = performance.now();
  const response = await fetch(`${servers[0].origin}/api/entries`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie: cookies[0]! },
    body: JSON.stringify({ inspection, entries }),
  });
  if (!response.ok) throw new Error(`delivering gave ${response.status}`);
  await response.text();
  return performance.now() - start;
}
const named = (id: string) => `${inspection}-${id}`;
const panel = fullPanelEntries().map((entry) => ({
  ...entry,
  id: named(entry.id),
  action: named(entry.action),
  author: first.id,
  ...(entry.kind === 'observe' && { replaces: entry.replaces.map(named) }),
}));
for (let at = 0; at < panel.length; at += 400) await deliver(panel.slice(at, at + 400));
let counter = 100_000;
const note = (): Entry =>
  siteEntry(first.id, {
    counter: (counter += 1),
    device: 'bench',
    thing: randomUUID(),
    type: 'note',
    in: 'site',
    facts: { words: 'Something' },
  } as Partial<Entry>);

/** A browser of its own, with the same position in hand. */
async function openPage(at: 0 | 1): Promise<Page> {
  const browser = await chromium.launch(playwright.use!.launchOptions);
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const [name, value] = cookies[at]!.split('=') as [string, string];
  const { origin } = servers[at];
  await context.addCookies([{ name, value, url: origin }]);
  const page = await context.newPage();
  await page.goto(`${origin}/inspections/${inspection}/walk`);
  await page.getByText('All arrived').waitFor();
  await page.locator('[data-position="41"]').click();
  await page.getByRole('button', { name: 'Damp' }).waitFor();
  return page;
}

/** When what is pressed changes on a page and is painted: milliseconds of the clock. */
const seen = (page: Page): Promise<number> =>
  page.evaluate(
    () =>
      new Promise<number>((done) => {
        const pressed = () =>
          [...document.querySelectorAll('button')]
            .find((one) => one.textContent === 'Damp')!
            .getAttribute('aria-pressed');
        const before = pressed();
        const look = () => {
          if (pressed() === before) return void setTimeout(look, 1);
          requestAnimationFrame(() => setTimeout(() => done(Date.now())));
        };
        look();
      }),
  );

const [one, other] = [await openPage(0), await openPage(1)];
await one.getByText('Member 01').first().waitFor();
await other.getByText('Member 00').first().waitFor();

async function watched(): Promise<Watching[]> {
  const all: Watching[] = [];
  for (let nth = 0; nth < watchers; nth += 1) {
    const { origin } = servers[nth % 2]!;
    all.push(await watch(origin, cookies[nth % cookies.length]!, inspection, 1_000_000));
  }
  if (all.some(({ status }) => status !== 200)) throw new Error('not all may watch');
  return all;
}

const alone = { latency: [] as number[], taps: [] as number[], deliveries: [] as number[] };
const before50 = { latency: [] as number[], taps: [] as number[], deliveries: [] as number[] };
for (let run = 0; run < runs; run += turn)
  for (const side of [alone, before50]) {
    const watching = side === before50 ? await watched() : [];
    for (let nth = -2; nth < turn; nth += 1) {
      const change = seen(other);
      const start = Date.now();
      const time = await tap(one);
      const latency = (await change) - start;
      const delivery = await deliver([note()]);
      if (nth >= 0) {
        side.latency.push(latency);
        side.taps.push(time);
        side.deliveries.push(delivery);
      }
      await one.waitForTimeout(200);
    }
    for (const { leave } of watching) leave();
  }
const sorted = (times: number[]) => timesInWords(times.sort((a, b) => a - b));
const ratio = (name: keyof typeof alone) =>
  `${(median(before50[name])! / median(alone[name])!).toFixed(2)} times`;
console.log(`Two browsers at one inspection of ${panel.length} entries, through two processes
  from the tap in one to the paint of it in the other: ${sorted(alone.latency)}
    with ${watchers} others watching: ${sorted(before50.latency)}, ${ratio('latency')}
  the tap itself, to the paint after it: ${sorted(alone.taps)}
    with ${watchers} others watching: ${sorted(before50.taps)}, ${ratio('taps')}
  a delivery of one entry: ${sorted(alone.deliveries)}
    with ${watchers} others watching: ${sorted(before50.deliveries)}, ${ratio('deliveries')}`);
for (const page of [one, other]) await page.context().browser()!.close();
for (const server of servers) await server.kill();
process.exit(0);
