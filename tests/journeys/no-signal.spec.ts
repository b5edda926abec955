import { chromium, expect } from '@playwright/test';
import type { BrowserContext, Page } from '@playwright/test';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Entry } from '@/core/record/entries/entry';
import { mainPanelLines } from '@/server/demo/lock-keepers-house';
import sharp from 'sharp';
import { begin } from './begin';
import { ines, odile, signInByKeys, test } from './world';

const profile = mkdtempSync(join(tmpdir(), 'east-gate-profile-'));
test.afterAll(() => rmSync(profile, { recursive: true, force: true }));

/** The program that answers pages, as the server sends it: no other journey asks for it. */
class OwnWorker {
  static readonly newer = 'ffffffffffffffff';
  private readonly files = ['sw.js', 'sw.js.br', 'sw.js.gz'].map((name) => {
    const path = join('.next/east-gate/worker', name);
    return { path, bytes: readFileSync(path) };
  });

  /** The same program under another version, as another build would make it. */
  becomeNewer(): void {
    const [{ path, bytes }] = this.files as [{ path: string; bytes: Buffer }];
    const text = String(bytes).replace(/version:"[0-9a-f]{16}"/, `version:"${OwnWorker.newer}"`);
    if (text === String(bytes)) throw new Error('The version does not stand where it is expected.');
    for (const { path: other } of this.files.slice(1)) rmSync(other);
    writeFileSync(path, text);
  }

  restore(): void {
    for (const { path, bytes } of this.files) writeFileSync(path, bytes);
  }
}

/** Until its pages are on this device. */
const controlled = (page: Page): Promise<void> =>
  expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null), {
      timeout: 60_000,
    })
    .toBe(true);

/** A browser that keeps what it holds when it is closed. */
const openBrowser = (launchOptions: object, folder = profile): Promise<BrowserContext> =>
  chromium.launchPersistentContext(folder, {
    ...launchOptions,
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'allow',
  });

/** Everything in one store of this device. */
const allIn = <T>(page: Page, database: string, store: string): Promise<T[]> =>
  page.evaluate(
    ([name, of]) =>
      new Promise<T[]>((resolve) => {
        const opening = indexedDB.open(name);
        opening.onsuccess = () => {
          const db = opening.result;
          const asked = db.transaction(of).objectStore(of).getAll();
          asked.onsuccess = () => {
            db.close();
            resolve(asked.result as T[]);
          };
        };
      }),
    [database, store] as const,
  );

/** Where what this device keeps of the server's answers was asked for. */
const keptPaths = async (page: Page) =>
  (await allIn<{ path: string }>(page, 'east-gate-kept', 'answers')).map(({ path }) => path);

/** What is held here of one inspection, in the order it was recorded. */
const heldHere = async (page: Page, inspection: string) =>
  (await allIn<{ inspection: string; entry: Entry }>(page, 'east-gate', 'entries'))
    .filter((held) => held.inspection === inspection)
    .sort((x, y) => x.entry.counter - y.entry.counter);

