import { expect } from '@playwright/test';
import { deliver, ines, readPackageFile, test } from './world';
import { Thumb } from './thumb';
import { assess } from '@/core';
import { bench } from '@/core/testing/bench';
import type { Page } from '@playwright/test';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
test.setTimeout(180_000);

async function signIn(page: Page, origin: string): Promise<void> {
  page.setDefaultTimeout(8000);
  await page.goto(`${origin}/sign-in`);
  await page.getByLabel('E-mail').fill(ines.email);
  await page.getByLabel('Password').fill(ines.password);
  await page.getByRole('button', { name: 'Sign in' }).tap();
  await page.getByRole('heading', { name: 'Today' }).waitFor();
}

async function packageOf(page: Page, name: string) {
  const arrives = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Download package' }).tap();
  const path = test.info().outputPath(`${name}.zip`);
  await (await arrives).saveAs(path);
  return readPackageFile(path);
}

test('a typical panel: at most 45 taps, 2 fields, 10 scrolls', async ({ page, world }) => {
  await signIn(page, world.server.origin);
  const thumb = new Thumb(page);
  await thumb.tap(page.getByRole('button', { name: 'New inspection' }));
  await expect(page.getByRole('region', { name: 'Stage 1, Set out' })).toBeVisible();
  await thumb.fill(page.getByRole('textbox', { name: 'Place' }), 'Weir cottage');

  await thumb.stage('The handles');
  await thumb.press('24');
  await thumb.press('Lugs only');
  await thumb.press('A disconnect outside');
  await thumb.press('100 A');

  // 12 breakers with their wires, one of them doubled.
  await thumb.position(1);
  await thumb.press('20 A');
  await thumb.press(/^Add wire 12 copper to screw 1$/);
  await thumb.press(/^Add wire 12 copper to screw 1$/);
  await thumb.press('Marked for 1');
  await thumb.tap(page.getByRole('button', { name: 'Next position' }));
  await thumb.press(/^Add wire 12 copper/);
  await thumb.press('20 A');
  await thumb.position(3);
  for (const next of [5, 7, 9, 11]) {
    await thumb.press(/^Same as last: 20 A, 12 Cu/);
    await expect(page.getByRole('region', { name: `Position ${next}`, exact: true })).toBeVisible();
  }
  await thumb.press(/^Add wire 14 copper/);
  await thumb.press('15 A');
  await thumb.tap(page.getByRole('button', { name: 'Next position' }));
  await expect(page.getByRole('region', { name: 'Position 12' })).toBeVisible();
  for (const number of [13, 15, 17, 19, 21]) {
    if (number === 13) await thumb.position(13);
    await thumb.press(/^Same as last: 15 A, 14 Cu/);
    await expect(
      page.getByRole('region', { name: `Position ${number + 2}`, exact: true }),
    ).toBeVisible();
  }
  // Three blanks.
  await thumb.position(14);
  for (let more = 0; more < 3; more += 1) await thumb.press('Blank');
  await thumb.photo('docs/screenshots/today.png');
  await thumb.view('Report');
  await expect(page.getByRole('heading', { name: 'What to do first' })).toBeVisible();
  console.log(
    `typical panel: ${thumb.taps} taps, ${thumb.fields} fields, ${thumb.scrolls} scrolls`,
  );

  const { entries, settings } = await packageOf(page, 'typical');
  const { site, findings } = assess(entries, settings);
  const panel = site.panels[0]!;
  expect(panel.devices).toHaveLength(12);
  expect(panel.devices.every(({ terminals }) => terminals[0]!.conductors.length > 0)).toBe(true);
  expect(panel.positions.filter(({ opening }) => opening?.value === 'blanked')).toHaveLength(3);
  expect(site.name).toBe('Weir cottage');
  expect(findings.some(({ verdict }) => verdict.rule.id === 'breaker/double-tap')).toBe(true);
  expect(thumb.taps).toBeLessThanOrEqual(45);
  expect(thumb.fields).toBeLessThanOrEqual(2);
  expect(thumb.scrolls).toBeLessThanOrEqual(10);
});

test('a two-pole 40 on 12, of another maker, loose on the bus: at most 9 taps, one stop card', async ({
  page,
  world,
}) => {
  await signIn(page, world.server.origin);
  await deliver(
    page,
    'two-pole-wrong',
    bench({
      panel: { maker: 'Tarnholt', labelAccepts: ['Tarnholt'], coverOpened: 'opened' },
    }).lines('7 20 12cu m1 @oskelund kitchen').book.entries,
  );
  await page.goto(`${world.server.origin}/inspections/two-pole-wrong/walk`);
  await expect(page.getByText('All arrived')).toBeVisible();
  const thumb = new Thumb(page);
  const stop = page.getByRole('dialog', { name: /Danger now/ });
  let cards = 0;
  const stopped = async () => {
    await page.waitForTimeout(400);
    if (!(await stop.isVisible())) return;
    cards += 1;
    await thumb.tap(stop.getByRole('button', { name: 'Not made safe yet' }).first());
    await expect(stop).toBeHidden();
  };
  await thumb.position(9);
  await thumb.press('2 poles');
  await thumb.press('40 A');
  await thumb.press(/^Add wire 12 copper to each screw/);
  await stopped();
  await thumb.press('Loose');
  await stopped();
  await thumb.press('Oskelund');
  await stopped();
  console.log(
    `a two-pole, wrong in three ways: ${thumb.taps} taps, ${thumb.scrolls} scrolls, ${cards} stop card`,
  );
  expect(cards).toBe(1);
  expect(thumb.taps).toBeLessThanOrEqual(9);
  expect(thumb.scrolls).toBeLessThanOrEqual(2);
});
