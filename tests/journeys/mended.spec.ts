import { execFileSync } from 'node:child_process';
import { expect } from '@playwright/test';
import { bench } from '@/core/testing/bench';
import { Thumb } from './thumb';
import { deliver, ines, pressable, test } from './world';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
test.setTimeout(180_000);

test('three found, two mended on the visit with readings, one open: report, electrician’s list and PDF say so', async ({
  page,
  world,
}) => {
  world.work();
  page.setDefaultTimeout(8000);
  const { origin } = world.server;
  await page.goto(`${origin}/sign-in`);
  await page.getByLabel('E-mail').fill(ines.email);
  await page.getByLabel('Password').fill(ines.password);
  await page.getByRole('button', { name: 'Sign in' }).tap();
  await page.getByRole('heading', { name: 'Today' }).waitFor();
  await deliver(
    page,
    'mended-on-the-visit',
    bench({ panel: { coverOpened: 'opened' } }).lines(
      '5 20 14cu m1 porch',
      '7 20 2x12cu m1 kitchen',
      '8 open!',
    ).book.entries,
  );
  await page.goto(`${origin}/inspections/mended-on-the-visit/walk`);
  await expect(page.getByText('All arrived')).toBeVisible();
  const thumb = new Thumb(page);
  const found = page.getByRole('region', { name: 'Found' });
  const strip = page.getByRole('status').filter({ hasText: 'Mending' });
  const findings = () =>
    page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name: /^Findings/ });
  const begin = async (finding: RegExp, how: RegExp, parts: string) => {
    await thumb.tap(findings());
    await thumb.tap(found.getByRole('button', { name: finding }));
    await thumb.tap(found.getByText('Mended now, on this visit'));
    await thumb.tap(pressable(found, how).first());
    await thumb.fill(found.getByLabel('Parts used'), parts);
    await thumb.tap(pressable(found, 'Begin: record what is there now'));
    await expect(strip).toBeVisible();
  };
  await expect(findings()).toContainText('3');

  await begin(/Opening 8/, /^Fit the blank/, 'a filler plate');
  await thumb.position(8);
  await thumb.press('Blank');
  await expect(strip).toContainText('not found any more');
  await thumb.photo('docs/screenshots/today.png');
  await thumb.tap(pressable(strip, 'All of it recorded'));
  await expect(strip).toBeHidden();

  await begin(/Breaker 7/, /^Join the conductors/, 'one connector, a short wire');
  await thumb.position(7);
  await thumb.tap(pressable(thumb.selected, 'Take 12 copper off').last());
  await thumb.tap(thumb.selected.getByText('Everything of this breaker'));
  await thumb.press('Terminal 7: everything');
  await thumb.fill(thumb.selected.getByLabel(/^Torque measured/), '2.3 N·m');
  await expect(strip).toContainText('not found any more');
  await thumb.tap(pressable(strip, 'All of it recorded'));
  await expect(findings()).toContainText('1');
  await thumb.tap(findings());
  await expect(found).toContainText('Mended on this visit 2 of 2');
  await expect(page.getByText('All arrived')).toBeVisible();

  const report = `${origin}/inspections/mended-on-the-visit/report`;
  const says = async (text: string) => {
    expect(text).toContain('2 things that were found were put right on this visit.');
    for (const words of [
      'as found: Breaker opening neither filled nor closed',
      'as found: More conductors under a screw than it is marked for',
      'a filler plate',
      'one connector, a short wire',
      'torque measured: 2.3',
      'By what was recorded after the work it is not found any more.',
    ])
      expect(text).toContain(words);
    expect(text).toContain('Breaker larger than its conductor allows');
  };
  for (const reader of ['client', 'electrician'])
    await test.step(reader, async () => {
      await page.goto(`${report}?for=${reader}`);
      await expect(page.getByText('Opening the draft…')).toHaveCount(0);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await says((await page.getByRole('main').innerText()).replaceAll(/\s+/g, ' '));
      const arrives = page.waitForEvent('download', { timeout: 60_000 });
      await page.getByRole('link', { name: 'PDF', exact: true }).tap();
      const pdf = await (await arrives).path();
      execFileSync('qpdf', ['--check', pdf]);
      await says(execFileSync('pdftotext', ['-raw', pdf, '-']).toString().replaceAll(/\s+/g, ' '));
    });
  console.log(
    `mended on the visit: ${thumb.taps} taps, ${thumb.fields} fields, ${thumb.scrolls} scrolls`,
  );
});