test('without the server from the start: begun, recorded, judged, planned, read; then all of it arrives once', async ({
  world,
  launchOptions,
}, info) => {
  const { origin } = world.server;
  let browser = await openBrowser(launchOptions);
  let page = browser.pages()[0]!;
  await test.step('the pages are loaded once', async () => {
    await signInByKeys(page, origin, ines);
    await controlled(page);
    await page.reload();
    await expect.poll(() => keptPaths(page), { timeout: 60_000 }).toContain('/api/library');
    await expect
      .poll(() => allIn(page, 'east-gate-kept', 'pictures').then(({ length }) => length), {
        timeout: 60_000,
      })
      .toBeGreaterThan(2);
    await browser.close();
    await world.server.kill();
  });

  browser = await openBrowser(launchOptions);
  page = browser.pages()[0]!;
  const faults: string[] = [];
  page.on('pageerror', (error) => faults.push(error.message));
  await test.step('Today opens in under a second, and says that it is a copy', async () => {
    const began = Date.now();
    await page.goto(`${origin}/`, { waitUntil: 'commit' });
    await expect(page.getByText(/The server was not reached: this device’s copy/)).toBeVisible();
    console.log(`Today without the server: ${Date.now() - began} ms`);
  });

  await test.step('what was taken along is found by its place, with its photos', async () => {
    await page.getByRole('searchbox').fill('sluice');
    await page.keyboard.press('Enter');
    await page.waitForURL(/q=sluice/);
    await expect(page.getByRole('link', { name: 'Lock-keeper’s house' }).first()).toBeVisible();
    await expect(page.getByRole('link', { name: 'Quay bakery' })).toBeHidden();
    await page.goto(`${origin}/inspections/lock-keepers-house/notes`);
    const photo = page
      .getByRole('region', { name: /^Photos/ })
      .getByRole('img')
      .first();
    await expect
      .poll(() => photo.evaluate((img: HTMLImageElement) => img.naturalWidth))
      .toBeGreaterThan(100);
    await page.goto(`${origin}/`);
  });

  let inspection = '';
  await test.step('an inspection is begun, and the panel recorded', async () => {
    await page.getByRole('button', { name: 'New inspection' }).click();
    await page.waitForURL(/walk$/);
    inspection = /inspections\/([^/]+)/.exec(page.url())![1]!;
    await page.getByRole('textbox', { name: 'Place' }).fill('Pump house, no signal');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('/');
    for (const line of mainPanelLines) {
      await page.keyboard.insertText(line);
      await page.keyboard.press('Enter');
      await expect(page.locator('#shorthand')).toHaveValue('');
      if (!line.endsWith('open!')) continue;
      const stop = page.getByRole('dialog', { name: /Danger now/ });
      await expect(stop).toBeVisible();
      await page.keyboard.press('Escape');
      await expect(stop).toBeHidden();
      await expect(page.locator('#shorthand')).toBeFocused();
    }
    await expect(page.getByRole('dialog')).toBeHidden();
    await expect(page.getByText(/entries held here/)).toBeVisible();
    // And by taps: what is seen at three positions.
    for (const position of [1, 3, 5]) {
      const before = (await heldHere(page, inspection)).length;
      await page.locator(`[data-position="${position}"]`).first().click();
      await page.getByRole('button', { name: 'Damp' }).first().click();
      await expect.poll(async () => (await heldHere(page, inspection)).length).toBe(before + 1);
    }
  });

  await test.step('the tab dies, twice', async () => {
    for (let times = 0; times < 2; times += 1) {
      await page.reload();
      await expect(page.getByText(/entries held here/)).toBeVisible();
    }
  });

  await test.step('a picture, the judgement, the plan, the report', async () => {
    const picture = info.outputPath('panel.jpg');
    await sharp({ create: { width: 900, height: 700, channels: 3, background: '#556' } })
      .jpeg()
      .toFile(picture);
    await page.locator('input[type=file][accept*=image]').first().setInputFiles(picture);
    const views = page.getByRole('navigation', { name: 'Views' }).first();
    await views.getByRole('link', { name: 'Judge' }).click();
    await expect(page.getByText('Danger now').first()).toBeVisible();
    await views.getByRole('link', { name: 'Plan' }).click();
    await expect(page.getByText(/that none beats/)).toBeVisible({ timeout: 60_000 });
    await views.getByRole('link', { name: 'Report' }).click();
    await expect(page.getByText('Composed on this device')).toBeVisible();
    await expect(page.getByText('Pump house, no signal').first()).toBeVisible();
  });

  await test.step('the browser is closed and opened again: Today tells what is held', async () => {
    await browser.close();
    browser = await openBrowser(launchOptions);
    page = browser.pages()[0]!;
    await page.goto(`${origin}/`);
    const held = page.getByRole('region', { name: 'On this device, not arrived' });
    await expect(held.getByText('Pump house, no signal')).toBeVisible();
    await expect(held.getByText(/begun on this device/)).toBeVisible();
  });

  await test.step('the server is reached: everything arrives once, from Today', async () => {
    const before = await heldHere(page, inspection);
    await world.restart();
    await expect(page.getByRole('region', { name: 'On this device, not arrived' })).toBeHidden({
      timeout: 60_000,
    });
    const sent = (await (await page.request.get(`${origin}/api/books/${inspection}`)).json()) as {
      opened: { entries: Entry[] };
    };
    expect(sent.opened.entries).toEqual(before.map(({ entry }) => entry));
  });
  expect(faults).toEqual([]);
  await browser.close();
});

