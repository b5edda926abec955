import { expect } from '@playwright/test';
import { openings, rows as all } from './panel';
import { Thumb } from './thumb';
import { ines, panelFacts, pressable, readPackageFile, test } from './world';
import { assess } from '@/core';
import { bench } from '@/core/testing/bench';
import { lineOf } from './panel';

/** Every kind of row once or more: the whole panel goes by taps in another journey. */
const rows = all.filter(
  (row, index) =>
    index < 2 ||
    row.form !== 'single-pole' ||
    row.sharesWith !== undefined ||
    all.some(({ sharesWith }) => sharesWith === row.at) ||
    row.wires.some((wires) => wires.length > 1) ||
    (row.rating === 20 && row.wires.flat().some(([size]) => size === '14')) ||
    all.some((other) => other !== row && row.neutral && other.neutral === row.neutral),
);

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

test('the same panel by taps on a phone gives the same facts as by shorthand', async ({
  page,
  world,
}) => {
  test.setTimeout(240_000);
  await page.goto(`${world.server.origin}/sign-in`);
  await page.getByLabel('E-mail').fill(ines.email);
  await page.getByLabel('Password').fill(ines.password);
  await page.getByRole('button', { name: 'Sign in' }).tap();
  const thumb = new Thumb(page);
  await page.getByRole('button', { name: 'New inspection' }).tap();
  await thumb.fill(page.getByRole('textbox', { name: 'Place' }), 'Weir cottage, by taps');
  await thumb.stage('The handles');
  await thumb.press('24');

  const selected = page.getByRole('region', { name: 'Selected' });
  const tap = (name: string | RegExp) => pressable(selected, name).tap();
  await thumb.stage('Neutrals, grounds');
  await tap('neutral bar with 18 screws');
  await thumb.stage('Inside');
  await tap('100');

  for (const row of rows) {
    await thumb.position(row.at);
    await tap({ 'single-pole': '1 pole', 'two-pole': '2 poles', tandem: 'Tandem' }[row.form]);
    await tap(`${row.rating} A`);
    await expect(pressable(selected, 'Marked for 1')).toBeVisible();
    for (const [index, wires] of row.wires.entries()) {
      const screw = {
        'single-pole': `${row.at}`,
        'two-pole': `${row.at + 2 * index}`,
        tandem: `${row.at}${'ab'[index]}`,
      }[row.form];
      const group = selected.getByRole('group', { name: `Screw ${screw}`, exact: true });
      for (const [at, [size, colour]] of wires.entries()) {
        await group
          .getByRole('button', { name: `Add wire ${size} copper to screw ${screw}` })
          .tap();
        await pressable(group, `${size} copper is ${colour}`).nth(at).tap();
      }
      await group.getByRole('button', { name: `That is all: ${wires.length}` }).tap();
    }
    await tap('Marked for 1');
    for (const [index, name] of row.names.entries())
      await selected
        .getByRole('group', { name: /Common names/ })
        .nth(index)
        .getByRole('button', { name, exact: true })
        .tap();
    if (row.neutral)
      await selected
        .getByRole('combobox', { name: /^Neutral.* on screw$/ })
        .first()
        .selectOption(`neutral 1 ${row.neutral}`);
    if (row.sharesWith)
      await selected.getByLabel('Shares its neutral with').selectOption(String(row.sharesWith));
  }
  for (const [number, state] of Object.entries(openings)) {
    await thumb.position(Number(number));
    if (state === 'covered') await selected.getByText(/^Other kinds/).tap();
    await tap({ covered: 'Cover closed', blank: 'Blank', open: 'Open' }[state]);
  }

  await page.getByRole('button', { name: /^Findings \d+/ }).tap();
  const found = page.getByRole('region', { name: 'Found' });
  await expect(found.getByText('20 A on 14 copper, limit 15 A')).toBeVisible();
  await expect(found.getByText('2 conductors under one screw marked for 1')).toBeVisible();
  await expect(found.getByText('2 neutrals under one screw')).toBeVisible();
  const count = await found.getByRole('heading', { name: /Findings/ }).textContent();
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(found.getByText('Opening without device or blank')).toBeHidden();
  await page.getByRole('button', { name: /views and panels$/ }).tap();
  await page.getByRole('button', { name: 'Redo' }).tap();
  await page.keyboard.press('Escape');
  await expect(found.getByRole('heading', { name: count! })).toBeVisible();
  await expect(page.getByText('All arrived')).toBeVisible();

  await thumb.view('Report');
  await expect(page.getByRole('heading', { name: 'What to do first' })).toBeVisible();
  const overflow = await page.evaluate(
    () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
  );
  expect(overflow).toBeLessThanOrEqual(0);
  const arrives = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Download package' }).tap();
  const path = test.info().outputPath('by-taps.zip');
  await (await arrives).saveAs(path);

  const tapped = await readPackageFile(path);
  const typed = bench({ rows: 12, bars: false, fedBy: null });
  typed.book.add('bar', 'nbar', 'panel', { barKind: 'neutral', side: 'left', terminalCount: 18 });
  typed.lines(
    'main 100',
    ...rows.map(lineOf),
    ...Object.entries(openings).map(([at, state]) => `${at} ${state}`),
  );
  expect(panelFacts(tapped)).toEqual(panelFacts({ ...tapped, entries: typed.book.entries }));
  const graded = (entries: typeof tapped.entries) =>
    assess(entries, tapped.settings).findings.map(({ verdict, grade }) => [
      verdict.rule.id,
      verdict.place.label,
      grade,
    ]);
  expect(graded(tapped.entries)).toEqual(graded(typed.book.entries));
});
