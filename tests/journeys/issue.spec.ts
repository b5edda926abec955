import { execFileSync } from 'node:child_process';
import { expect } from '@playwright/test';
import { ines, odile, pressable, signInByKeys, test } from './world';

test.use({ viewport: { width: 1280, height: 800 } });
test.setTimeout(240_000);

const cottage = '/inspections/quay-bakery';

test('judge, issue, verify, send, open as the client on a phone, come back, mend, close', async ({
  page,
  browser,
  world,
}) => {
  const { origin } = world.server;
  await signInByKeys(page, origin, ines);
  const zip = await page.request.get(`${origin}${cottage}/package.zip`);
  await page.context().clearCookies();
  await signInByKeys(page, origin, odile);
  await page.request.post(`${origin}/api/packages`, { data: await zip.body() });

  // Two findings more, one of them a danger, recorded as an inspector does.
  await page.goto(`${origin}${cottage}/walk`);
  await expect(page.getByText('All arrived')).toBeVisible();
  const line = page.getByRole('textbox', { name: /shorthand|line/i }).first();
  await line.fill('30 open!');
  await line.press('Enter');
  const card = page.getByRole('dialog');
  await expect(card).toContainText('Danger now');
  await card.getByRole('textbox').last().fill('Orla Crumb, in person, 09:20');
  await card
    .getByRole('button', { name: /record|keep|save/i })
    .first()
    .click();
  if (await card.isVisible()) await page.keyboard.press('Escape');
  await line.fill('depth 700');
  await line.press('Enter');
  await expect(page.getByText('All arrived')).toBeVisible();

  await page.goto(`${origin}${cottage}/judge`);
  await expect(page.getByText('All arrived')).toBeVisible();
  const judged = page
    .getByRole('region', { name: 'In the order of the report' })
    .getByRole('button')
    .filter({ hasText: 'clear depth' });
  await judged.click();
  const why = page.getByRole('article');
  await why.getByRole('combobox', { name: 'Grade' }).selectOption('urgent');
  await why.getByRole('textbox', { name: /^Reason/ }).fill('The way out runs past it.');
  await why.getByRole('button', { name: 'Keep this' }).click();
  await expect(judged).toContainText('Urgent');
  await expect(page.getByText('All arrived')).toBeVisible();

  world.work();
  await page.goto(`${origin}${cottage}/issue`);
  await expect(page.getByRole('list', { name: 'Before signing' })).toContainText('not seen');
  await page.getByLabel('Your password, again').fill(odile.password);
  await page.getByRole('button', { name: 'Sign and issue' }).click();
  const issued = page.getByRole('article', { name: /^Report / });
  await expect(issued).toContainText(`signed ${odile.name}`);
  await issued.getByText('Verify', { exact: true }).first().click();
  await issued.getByRole('button', { name: 'Verify' }).click();
  await expect(issued).toContainText('True: package, entries and digest are one.');
  await issued.getByRole('textbox', { name: 'Send a link to' }).fill('orla@bakery.example');
  await issued.getByRole('button', { name: 'Send', exact: true }).click();
  const url = await issued.getByRole('link', { name: /\/r\// }).getAttribute('href');

  await page.goto(`${origin}/mailbox`);
  await expect(page.getByRole('main')).toContainText('orla@bakery.example');
  await expect(page.getByRole('main')).toContainText(url!);

  const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const client = await phone.newPage();
  await client.goto(url!);
  await expect(client.getByRole('main')).toContainText('Something here must be made safe today');
  await expect(client.getByRole('link', { name: 'Walk' })).toHaveCount(0);
  await client.getByRole('textbox', { name: 'Your name' }).fill('Orla Crumb');
  await client.getByRole('button', { name: 'I have read it' }).click();
  await expect(client.getByRole('main')).toContainText('Confirmed as read by Orla Crumb');
  await expect(client.getByRole('main')).toContainText('Computed Repair');
  const photo = client.getByRole('img', { name: 'The breaker at 18 and its wire' });
  await photo.scrollIntoViewIfNeeded();
  await expect
    .poll(() => photo.evaluate((img: HTMLImageElement) => img.complete && img.naturalWidth))
    .toBeGreaterThan(400);
  expect(await photo.getAttribute('src')).toContain('/r/');
  expect((await client.request.get(`${url!}/pictures/${'0'.repeat(64)}`)).status()).toBe(404);
  await client.getByRole('link', { name: 'For the electrician' }).click();
  await expect(client.getByRole('heading', { name: 'Work by place' })).toBeVisible();
  await expect(client.getByRole('main')).toContainText('Nothing here is done live.');
  const arrives = client.waitForEvent('download');
  await client.getByRole('link', { name: 'PDF', exact: true }).click();
  const pdf = await (await arrives).path();
  execFileSync('qpdf', ['--check', pdf]);
  expect(execFileSync('pdftotext', [pdf, '-']).toString()).toContain('For the electrician.');
  const rows = await (await client.request.get(`${url!}/data/findings.csv`)).text();
  expect(rows).toContain('Opening 30');
  expect((await client.request.get(`${url!}?for=anybody`)).status()).toBe(404);
  expect((await client.request.get(`${origin}${cottage}/report`)).url()).toContain('/sign-in');
  expect(
    (await client.request.get(`${url!.slice(0, -1)}${url!.endsWith('A') ? 'B' : 'A'}`)).status(),
  ).toBe(404);

  await page.goto(`${origin}${cottage}/return`);
  await expect(page.getByText('All arrived')).toBeVisible();
  await page.getByRole('button', { name: 'Begin the return visit' }).click();
  const main = page.getByRole('main');
  const item = (words: RegExp) => main.getByRole('listitem').getByRole('button', { name: words });
  const detail = page.getByRole('complementary', { name: 'Chosen item' });
  await item(/Opening 30/).click();
  await detail.getByRole('combobox', { name: 'Opening', exact: true }).selectOption('blanked');
  await pressable(detail, 'Mended').click();
  await expect(item(/Opening 30/)).toContainText('mended: the rules find nothing now');
  await item(/In front of the panel/).click();
  await detail.getByRole('textbox', { name: /Clear depth in front/ }).fill('1100');
  await detail.getByRole('textbox', { name: /Clear depth in front/ }).press('Enter');
  await expect(item(/In front of the panel/)).toContainText('mended: the rules find nothing now');
  await item(/Breaker 18/).click();
  await expect(detail.getByRole('img', { name: 'The breaker at 18 and its wire' })).toBeVisible();
  await pressable(detail, 'Mended').click();
  await expect(item(/Breaker 18/)).toContainText('do not show it');
  await expect(page.getByText('All arrived')).toBeVisible();

  await page.goto(`${origin}${cottage}/issue`);
  await pressable(page, 'The closing report').click();
  await page.getByLabel('Your password, again').fill(odile.password);
  await page.getByRole('button', { name: 'Sign and issue the closing report' }).click();
  const closing = page.getByRole('article', { name: /^Report / }).first();
  await expect(closing).toContainText('Closing report');
  await closing.getByRole('link', { name: 'Open' }).click();
  await expect(page.getByRole('heading', { name: /What became of report/ })).toBeVisible();
  await expect(page.getByRole('main')).toContainText('1 item still open');

  await page.goto(`${origin}/?q=bakery`);
  await expect(page.getByRole('main')).toContainText('closed');
});
