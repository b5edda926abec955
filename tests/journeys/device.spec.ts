import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { begin } from './begin';
import { bram, ines, signInByKeys, test } from './world';

/** What this device keeps of the server's answers, by its member. */
const keptHere = (page: Page): Promise<string[]> =>
  page.evaluate(
    () =>
      new Promise<string[]>((resolve) => {
        const opening = indexedDB.open('east-gate-kept');
        opening.onsuccess = () => {
          const db = opening.result;
          const asked = db.transaction('answers').objectStore('answers').getAll();
          asked.onsuccess = () => {
            db.close();
            resolve((asked.result as { path: string }[]).map(({ path }) => path));
          };
        };
      }),
  );

async function rename(page: Page, place: string): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Stages' })
    .getByRole('button', { name: 'Set out' })
    .click();
  await page.getByRole('textbox', { name: 'Place' }).fill(place);
  await page.keyboard.press('Enter');
}

test('a lock of the screen: set, shut, not opened by a wrong PIN, not by loading anew, opened by the right one', async ({
  page,
  world,
}) => {
  await signInByKeys(page, world.server.origin, ines);
  const name = await begin(page);
  const walk = page.url();
  await name('Behind a lock');
  await page.goto(`${world.server.origin}/account`);
  await page.getByLabel('PIN', { exact: false }).first().fill('4711');
  await page.getByLabel('The same again').fill('4712');
  await page.getByRole('button', { name: 'Lock by this PIN' }).click();
  await expect(page.getByText('The two PINs differ. Nothing was set.')).toBeVisible();
  await page.getByLabel('The same again').fill('4711');
  await page.getByRole('button', { name: 'Lock by this PIN' }).click();
  await expect(page.getByText(/opens by your PIN/)).toBeVisible();

  await page.goto(walk);
  const place = page.getByRole('heading', { name: 'Behind a lock' });
  await expect(place).toBeVisible();
  // It lay there for a quarter of an hour.
  await page.evaluate(() =>
    localStorage.setItem('east-gate-used', String(Date.now() - 15 * 60_000)),
  );
  const locked = page.getByRole('heading', { name: 'Locked' });
  await expect(locked).toBeVisible({ timeout: 10_000 });
  await expect(place).toBeHidden();
  await page.reload();
  await expect(locked).toBeVisible();
  await expect(place).toBeHidden();
  await page.keyboard.press('Tab');
  const pin = page.getByLabel('PIN', { exact: true });
  await pin.fill('4712');
  await page.getByRole('button', { name: 'Open' }).click();
  await expect(page.getByText('This is not the PIN. Nothing was lost.')).toBeVisible();
  await expect(place).toBeHidden();
  await pin.fill('4711');
  await pin.press('Enter');
  await expect(place).toBeVisible();
  await expect(locked).toBeHidden();

  await page.goto(`${world.server.origin}/account`);
  await page.getByRole('button', { name: 'Lock it now' }).click();
  await expect(locked).toBeVisible();
  await page.getByRole('button', { name: 'PIN forgotten' }).click();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL(/sign-in$/);
  expect(await keptHere(page)).toEqual([]);
  await signInByKeys(page, world.server.origin, ines);
  await page.goto(walk);
  await expect(place).toBeVisible();
});

test('a session that is over asks once, leads back, and what was held arrives; one ended from elsewhere leaves no copies', async ({
  page,
  world,
  browser,
}) => {
  const { origin } = world.server;
  await signInByKeys(page, origin, bram);
  const name = await begin(page);
  const walk = page.url();
  await name('Session cottage');
  await expect(page.getByText('All arrived')).toBeVisible();
  await page.reload();
  const place = page.getByRole('heading', { name: 'Session cottage' });
  await expect(place).toBeVisible();

  await test.step('over: recorded in all the same, asked for once, back where one was', async () => {
    await page.context().clearCookies({ name: 'east-gate-session' });
    await rename(page, 'Session house');
    await expect(page.getByText(/1 entry held here/)).toBeVisible();
    await page.getByRole('link', { name: 'sign in to send' }).click();
    await expect(page.getByText(/you are back where you were/)).toBeVisible();
    await page.getByLabel('E-mail').fill(bram.email);
    await page.getByLabel('Password').fill('wrong at first');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert').first()).toContainText('do not belong together');
    await page.getByLabel('E-mail').fill(bram.email);
    await page.getByLabel('Password').fill(bram.password);
    await page.keyboard.press('Enter');
    await page.waitForURL(walk);
    await expect(page.getByText('All arrived')).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Session house' })).toBeVisible();
  });

  await test.step('ended from elsewhere: no copy is left, what was recorded is', async () => {
    await expect.poll(() => keptHere(page)).not.toEqual([]);
    const elsewhere = await browser.newContext();
    const other = await elsewhere.newPage();
    await signInByKeys(other, origin, bram);
    await other.goto(`${origin}/account`);
    await other.getByRole('button', { name: 'End all others' }).click();
    await expect(other.getByText('Every other session is ended.')).toBeVisible();
    await elsewhere.close();
    await rename(page, 'Session hall');
    await expect(page.getByText(/1 entry held here/)).toBeVisible();
    await expect.poll(() => keptHere(page)).toEqual([]);
    await page.goto(walk);
    await page.waitForURL(/sign-in/);
    await page.getByLabel('E-mail').fill(bram.email);
    await page.getByLabel('Password').fill(bram.password);
    await page.keyboard.press('Enter');
    await page.waitForURL(walk);
    await expect(page.getByRole('heading', { name: 'Session hall' })).toBeVisible();
    await expect(page.getByText('All arrived')).toBeVisible();
  });
});
