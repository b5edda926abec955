import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { lockKeepersHouse, mainPanelLines } from '@/server/demo/lock-keepers-house';
import { ines, panelFacts, readPackageFile, signInByKeys, test } from './world';

test.use({ viewport: { width: 1280, height: 800 } });

/** Counts as a person does: a key chord, a text typed into a field, or a submitted line is one. */
class Hands {
  count = 0;
  constructor(private readonly page: Page) {}
  async press(key: string): Promise<void> {
    this.count += 1;
    await this.page.keyboard.press(key);
  }
  async type(text: string): Promise<void> {
    this.count += 1;
    await this.page.keyboard.type(text);
  }
  async tabTo(label: string, role: 'textbox' | 'combobox' | 'button' = 'textbox'): Promise<void> {
    const target = this.page.getByRole(role, { name: label, exact: true });
    for (let presses = 0; presses < 40; presses += 1) {
      if (await target.first().evaluate((element) => element === document.activeElement)) return;
      await this.press('Tab');
    }
    throw new Error(`40 times Tab do not reach ${label}`);
  }
  /** A line, its first letters one by one, the rest as a fast hand brings them: at once. */
  async line(text: string): Promise<void> {
    this.count += 1;
    await this.page.keyboard.type(text.slice(0, 4));
    await this.page.keyboard.insertText(text.slice(4));
    await this.page.keyboard.press('Enter');
    await expect(this.page.locator('#shorthand')).toHaveValue('');
  }
}

test('a whole panel from set-out to bonding by shorthand and keys, in under 150 interactions', async ({
  page,
  world,
}) => {
  await signInByKeys(page, world.server.origin, ines);
  const hands = new Hands(page);

  await test.step('set out', async () => {
    await hands.tabTo('New inspection', 'button');
    await hands.press('Enter');
    await hands.tabTo('Place');
    await hands.type('Lock-keeper’s house');
    await hands.tabTo('Address');
    await hands.type('1 Sluice Row, Marrow Lock');
    await hands.press('Enter');
    await expect(page.getByText('All arrived')).toBeVisible();
    await hands.tabTo('Client');
    await hands.type('Tomas Aldergrove, buyer');
    await hands.tabTo('Year');
    await hands.type('1964');
    await hands.press('Alt+3');
    await hands.tabTo('Supply', 'combobox');
    await hands.press('ArrowDown');
  });

  await test.step('from the door to the bond, a line each', async () => {
    await hands.press('Escape');
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await hands.press('/');
    for (const line of mainPanelLines) {
      await hands.line(line);
      const stop = page.getByRole('dialog', { name: /Danger now/ });
      if (!line.endsWith('open!')) continue;
      await expect(stop).toBeVisible();
      await hands.press('Escape');
      await expect(stop).toBeHidden();
      await expect(page.locator('#shorthand')).toBeFocused();
    }
  });

  console.log(`interactions by keys: ${hands.count}`);
  expect(hands.count).toBeLessThan(150);
  await expect(page.getByText('All arrived')).toBeVisible();
  const arrives = page.waitForEvent('download');
  await page.goto(page.url().replace(/walk$/, 'report'));
  await page.getByRole('link', { name: 'Download package' }).click();
  const path = test.info().outputPath('by-keys.zip');
  await (await arrives).saveAs(path);
  const typed = await readPackageFile(path);
  const demo = { entries: lockKeepersHouse(ines.id).entries, settings: typed.settings };
  expect(panelFacts(typed)).toEqual(panelFacts(demo));
});
