import { expect } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { bench } from '@/core/testing/bench';
import { deliver, ines, signInByKeys, test } from './world';

test.use({ viewport: { width: 1280, height: 800 } });
test.setTimeout(90_000);

const path = '/inspections/net-store';
const workedOut = (page: Page) =>
  expect(page.getByText(/none beats on both cost and risk left/)).toBeVisible({ timeout: 30_000 });
/** By its key, whatever is under the pointer. */
const enter = (target: Locator) => target.press('Enter');

/** An opening, a breaker too large for its wire, and two wires under a screw for one. */
function found() {
  const made = bench({ rows: 4, panel: { name: 'Main panel', labelTandemPositions: [] } })
    .lines(
      'main 100',
      '1 30 12cu:b m1 in:nm bench',
      '2 20 2x12cu:b m1 in:nm hall / lamp',
      '4 open!',
    )
    .facts({ opening: 'covered' }, 'panel/c1r2');
  // What must be made safe before a report may be issued.
  for (const [at, { key, grade }] of made.assess().findings.entries())
    if (grade === 'danger')
      made.book.add('ruling', `ruling${at}`, 'site', {
        finding: key,
        madeSafeHow: 'Main off, door locked, 10:20',
      });
  return made.book.entries;
}

test('judged, planned, a remedy forbidden, chosen, told, priced by another, and found done but for one thing', async ({
  page,
  browser,
  world,
}) => {
  const { origin } = world.server;
  await signInByKeys(page, origin, ines);
  await deliver(page, 'net-store', found());

  await page.goto(`${origin}${path}/judge`);
  await expect(page.getByRole('main')).toContainText(/open/i);

  await page.goto(`${origin}${path}/plan`);
  await workedOut(page);
  const plans = page.getByRole('list', { name: 'Plans' }).getByRole('button');
  await enter(plans.filter({ hasText: 'All defects' }));
  await enter(page.getByRole('button', { name: 'Leave it' }).first());
  await expect(page.getByRole('button', { name: 'Choose freely again' })).toBeVisible();
  await workedOut(page);
  await enter(page.getByRole('button', { name: 'Choose freely again' }));
  await workedOut(page);
  await enter(plans.filter({ hasText: 'All defects' }));
  await expect(page.getByRole('list', { name: 'Moves, in this order' })).toContainText(
    'Blank in 4',
  );
  await page.getByLabel('Chosen by').fill('Perpetua Lamb');
  await enter(page.getByRole('button', { name: 'Record this choice' }));
  await expect(page.getByText(/chosen by Perpetua Lamb/)).toBeVisible();
  await expect(page.getByText('All arrived')).toBeVisible();

  await page.goto(`${origin}${path}/report`);
  const report = page.getByRole('main');
  await expect(report).toContainText('Ways to put it right');
  await expect(report).toContainText('(chosen)');
  await page.goto(`${origin}${path}/report?for=electrician`);
  await expect(report).toContainText('To be priced');

  await page.goto(`${origin}${path}/plan`);
  await enter(page.getByRole('button', { name: 'Add a quote' }));
  await page.getByLabel('Quote from').fill('Lamp and Quay');
  await page.getByLabel('Sum', { exact: true }).fill('4,000');
  await page.getByRole('checkbox').first().press('Space');
  await enter(page.getByRole('button', { name: 'Record the quote' }));
  const quotes = page.getByRole('region', { name: 'Quotes' });
  await expect(quotes).toContainText('above the range of the cost book');
  await expect(quotes).toContainText('Does not name:');
  await expect(page.getByText('All arrived')).toBeVisible();

  await page.goto(`${origin}${path}/issue`);
  await page.getByLabel('Your password, again').fill(ines.password);
  await enter(page.getByRole('button', { name: 'Sign and issue' }));
  await expect(page.getByRole('article', { name: /^Report / })).toContainText(
    `signed ${ines.name}`,
  );
  await page.goto(`${origin}${path}/return`);
  await enter(page.getByRole('button', { name: 'Begin the return visit' }));
  const expected = page.getByRole('region', { name: /Against the chosen plan/ });
  await expect(expected).toContainText(
    '3 places: 0 as planned, 0 otherwise, 3 not looked at since',
  );
  await expect(page.getByText('All arrived')).toBeVisible();
  await page.goto(`${origin}${path}/walk`);
  const line = page.getByRole('textbox', { name: /shorthand|line/i }).first();
  for (const said of ['4 blank', '1 20']) {
    await line.fill(said);
    await line.press('Enter');
    await expect(line).toHaveValue('');
  }
  await expect(page.getByText('All arrived')).toBeVisible();
  await page.goto(`${origin}${path}/return`);
  await expect(expected).toContainText(
    '3 places: 2 as planned, 0 otherwise, 1 not looked at since',
  );

  // The same on the phone, by taps.
  const phone = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    storageState: await page.context().storageState(),
  });
  const hand = await phone.newPage();
  await hand.goto(`${origin}${path}/return`);
  await expect(hand.getByRole('region', { name: /Against the chosen plan/ })).toContainText(
    '1 not looked at since',
  );
  await hand.goto(`${origin}${path}/plan`);
  await workedOut(hand);
  await hand.getByRole('button', { name: 'Add a quote' }).tap();
  await hand.getByRole('button', { name: 'Not now' }).tap();
  await hand.getByRole('list', { name: 'Plans' }).getByRole('button').last().tap();
  await hand
    .getByRole('button', { name: 'Next step' })
    .or(hand.getByText('Stays wrong'))
    .first()
    .tap();
  await phone.close();
});