test('a newer version is announced to an open page, which goes on, loses nothing, and takes it when told', async ({
  world,
  launchOptions,
}) => {
  const { origin } = world.server;
  const own = new OwnWorker();
  const folder = mkdtempSync(join(tmpdir(), 'east-gate-profile-'));
  const browser = await openBrowser(launchOptions, folder);
  try {
    const page = browser.pages()[0]!;
    await signInByKeys(page, origin, ines);
    await controlled(page);
    const name = await begin(page);
    await world.server.kill();
    await name('Old shell cottage');
    await expect(page.getByText(/1 entry held here/)).toBeVisible();
    await page.evaluate(() => Object.assign(window, { sameDocument: true }));

    own.becomeNewer();
    await world.restart();
    await page.evaluate(async () => (await navigator.serviceWorker.ready).update());
    await expect(page.getByText('A newer version is here.')).toBeVisible({ timeout: 60_000 });
    // Nothing was loaded anew under the hands, and what was held is sent by the old page.
    expect(await page.evaluate(() => 'sameDocument' in window)).toBe(true);
    await expect(page.getByText('All arrived')).toBeVisible({ timeout: 60_000 });
    await expect(page.getByRole('heading', { name: 'Old shell cottage' })).toBeVisible();

    await page.getByRole('button', { name: 'Open this page with it' }).click();
    await page.waitForFunction(() => !('sameDocument' in window));
    await expect(page.getByRole('heading', { name: 'Old shell cottage' })).toBeVisible();
    await expect(page.getByText('A newer version is here.')).toBeHidden();
    expect(await page.evaluate(() => caches.keys())).toContain(
      `east-gate-build-${OwnWorker.newer}`,
    );
  } finally {
    own.restore();
    await browser.close();
    rmSync(folder, { recursive: true, force: true });
  }
});

test('whoever signs in on the device of another sees nothing that was kept for the other', async ({
  world,
  launchOptions,
}) => {
  const { origin } = world.server;
  const folder = mkdtempSync(join(tmpdir(), 'east-gate-profile-'));
  const browser = await openBrowser(launchOptions, folder);
  try {
    const page = browser.pages()[0]!;
    await signInByKeys(page, origin, ines);
    await controlled(page);
    const name = await begin(page);
    const walk = page.url();
    await name('Kept for one alone');
    await expect(page.getByText('All arrived')).toBeVisible();
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Kept for one alone' })).toBeVisible();
    await expect
      .poll(() => keptPaths(page))
      .toContain(
        new URL(walk).pathname.replace('/inspections/', '/api/books/').replace('/walk', ''),
      );
    // The session ends; nobody signed out.
    await browser.clearCookies({ name: 'east-gate-session' });
    await signInByKeys(page, origin, odile);
    await world.server.kill();
    await page.reload();
    await expect(page.getByText(/this device’s copy/)).toBeVisible();
    await expect(page.getByRole('link', { name: odile.name })).toBeVisible();
    await expect(page.getByText('Kept for one alone')).toBeHidden();
    await page.goto(walk);
    await expect(page.getByText(/was not reached/)).toBeVisible();
    await expect(page.getByText('Kept for one alone')).toBeHidden();
  } finally {
    await world.restart();
    await browser.close();
    rmSync(folder, { recursive: true, force: true });
  }
});
