import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { ines, signInByKeys, test } from './world';

test.use({ viewport: { width: 1280, height: 800 } });
test.setTimeout(90_000);

/** Plans come from a worker: on a busy machine in seconds. */
const workedOut = (page: Page) =>
  expect(page.getByText(/none beats on both cost and risk left/)).toBeVisible({ timeout: 30_000 });

test('a plan: along the front by keys, another way taken, a wish, and the choice recorded', async ({
  page,
  world,
}) => {
  const { origin } = world.server;
  await signInByKeys(page, origin, ines);
  await page.goto(`${origin}/inspections/chandlery/walk`);
  await page.goto(`${origin}/inspections/chandlery/plan`);
  await workedOut(page);
  const plans = page.getByRole('list', { name: 'Plans' }).getByRole('button');
  await expect(plans).toHaveCount(3);
  await expect(plans.first()).toContainText('Least to be safe');

  const front = page.getByRole('slider', { name: 'Plans by cost and risk left' });
  await front.focus();
  await page.keyboard.press('Home');
  await expect(front).toHaveAttribute('aria-valuenow', '0');
  await page.keyboard.press('End');
  await expect(plans.nth(2)).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText(/a new panel of 24 positions/i).first()).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(plans.nth(1)).toHaveAttribute('aria-pressed', 'true');

  await page.getByRole('button', { name: 'Leave it' }).first().press('Enter');
  await expect(page.getByRole('button', { name: 'Choose freely again' })).toBeVisible();
  await page.getByRole('button', { name: 'Choose freely again' }).press('Enter');

  await page.getByRole('button', { name: 'Add a wish' }).press('Enter');
  await page.getByRole('combobox', { name: /^Wanted/ }).selectOption('spare-positions');
  await page.getByRole('button', { name: 'Record it' }).press('Enter');
  await expect(page.getByText(/^4 spare positions, /)).toBeVisible();
  await page.getByRole('button', { name: 'Not wanted any more: 4 spare positions' }).press('Enter');

  await workedOut(page);
  await page.getByLabel('Chosen by').fill('The owner');
  await page.getByRole('button', { name: 'Record this choice' }).press('Enter');
  await expect(page.getByText(/chosen by The owner/)).toBeVisible();
  await expect(page.getByText('All arrived')).toBeVisible();
  await page.reload();
  await expect(page.getByText(/chosen by The owner/)).toBeVisible();
});
