import { expect } from '@playwright/test';
import { ines, signInByKeys, test } from './world';

test.use({ serviceWorkers: 'allow' });

test('the shell loaded once, everything opens without the server', async ({ page, context, world }) => {
  await signInByKeys(page, world.server.origin, ines);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.waitForTimeout(15000);
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.screenshot({ path: '/tmp/shots/offline-today.png' });
});
