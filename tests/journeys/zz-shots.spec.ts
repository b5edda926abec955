import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { lineTo } from '../line';
import { bram, ines, signInByKeys, test } from './world';

const line = async (page: Page, text: string) => {
  const box = page.getByRole('textbox', { name: /shorthand/i });
  await box.fill(text);
  await box.press('Enter');
  await expect(box).toHaveValue('');
};

test.setTimeout(60_000);
test('shots', async ({ browser, world }) => {
  const desk = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const phone = await browser.newContext({
    viewport: { width: 390, height: 844 },
    colorScheme: 'dark',
    hasTouch: true,
  });
  const a = await desk.newPage();
  a.setDefaultTimeout(8000);
  const b = await phone.newPage();
  b.setDefaultTimeout(8000);
  const { origin } = world.server;
  const wire = await lineTo(world.server.port, { rate: 1e8, delay: 0 });
  await signInByKeys(a, origin, ines);
  await signInByKeys(b, wire.origin, bram);
  const link = async (page: Page, origin: string) => {
    const id = 'lock-keepers-house';
    await page.goto(`${origin}/inspections/${id}/walk`);
    await expect(page.getByRole('region', { name: 'Selected' })).toBeVisible();
  };
  await link(a, origin);
  await link(b, wire.origin);
  await b
    .evaluate(() => document.documentElement.setAttribute('data-theme', 'dark'))
    .catch(() => undefined);
  await expect(a.getByText(/Bram Oxgate/).first()).toBeVisible();
  await b.locator('svg [data-position="7"]').last().dispatchEvent('click');
  await a.waitForTimeout(800);
  await a.screenshot({ path: '/tmp/shots/desk-here.png' });
  await b.screenshot({ path: '/tmp/shots/phone-here.png' });
  await a.getByRole('button', { name: 'Follow Bram Oxgate' }).click();
  await b.locator('svg [data-position="5"]').last().dispatchEvent('click');
  await a.waitForTimeout(800);
  await a.screenshot({ path: '/tmp/shots/desk-follow.png' });
  // Apart
  wire.cut();
  const take = async (page: Page, number: number) =>
    page.locator(`svg [data-position="${number}"]`).last().dispatchEvent('click');
  await line(a, '7 15 14cu hall');
  await line(a, '24 20 12cu shed');
  await line(a, '3 open');
  await take(b, 7);
  await b.getByRole('button', { name: 'Bath', exact: true }).click();
  await take(b, 3);
  await b.getByRole('button', { name: 'Heat', exact: true }).click();
  await take(b, 24);
  await b.getByRole('button', { name: '30 A', exact: true }).click();
  await take(b, 7);
  await b.waitForTimeout(500);
  await b.screenshot({ path: '/tmp/shots/phone-apart.png' });
  wire.mend();
  await a.waitForTimeout(4000);
  await take(a, 7);
  await a.waitForTimeout(800);
  await a.screenshot({ path: '/tmp/shots/desk-conflict.png' });
  await b.screenshot({ path: '/tmp/shots/phone-conflict.png' });
  await a.getByRole('region', { name: 'Found' }).evaluate((e) => e.scrollTo(0, 99999));
  await a.waitForTimeout(300);
  await a.screenshot({ path: '/tmp/shots/desk-ledger.png' });
  await take(a, 24);
  await a.waitForTimeout(500);
  await a.screenshot({ path: '/tmp/shots/desk-24.png' });
});
