import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';

/** An inspection begun on this page, its place named once the walk stands. */
export async function begin(page: Page): Promise<(place: string) => Promise<void>> {
  await page.getByRole('button', { name: 'New inspection' }).click();
  await page.waitForURL(/walk$/);
  await expect(page.getByText('All arrived')).toBeVisible();
  return async (place) => {
    await page.getByRole('textbox', { name: 'Place' }).fill(place);
    await page.keyboard.press('Enter');
  };
}
