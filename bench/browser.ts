import { chromium } from '@playwright/test';
import type { Page } from '@playwright/test';
import { median } from 'd3-array';
import { demoOrganisations } from '@/server/demo/people';
import { packageOf, writePackage } from '@/server/package-file';
import { testSettings } from '@/core/testing/bench';
import playwright from '../playwright.config';
import type { RunningServer } from '../tests/server';
import { freePort, signInCookie, startServer } from '../tests/server';
import { fullPanelEntries } from './full-panel';
import { tap } from './tap';
import { timesInWords } from './timing';

/** Recording one entry on a full 84-position panel, from the click to the paint after it, in Chromium. */
const runs = 80;
const id = 'bench-full-panel';
const [ines] = demoOrganisations[0].members;
const older = process.env.BENCH_OLD_PROGRAMS?.replace(/\/programs$/, '');
const builds = [
  ...(older ? [['the older source', older] as const] : []),
  ['this source', process.cwd()] as const,
];
/** Taps of one source before the other’s turn. */
const turn = 10;

/** A signed-in page of a server and a browser of its own: what one draws holds up no other. */
async function sideOf(cwd: string) {
  const browser = await chromium.launch(playwright.use!.launchOptions);
  const server = await startServer(await freePort(), {}, cwd);
  const cookie = await signInCookie(server.origin, ines.email, ines.password);
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const [name, value] = cookie.split('=') as [string, string];
  await context.addCookies([{ name, value, url: server.origin }]);
  return { server, browser, cookie, page: await context.newPage() };
}

async function load({ origin }: RunningServer, cookie: string): Promise<void> {
  const stored = {
    id,
    settings: testSettings,
    authors: [],
    carried: [],
    entries: fullPanelEntries(),
  };
  const zip = await writePackage(packageOf(stored, 'Full panel'));
  const loaded = await fetch(`${origin}/api/packages`, {
    method: 'POST',
    headers: { cookie },
    body: new Uint8Array(zip),
  });
  if (!loaded.ok) throw new Error(`loading the panel gave ${loaded.status} ${await loaded.text()}`);
}

async function openWalk({ origin }: RunningServer, page: Page): Promise<void> {
  await page.goto(`${origin}/inspections/${id}/walk`);
  await page.getByText('All arrived').waitFor();
  await page.locator('[data-position="41"]').click();
  await page.getByRole('button', { name: 'Damp' }).waitFor();
}

const sides = [];
for (const [name, cwd] of builds)
  sides.push({ name, ...(await sideOf(cwd)), taps: [] as number[] });
try {
  await load(sides[0]!.server, sides[0]!.cookie);
  for (const { server, page } of sides) await openWalk(server, page);
  for (let run = 0; run < runs; run += turn)
    for (const { page, taps } of sides)
      for (let nth = -2; nth < turn; nth += 1) {
        const time = await tap(page);
        if (nth >= 0) taps.push(time);
        await page.waitForTimeout(150);
      }
  console.log(
    'Recording one entry on a full 84-position panel, to the paint after it, in the browser',
  );
  for (const { name, taps } of sides) {
    const ratio = median(sides[0]!.taps)! / median(taps)!;
    console.log(
      `  ${name}: ${timesInWords(taps.sort((a, b) => a - b))}${taps === sides[0]!.taps ? '' : `, ${ratio.toFixed(1)} times as fast`}`,
    );
  }
  const { page, server } = sides.at(-1)!;
  await page.goto(`${server.origin}/inspections/lock-keepers-house/supply`);
  await page.getByRole('radio', { name: 'What flows' }).click();
  await page.getByRole('slider').first().waitFor();
  const frames: number[] = [];
  for (let run = 0; run < runs + 5; run += 1) {
    const time = await page.evaluate(async (step) => {
      const sliders = document.querySelectorAll<HTMLInputElement>('input[type=range]');
      const slider = sliders[sliders.length - 1]!;
      const shown = () => document.querySelector('main svg[role=img]')!.getAttribute('aria-label');
      const before = shown();
      const start = performance.now();
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
      set.call(slider, String(150 + ((step * 37) % 200)));
      slider.dispatchEvent(new Event('input', { bubbles: true }));
      await new Promise<void>((done) => {
        const look = () => {
          if (shown() === before) return void setTimeout(look, 0);
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => done();
          port2.postMessage(0);
        };
        look();
      });
      return performance.now() - start;
    }, run);
    if (run >= 5) frames.push(time);
    await page.waitForTimeout(60);
  }
  console.log('A slider of the what-if moved, to the drawing changed, in the browser');
  console.log(`  ${timesInWords(frames.sort((a, b) => a - b))}`);
} finally {
  for (const { server, browser } of sides) {
    await browser.close();
    await server.kill();
  }
}
