import { expect } from '@playwright/test';
import type { BrowserContext, Locator, Page } from '@playwright/test';
import type { Line } from '../line';
import { lineTo } from '../line';
import { freePort, startServer } from '../server';
import type { RunningServer } from '../server';
import { begin } from './begin';
import { odile, signInByKeys, test } from './world';

test.setTimeout(240_000);

let other: RunningServer;
let wire: Line;
test.beforeAll(async () => {
  // The second of two processes, which the second browser works through: over a line that can be cut.
  other = await startServer(await freePort());
  wire = await lineTo(other.port, { rate: 1e8, delay: 0 });
});
test.afterAll(async () => {
  await wire.close();
  await other.kill();
});

const selected = (page: Page): Locator => page.getByRole('region', { name: 'Selected' });
const take = (page: Page, position: number) =>
  page.locator(`svg [data-position="${position}"]`).last().dispatchEvent('click');
const heldHere = (page: Page) => page.getByText(/\d+ entr(y|ies) held here/).first();

/** Somebody of her office whom no other journey knows. */
const tamsin = {
  id: '',
  email: `tamsin-${Date.now()}@eelweir.example`,
  password: 'reed-warbler-at-dusk',
  name: 'Tamsin Rook',
};

async function colleague({ request }: Page, origin: string): Promise<void> {
  const { email, password, name } = tamsin;
  const invited = await request.post(`${origin}/api/people/invite`, {
    data: { email, may: ['record', 'issue'] },
  });
  const { url } = (await invited.json()) as { url: string };
  const joined = await request.post(`${origin}${new URL(url).pathname}/submit`, {
    data: { name, licence: 'EW-311', licenceExpires: '2031-03-31', password },
  });
  expect(joined.ok()).toBe(true);
}

async function record(page: Page, text: string): Promise<void> {
  const line = page.getByRole('textbox', { name: 'Shorthand' });
  await line.fill(text);
  await line.press('Enter');
  await expect(line).toHaveValue('');
}

test('two at one panel: followed, apart, contradicted, settled, begun by one and ended by the other', async ({
  browser,
  world,
}) => {
  const contexts: BrowserContext[] = [
    await browser.newContext({ viewport: { width: 1280, height: 800 } }),
    await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true }),
  ];
  const [desk, phone] = (await Promise.all(contexts.map((one) => one.newPage()))) as [Page, Page];
  const { origin } = world.server;
  await signInByKeys(desk, origin, odile);
  await colleague(desk, origin);
  await signInByKeys(phone, wire.origin, tamsin);

  // Begun by one.
  const named = await begin(desk);
  await named('Ferry cottage');
  await record(desk, 'panel 24');
  await expect(desk.getByText('All arrived')).toBeVisible();
  const inspection = /inspections\/([^/]+)\//.exec(desk.url())![1]!;
  await phone.goto(`${wire.origin}/inspections/${inspection}/walk`);
  await expect(phone.getByRole('status', { name: 'Others here' })).toContainText('Odile Fenwright');
  await expect(desk.getByRole('status', { name: 'Others here' })).toContainText('Tamsin Rook');

  // What one records is at the other, within a second; one follows what the other has in hand.
  await phone.getByRole('button', { name: 'Follow Odile Fenwright' }).click();
  await record(desk, '7 20 12cu kitchen');
  await expect(selected(phone)).toContainText('Kitchen', { timeout: 3000 });
  await take(desk, 9);
  await expect(selected(phone)).toContainText('Not recorded');
  await selected(phone).getByRole('button', { name: '15 A', exact: true }).click();
  await expect(selected(desk)).toContainText('15 A, 1 pole', { timeout: 3000 });
  await record(desk, '11 20 12cu bath');
  await expect(selected(phone)).toContainText('Bath');
  await take(phone, 7);
  await expect(phone.getByRole('button', { name: 'Follow Odile Fenwright' })).toHaveText('Follow');

  // Apart: the phone loses its network, and both go on.
  wire.cut();
  await selected(phone).getByRole('button', { name: 'Bedrooms', exact: true }).click();
  await take(phone, 13);
  await selected(phone).getByRole('button', { name: '30 A', exact: true }).click();
  await take(phone, 11);
  await selected(phone).getByRole('button', { name: 'Heat', exact: true }).click();
  await expect(heldHere(phone)).toBeVisible();
  await record(desk, '7 20 12cu hall');
  await record(desk, '13 20 12cu porch');
  await record(desk, '11 blank');
  await expect(desk.getByText('All arrived')).toBeVisible();
  await expect(phone.getByRole('status', { name: 'Others here' })).toContainText('not known');

  // Together again: each contradiction is shown on both, and settled by a tap on either.
  wire.mend();
  const cards = (page: Page) => page.getByRole('region', { name: 'Found' });
  const titles = [
    /Circuit .*, name: recorded differently/,
    /Breaker 11: taken away by one, recorded by another/,
    /Position 13: 2 breakers recorded/,
  ];
  await phone
    .getByRole('button', { name: /findings/i })
    .first()
    .click();
  for (const page of [desk, phone])
    for (const title of titles)
      await expect(cards(page).getByRole('button', { name: title })).toBeVisible({
        timeout: 20_000,
      });
  await expect(phone.getByText('All arrived')).toBeVisible();
  await take(desk, 13);
  await expect(selected(desk)).toContainText('Tamsin Rook');
  await selected(desk).getByRole('button', { name: 'Settle: Only 20 A, 1 pole, Porch' }).click();
  await expect(cards(phone).getByRole('button', { name: titles[2]! })).toHaveCount(0);
  await cards(phone).getByRole('button', { name: titles[1]! }).click();
  const card = phone.getByRole('region', { name: titles[1]! }).last();
  await expect(card).toContainText('It was never there');
  await expect(card).toContainText('Heat mark: yes');
  await card.getByRole('button', { name: 'Settle: It is there' }).click();
  await expect(cards(desk).getByRole('button', { name: titles[1]! })).toHaveCount(0);
  await take(desk, 7);
  await selected(desk).getByRole('button', { name: 'Settle: Bedrooms' }).click();
  for (const page of [desk, phone]) await expect(page.getByText('To be cleared up')).toHaveCount(0);
  await expect(desk.getByText('All arrived')).toBeVisible();
  await expect(phone.getByText('All arrived')).toBeVisible();

  // Ended by the other: one report, with both.
  await desk.close();
  await phone.goto(`${wire.origin}/inspections/${inspection}/issue`);
  await phone.getByLabel('Your password, again').fill(tamsin.password);
  await phone.getByRole('button', { name: 'Sign and issue' }).click();
  await expect(phone.getByRole('article', { name: /^Report / })).toContainText(
    'signed Tamsin Rook',
  );
  await phone.goto(`${wire.origin}/inspections/${inspection}/report`);
  const report = phone.getByRole('main');
  for (const author of ['Odile Fenwright (EW-208)', 'Tamsin Rook (EW-311)'])
    await expect(report).toContainText(author);
  await expect(report).toContainText(/heat mark/i);
  for (const one of contexts) await one.close();
});
