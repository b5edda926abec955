import { expect } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { assess } from '@/core';
import { ines, pressable, readPackageFile, test } from './world';

test.use({ viewport: { width: 1280, height: 1000 } });
test.setTimeout(180_000);

/** Everything of a new panel as its lines are typed, one field: every position with rating, size, metal, neutral and ground. */
const lines = [
  'panel 24 odd',
  'fed meter',
  'year 2021',
  'maker Tarnholt TL-24',
  'label bus 125 circuits 30 grounds 2 stab 125 accepts tarnholt',
  'cover opened',
  'main 100 @tarnholt',
  'supply 4cu n4',
  'bond strap',
  'bar n 24 left takes 14-4',
  'bar g 24 right takes 14-4',
  'depth 1000',
  'width 800',
  'handle 1800',
  ...Array.from(
    { length: 24 },
    (_, index) =>
      `${index + 1} 20 12cu:b m1 n${index + 1} g${index + 1} @tarnholt in:nm j:yellow room ${index + 1}`,
  ),
];

/** A hand at the desk that counts: a press, a choice, a field each one. */
class Hand {
  count = 0;
  constructor(readonly page: Page) {}

  async press(target: Locator): Promise<void> {
    this.count += 1;
    await target.click();
  }

  async fill(target: Locator, text: string): Promise<void> {
    this.count += 1;
    await target.fill(text);
    await target.blur();
  }

  /** The choice of a fact, by its buttons or its list. */
  async choose(label: string, words: string, within: Page | Locator = this.page): Promise<void> {
    const button = within.getByRole('radio', { name: `${label}: ${words}`, exact: true });
    const list = within.getByRole('combobox', { name: label, exact: true });
    await expect(button.or(list).first()).toBeVisible();
    if ((await button.count()) > 0) return this.press(button.first());
    this.count += 1;
    await list.first().selectOption({ label: words });
  }

  /** A stage of the rail, then what is said of the whole of it. */
  async stage(name: string): Promise<Locator> {
    await this.press(
      this.page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name }),
    );
    return this.page.getByRole('region', { name: new RegExp(`^Stage \\d+, ${name}`) });
  }

  async whole(words: 'All seen here' | 'Nothing wrong at this stage'): Promise<void> {
    await this.press(pressable(this.page, new RegExp(`^${words}, writes`)));
    await expect(pressable(this.page, new RegExp(`^${words}, writes`))).toBeHidden();
  }

  view(name: string): Promise<void> {
    return this.press(
      this.page.getByRole('navigation', { name: 'Views' }).getByRole('link', { name }),
    );
  }
}

test('a clean panel of 24 under “opens”: every agreed look made in under 60 interactions', async ({
  page,
  world,
}) => {
  const { origin } = world.server;
  page.setDefaultTimeout(8000);
  await page.goto(`${origin}/sign-in`);
  await page.getByLabel('E-mail').fill(ines.email);
  await page.getByLabel('Password').fill(ines.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  const hand = new Hand(page);

  await hand.press(page.getByRole('button', { name: 'New inspection' }));
  await hand.press(pressable(page, 'Agreed: may open'));
  await hand.choose('Kind of building', 'house');
  const building = page.getByRole('group', { name: 'Building: House' });
  await hand.fill(building.getByLabel('Year', { exact: true }), '2021');
  await hand.fill(building.getByLabel('Floor area, m²'), '120');
  await hand.choose('Works and permits', 'no works known');

  // What stands around: the panel first, which is in hand there.
  await hand.view('Supply');
  await hand.choose('Stands', 'indoors, dry');
  await hand.press(page.getByRole('button', { name: /^Service/ }));
  await hand.choose('Comes in', 'underground');
  await hand.press(page.getByRole('button', { name: '+ meter' }));
  await hand.choose('Stands', 'outdoors');
  await hand.choose('Enclosure made for', 'rain');
  await hand.press(page.getByRole('button', { name: '+ other electrode' }));
  await hand.choose('Electrode', 'concrete-encased bar');
  await hand.choose('Size of its conductor, AWG', '4');
  await hand.choose('Metal of its conductor', 'copper');

  await hand.view('Circuits');
  await hand.fill(page.getByRole('textbox', { name: /lines/i }), lines.join('\n'));
  await hand.press(page.getByRole('button', { name: 'Record them' }));
  await hand.view('Walk');

  await hand.stage('Approach');
  await hand.whole('Nothing wrong at this stage');

  const outside = await hand.stage('Outside');
  await hand.choose('Supply', '120/240 V, one phase, three wires', outside);
  await hand.fill(outside.getByLabel('Available fault current, A'), '8000');
  await hand.choose('Emergency disconnect outdoors', 'yes', outside);
  await hand.choose('Surge protection', 'yes', outside);
  await hand.choose('Water piping', 'no metal water piping', outside);
  await hand.choose('Gas piping', 'no metal gas piping', outside);
  await hand.whole('All seen here');
  await hand.whole('Nothing wrong at this stage');

  const front = await hand.stage('Stand in front');
  await hand.fill(front.getByLabel(/^Width of the equipment/), '360');
  await hand.whole('Nothing wrong at this stage');

  const door = await hand.stage('The door');
  await hand.fill(door.getByLabel('Interrupting rating, kA'), '22');
  await hand.whole('Nothing wrong at this stage');

  await hand.stage('The handles');
  await hand.whole('All seen here');
  await hand.whole('Nothing wrong at this stage');

  await hand.stage('Cover off');
  await hand.whole('Nothing wrong at this stage');

  const inside = await hand.stage('Inside');
  await hand.fill(inside.getByLabel(/^Gutter filled by wires/), '30');
  await hand.fill(inside.getByLabel(/^Gutter filled at splices/), '40');
  await hand.fill(inside.getByLabel(/^Current-carrying wires bundled/), '3');
  await hand.whole('All seen here');
  await hand.whole('Nothing wrong at this stage');

  const bars = await hand.stage('Neutrals, grounds');
  await hand.choose(
    'Ground bar',
    'bonded to the enclosure',
    bars.getByRole('group', { name: /^Ground bar/ }),
  );
  await hand.whole('All seen here');
  await hand.whole('Nothing wrong at this stage');

  await hand.stage('Trace');
  await hand.whole('All seen here');
  await hand.stage('Close up');
  await hand.whole('Nothing wrong at this stage');

  await expect(page.getByText('All arrived')).toBeVisible();
  await page.goto(page.url().replace('/walk', '/report'));
  const arrives = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Download package' }).click();
  const path = test.info().outputPath('clean.zip');
  await (await arrives).saveAs(path);
  const { entries, settings } = await readPackageFile(path);
  const { visit, findings } = assess(entries, settings);
  console.log(
    `a clean panel under “opens”: ${hand.count} interactions, ${visit.made} of ${visit.agreed}`,
  );
  expect(
    visit.acts.flatMap(({ what, wants }) => wants.map(({ say }) => `${what}: ${say}`)),
  ).toEqual([]);
  expect(findings.map(({ verdict }) => verdict.rule.id)).toEqual([]);
  expect(visit.beyond).toEqual([]);
  expect(hand.count).toBeLessThan(60);
});
