import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { ines, odile, pressable, signInByKeys, test } from './world';

test.use({ viewport: { width: 1280, height: 800 } });
test.setTimeout(240_000);

const house = '/inspections/lock-keepers-house';

/** Takes the figure of the slot in hand; gives it as it stands in the table afterwards. */
async function take(page: Page, slot: string): Promise<number> {
  const row = page.getByRole('main').getByRole('button', { name: slot }).first();
  await row.click();
  await expect(page.getByRole('complementary', { name: 'Instrument' })).toContainText(slot);
  await page.getByRole('button', { name: 'Take this figure' }).click();
  const card = page.getByRole('dialog');
  const figure = row.locator('.sure-measured');
  await expect(figure.or(card).first()).toBeVisible();
  if (await card.isVisible()) {
    await expect(card).toContainText('Danger now');
    await page.keyboard.press('Escape');
  }
  await expect(figure).toBeVisible();
  return Number(await figure.textContent());
}

test('readings of the stand-ins reveal the lost neutral and the bond in the boat shed; the report shows both with figures', async ({
  page,
  world,
}) => {
  const { origin } = world.server;
  await signInByKeys(page, origin, ines);
  const zip = await page.request.get(`${origin}${house}/package.zip`);
  await page.context().clearCookies();
  await signInByKeys(page, origin, odile);
  await page.request.post(`${origin}/api/packages`, { data: await zip.body() });

  await page.goto(`${origin}${house}/readings`);
  await expect(page.getByText('All arrived')).toBeVisible();
  await page.getByText('A stand-in instrument, for practice').click();
  await page.getByRole('button', { name: 'Connect the stand-in' }).click();
  const across = await take(page, 'A to B');
  const a = await take(page, 'A to neutral');
  const b = await take(page, 'B to neutral');
  expect(Math.abs(a + b - across)).toBeLessThan(2);
  expect(b - a).toBeGreaterThan(10);
  const main = page.getByRole('main');
  await expect(main).toContainText(`${a} V and ${b} V: the neutral is failing or lost`);
  await expect(main).toContainText('114–126 V; tolerable 110–127 V');
  await expect(main).toContainText(`${odile.name}`);

  await page.getByRole('combobox', { name: 'Panel' }).selectOption({ label: 'Boat shed panel' });
  await page.getByRole('button', { name: /^Currents/ }).click();
  await page.getByRole('button', { name: /^Current on the feeder ground/ }).click();
  await page.getByText('A stand-in instrument, for practice').click();
  await page.getByRole('button', { name: 'Connect the stand-in' }).click();
  const ground = await take(page, 'Current on the feeder ground');
  expect(ground).toBeGreaterThan(1);
  await expect(main).toContainText(`Bad: Feeder ground: ${ground} A`);
  await expect(page.getByText('All arrived')).toBeVisible();

  await page.getByRole('link', { name: 'Supply' }).click();
  await pressable(page, 'What flows').click();
  const flows = page.getByRole('main');
  await expect(flows).toContainText('on the feeder ground of Boat shed panel');
  await page.getByRole('checkbox', { name: /joined to enclosure at Boat shed panel/ }).uncheck();
  await expect(flows).toContainText('No metal that people touch carries current');
  await page.getByRole('textbox', { name: 'Called' }).fill('Bond undone in the shed');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('heading', { name: 'Kept as evidence' })).toBeVisible();
  await page.getByRole('button', { name: 'Try them all' }).click();
  await expect(page.getByRole('columnheader', { name: 'Through a body' })).toBeVisible();
  await expect(page.getByText('All arrived')).toBeVisible();

  await page.goto(`${origin}${house}/report`);
  const report = page.getByRole('main');
  await expect(report).toContainText(`Leg A reads ${a} V to neutral and leg B ${b} V`);
  await expect(report).toContainText(
    /With the neutral gone .* the legs give leg A \d+ V, leg B \d+ V/,
  );
  await expect(report).toContainText(`Measured, ${Number(ground.toPrecision(2))} A on its ground`);
  await expect(report).toContainText(
    /take the neutral and [\d.]+ A the feeder ground of Boat shed panel/,
  );
  await expect(report).toContainText('Bond undone in the shed');
  await expect(
    report.getByRole('img', { name: /Between Main panel and Boat shed panel/ }),
  ).toBeVisible();

  world.work();
  const pdf = await page.request.get(`${origin}${house}/report.pdf`);
  const file = join(mkdtempSync(join(tmpdir(), 'readings-')), 'report.pdf');
  writeFileSync(file, await pdf.body());
  execFileSync('qpdf', ['--check', file]);
  const text = execFileSync('pdftotext', [file, '-']).toString().replaceAll(/\s+/g, ' ');
  expect(text).toContain('An example, calculated');
  expect(text).toContain(`${a} V. Bad: ${a} V and ${b} V: the neutral is failing or lost`);
});

test('a thermal picture is laid over the panel by two corners, and its temperatures are recorded', async ({
  page,
  world,
}) => {
  const { origin } = world.server;
  await signInByKeys(page, origin, ines);
  await page.goto(`${origin}/inspections/net-loft/readings`);
  await expect(page.getByText('All arrived')).toBeVisible();
  await page.getByRole('button', { name: /^Temperature of like parts/ }).click();
  await page.getByRole('button', { name: 'Take a picture with the stand-in' }).click();
  await expect(page.getByRole('img', { name: /^Thermal picture/ })).toBeVisible();
  await page.getByRole('button', { name: 'The enclosure fills the picture' }).click();
  await page.getByRole('button', { name: 'Record these temperatures' }).click();
  await expect(page.getByRole('button', { name: /^Fuse 4/ }).first()).toContainText('°C');
});
