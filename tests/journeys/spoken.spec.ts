import { chromium, expect } from '@playwright/test';
import { begin } from './begin';
import { ines, signInByKeys, test } from './world';

/** So that a browser hears a tone instead of a room. */
const tone = ['--use-fake-device-for-media-stream', '--use-fake-ui-for-media-stream'];

test('a note is said without the server, is held, arrives, is played and written out; a PDF wanted meanwhile is offered', async ({
  world,
  launchOptions,
}) => {
  const browser = await chromium.launch({
    ...launchOptions,
    args: [...(launchOptions.args ?? []), ...tone],
  });
  const context = await browser.newContext({
    permissions: ['microphone'],
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
  });
  const page = await context.newPage();
  const { origin } = world.server;
  try {
    await signInByKeys(page, origin, ines);
    const name = await begin(page);
    await name('Told aloud');
    await expect(page.getByText('All arrived')).toBeVisible();
    const views = page.getByRole('navigation', { name: 'Views' }).first();
    // Its parts are here before the server is gone.
    await page.goto(page.url().replace('/walk', '/report'));
    await expect(page.getByRole('link', { name: 'PDF' })).toBeVisible();
    const report = page.url();
    await page.goto(report.replace('/report', '/notes'));
    await expect(page.getByRole('heading', { name: 'Waiting for a place: 0' })).toBeVisible();
    await page.waitForTimeout(4000);
    await world.server.kill();

    await page.getByRole('button', { name: 'Note this' }).click();
    await page.getByRole('button', { name: 'Say it instead' }).click();
    await expect(page.getByRole('button', { name: 'Stop and keep it, 2 s' })).toBeVisible();
    await page.getByRole('button', { name: /^Stop and keep it/ }).click();
    await expect(page.getByRole('heading', { name: 'Waiting for a place: 1' })).toBeVisible();
    const said = page.getByLabel(/^Spoken note, \d s$/);
    await expect(said).toBeVisible();
    await expect(page.getByText(/1 entry held here/)).toBeVisible();
    // It can be listened to from this device.
    await expect
      .poll(() => said.evaluate((audio: HTMLAudioElement) => audio.readyState))
      .toBeGreaterThan(0);

    await world.restart();
    await expect(page.getByText('All arrived')).toBeVisible({ timeout: 60_000 });
    const digest = await page.evaluate(
      () =>
        new Promise<string>((resolve) => {
          const opening = indexedDB.open('east-gate');
          opening.onsuccess = () => {
            const asked = opening.result.transaction('pictures').objectStore('pictures').getAll();
            asked.onsuccess = () => resolve((asked.result as { digest: string }[])[0]!.digest);
          };
        }),
    );
    await expect
      .poll(async () => (await page.request.get(`${origin}/sounds/${digest}`)).status())
      .toBe(200);
    expect((await page.request.get(`${origin}/sounds/${digest}`)).headers()['content-type']).toBe(
      'audio/webm',
    );

    await page.getByLabel('Write it out').fill('The cover is warm to the hand.');
    await page.keyboard.press('Enter');
    await expect(page.getByText('The cover is warm to the hand.')).toBeVisible();
    await expect(page.getByLabel('Write it out')).toBeHidden();
    await expect(page.getByText('All arrived')).toBeVisible();
    await views.getByRole('link', { name: 'History' }).click();
    await expect(page.getByLabel(/^Spoken note, \d s$/)).toBeVisible();

    await test.step('a PDF wanted while the server is not reached is offered once it is', async () => {
      await page.goto(report);
      await expect(page.getByRole('link', { name: 'PDF' })).toBeVisible();
      await page.waitForTimeout(1000);
      await world.server.kill();
      await page.getByRole('link', { name: 'PDF' }).click();
      await page.getByRole('button', { name: 'Offer it once the server is reached' }).click();
      await expect(page.getByText(/Noted: Today offers it/)).toBeVisible();
      await world.restart();
      await page.goto(origin);
      const wanted = page.getByRole('region', { name: 'Wanted while there was no server' });
      await expect(wanted.getByText('The PDF: Told aloud')).toBeVisible();
      await expect(wanted.getByRole('link', { name: 'PDF' })).toBeVisible();
      await wanted.getByRole('button', { name: 'Drop it' }).click();
      await expect(wanted).toBeHidden();
    });
  } finally {
    await browser.close();
  }
});
