import { openings } from '@/core/vocabulary/openings';
import { expect } from '@playwright/test';
import { formOf } from '@/core/vocabulary/device-forms';
import type { PositionLine } from '@/core/record/shorthand/line';
import { parseLine } from '@/core';
import { bench } from '@/core/testing/bench';
import { lockKeepersHouse, mainPanelLines } from '@/server/demo/lock-keepers-house';
import { stages } from '@/core/fieldwork/walk/stages';
import { Thumb } from './thumb';
import { ines, panelFacts, pressable, readPackageFile, test } from './world';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
test.setTimeout(300_000);

const positions = mainPanelLines.flatMap((text) => {
  const { line } = parseLine(text, bench({ rows: 12 }).book.site.panels[0]!);
  return line?.kind === 'position' ? [line] : [];
});

test('the demo’s panel by taps on a phone gives the demo’s facts', async ({ page, world }) => {
  page.setDefaultTimeout(8000);
  const thumb = new Thumb(page);
  await page.goto(`${world.server.origin}/sign-in`);
  await page.getByLabel('E-mail').fill(ines.email);
  await page.getByLabel('Password').fill(ines.password);
  await page.getByRole('button', { name: 'Sign in' }).tap();

  await thumb.tap(page.getByRole('button', { name: 'New inspection' }));
  await thumb.fill(page.getByRole('textbox', { name: 'Place' }), 'Lock-keeper’s house');

  const selected = page.getByRole('region', { name: 'Selected' });
  const stage = (number: number) => thumb.stage(stages[number - 1]!.name);
  const box = (name: string | RegExp) =>
    selected.getByRole('textbox', { name, exact: typeof name === 'string' });
  const list = (name: string) => selected.getByRole('combobox', { name, exact: true });
  const button = (name: string | RegExp) => pressable(selected, name);

  await test.step('in front, the door, the handles, the cover', async () => {
    await stage(4);
    await thumb.fill(box(/^Clear depth in front/), '820');
    await stage(5);
    await thumb.fill(box('Year'), '1964');
    await thumb.fill(box('Maker'), 'Tarnholt');
    await thumb.fill(box('Model'), 'TL-24');
    await thumb.fill(box(/^Bus rating/), '125');
    await thumb.fill(box(/^Most circuits/), '30');
    await thumb.fill(box(/^Positions that take/), '17-24');
    await thumb.fill(box(/^Grounds per terminal/), '2');
    await stage(6);
    await thumb.tap(button('24'));
    await thumb.choose(list('Numbering'), { label: 'odd left, even right' });
    await stage(7);
    await thumb.tap(button('Cover: opened'));
    await stage(8);
    await thumb.tap(button('100'));
    await thumb.choose(list('Supply conductors'), '2');
    await thumb.tap(button('Supply metal: aluminium'));
    await stage(9);
    await thumb.choose(list('Fed from'), { label: 'the service itself' });
    await thumb.tap(button('neutral bar with 18 screws'));
    await thumb.tap(button('ground bar with 12 screws'));
    await thumb.choose(list('Neutral to enclosure'), { label: 'joined by a strap' });
  });

  await test.step('position by position', async () => {
    for (const line of positions) {
      await thumb.position(line.positions[0]!);
      if (line.opening) await recordOpening(line);
      else await recordBreaker(line);
    }
  });

  async function recordOpening({ opening, liveMetal }: PositionLine) {
    if (opening === 'covered') await thumb.tap(selected.getByText(/^Other kinds/));
    await thumb.tap(button(openings[opening!].short));
    if (!liveMetal) return;
    await thumb.tap(selected.getByText('Everything of this position'));
    await thumb.tap(button('Bare live metal in the plane of the opening: yes'));
    const stop = page.getByRole('dialog', { name: /Danger now/ });
    await expect(stop).toBeVisible();
    await thumb.tap(stop.getByRole('button', { name: 'Not made safe yet' }));
  }

  async function recordBreaker(line: PositionLine) {
    const form = formOf(line.form!);
    if (line.form !== 'single-pole')
      await thumb.tap(button(form.short.charAt(0).toUpperCase() + form.short.slice(1)));
    await thumb.tap(button(`${line.ratingsA![0]} A`));
    for (const [index, wires] of line.wires!.entries()) {
      const label =
        line.form === 'tandem'
          ? `${line.positions[0]}${'ab'[index]}`
          : String(line.positions[index] ?? line.positions[0]);
      const group = selected.getByRole('group', { name: `Screw ${label}`, exact: true });
      for (const [at, { size, metal, colour }] of wires.entries()) {
        const words = `${size} ${metal === 'cu' ? 'copper' : 'aluminium'}`;
        await thumb.tap(group.getByRole('button', { name: `Add wire ${words} to screw ${label}` }));
        await thumb.tap(pressable(group, `${words} is ${colour}`).nth(at));
      }
      await thumb.tap(group.getByRole('button', { name: `That is all: ${wires.length}` }));
    }
    await thumb.tap(button('Marked for 1'));
    for (const [index, name] of line.names.entries()) {
      const field =
        line.names.length > 1 ? new RegExp(`^${line.positions[0]}${'ab'[index]} feeds`) : /^Feeds/;
      await thumb.fill(box(field), name);
      await thumb.tap(button('Name it').nth(index));
    }
    for (const use of ['neutral', 'ground'] as const)
      for (const [circuit, cables] of (line[`${use}s`] ?? []).entries())
        for (const [cable, { number }] of cables.entries()) {
          const name = use === 'neutral' ? /^Neutral.* on screw$/ : /^Ground.* on screw$/;
          const fields = selected.getByRole('combobox', { name });
          await thumb.choose(fields.nth(circuit + cable), `${use} 1 ${number}`);
        }
    if (line.sharesWith)
      await thumb.choose(list('Shares its neutral with'), String(line.sharesWith));
    await recordMaker(line.maker!);
    if (line.load?.loadKind) await thumb.choose(list('Kind of load'), line.load.loadKind);
    if (!line.tie) return;
    await thumb.tap(selected.getByText('Everything of this breaker'));
    await thumb.choose(list('Handle tie'), line.tie);
  }

  async function recordMaker(maker: string) {
    const quick = pressable(selected.getByLabel('Maker of the breaker'), maker);
    if ((await quick.count()) > 0) return thumb.tap(quick);
    await thumb.tap(selected.getByText('Everything of this breaker'));
    await thumb.fill(box('Maker'), maker);
  }

  await test.step('all on the bars; cables many at a time', async () => {
    await stage(9);
    await thumb.fill(box('Conductors here, all told').nth(0), '17');
    await thumb.fill(box('Conductors here, all told').nth(1), '8');
    await thumb.view('Circuits');
    const jackets = new Map<string, PositionLine[]>();
    for (const line of positions)
      if (line.jacket) jackets.set(line.jacket, [...(jackets.get(line.jacket) ?? []), line]);
    for (const [jacket, lines] of jackets) {
      const boxes = lines.flatMap((line) =>
        line.form === 'tandem'
          ? [`Choose ${line.positions[0]}a`, `Choose ${line.positions[0]}b`]
          : [`Choose ${line.positions.join('+')}`],
      );
      for (const name of boxes) await thumb.tap(page.getByRole('checkbox', { name, exact: true }));
      await thumb.choose(page.getByRole('combobox', { name: 'Wiring method', exact: true }), 'nm');
      await thumb.choose(page.getByRole('combobox', { name: 'Jacket', exact: true }), jacket);
      for (const name of boxes) await thumb.tap(page.getByRole('checkbox', { name, exact: true }));
    }
  });

  console.log(`interactions by taps: ${thumb.count}`);
  await expect(page.getByText('All arrived')).toBeVisible();
  await thumb.view('Report');
  await expect(page.getByRole('heading', { name: 'What to do first' })).toBeVisible();
  const arrives = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Download package' }).tap();
  const path = test.info().outputPath('by-taps.zip');
  await (await arrives).saveAs(path);
  const tapped = await readPackageFile(path);
  const demo = { entries: lockKeepersHouse(ines.id).entries, settings: tapped.settings };
  expect(panelFacts(tapped)).toEqual(panelFacts(demo));
});
