import { expect } from '@playwright/test';
import { rules } from '@/core/judge/rules';
import { ines, odile, signInByKeys, test } from './world';

test.use({ viewport: { width: 1280, height: 800 } });
test.setTimeout(240_000);

const judge = '/inspections/lock-keepers-house/judge';

test('judged by keys: overruled with a reason, ordered, another school, all of it in the report', async ({
  page,
  world,
}) => {
  const { origin } = world.server;
  await signInByKeys(page, origin, ines);
  const zip = await page.request.get(`${origin}/inspections/lock-keepers-house/package.zip`);
  await page.context().clearCookies();
  await signInByKeys(page, origin, odile);
  await page.request.post(`${origin}/api/packages`, { data: await zip.body() });
  await page.goto(origin + judge);
  await expect(page.getByText('All arrived')).toBeVisible();

  await page.getByRole('combobox', { name: 'Graded' }).selectOption('by-the-label');
  await expect(page.getByText('By the label, in use')).toBeVisible();

  const list = page.getByRole('region', { name: 'In the order of the report' });
  const items = list.getByRole('button');
  await items.first().focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(items.nth(2)).toBeFocused();
  await expect(items.nth(2)).toHaveAttribute('aria-pressed', 'true');

  const detail = page.getByRole('article');
  await items.filter({ hasText: 'one serves' }).focus();
  await page.keyboard.press('Enter');
  await expect(detail).toContainText('raised because one of the neutrals');
  await items.filter({ hasText: 'Neutral 9' }).focus();
  await page.keyboard.press('Enter');
  await detail.getByRole('button', { name: /^\d+b\s*Neutral 9/ }).press('Enter');
  await expect(detail).toContainText('differs');

  const tandem = items.filter({ hasText: 'Tandem; label allows' });
  await tandem.focus();
  await page.keyboard.press('Enter');
  const reason = `Confirmed by the maker in writing, ${world.server.port}.`;
  await detail.getByRole('combobox', { name: 'Grade' }).selectOption('plan');
  await detail.getByRole('textbox', { name: /^Reason/ }).fill('');
  await expect(detail.getByText('Write the reason.')).toBeVisible();
  await detail.getByRole('textbox', { name: /^Reason/ }).fill(reason);
  await detail.getByRole('button', { name: 'Keep this' }).press('Enter');
  await expect(tandem).toContainText('Plan');
  await expect(tandem).toContainText('computed Repair');

  const danger = items.filter({ hasText: 'Opening 24' });
  await danger.focus();
  await page.keyboard.press('Enter');
  await detail.getByRole('combobox', { name: 'Grade' }).selectOption('urgent');
  await detail.getByRole('textbox', { name: /^Reason/ }).fill('Blanked for now.');
  await expect(detail.getByText(/yields only to what was made safe/)).toBeVisible();
  await expect(detail.getByRole('button', { name: 'Keep this' })).toBeDisabled();

  const repairs = items.filter({ hasText: 'Repair' }).filter({ hasNotText: 'computed Repair' });
  const second = await repairs.nth(1).locator('strong').textContent();
  const third = await repairs.nth(2).locator('strong').textContent();
  expect(second).not.toBe(third);
  await repairs.nth(2).focus();
  await page.keyboard.press('Enter');
  await detail.getByRole('button', { name: 'Earlier in the report' }).press('Enter');
  await expect(repairs.nth(1).locator('strong')).toHaveText(third!);
  await expect(repairs.nth(2).locator('strong')).toHaveText(second!);

  await page.getByRole('combobox', { name: 'Graded' }).selectOption('by-the-evidence');
  await expect(page.getByText('By the evidence, in use')).toBeVisible();
  await expect(page.getByText('All arrived')).toBeVisible();

  await page.goto(`${origin}/inspections/lock-keepers-house/report`);
  await expect(page.getByRole('main')).toContainText('Graded by what was seen here');
  await expect(page.getByRole('main')).toContainText(
    `Computed Repair; ${odile.name} set Plan: ${reason}`,
  );
});

test('a permit inspection says pass, correct or refuse against the work alone', async ({
  page,
  world,
}) => {
  const { origin } = world.server;
  await signInByKeys(page, origin, ines);
  await page.goto(`${origin}/inspections/quay-bakery/judge`);
  const permit = page.getByRole('region', { name: 'Permit ML-2026-0117' });
  await expect(permit).toContainText('Correct');
  await expect(permit).toContainText('1 outside the work');
  await page.goto(`${origin}/inspections/quay-bakery/report`);
  await expect(page.getByRole('heading', { name: 'Permit ML-2026-0117: Correct' })).toBeVisible();
});

test('what the office sets in the library counts for inspections begun after, and is printed', async ({
  page,
  world,
}) => {
  const { origin } = world.server;
  await signInByKeys(page, origin, ines);
  await page.goto(`${origin}/library?rule=breaker/double-tap`);
  await page.getByRole('searchbox', { name: 'Search the rules' }).fill('neutral screw');
  await expect(page.getByRole('status').first()).toContainText(`of ${rules.length} rules`);
  await page.getByRole('tab', { name: 'Tables' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Dwelling services' })).toBeVisible();
  await page.getByRole('tab', { name: 'Families' }).press('Enter');
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).press('Enter');
  const path = await (await saved).path();
  await page.getByLabel('Load CSV or JSON').setInputFiles({
    name: 'families.csv',
    mimeType: 'text/csv',
    buffer: await import('node:fs').then((fs) => fs.readFileSync(path)),
  });
  await expect(page.getByText(/^4 families and \d+ recalls? stand here now\.$/)).toBeVisible();
  await page.getByLabel('Load CSV or JSON').setInputFiles({
    name: 'broken.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('id,name\nx,'),
  });
  await expect(page.getByText(/line 2\.name: expected/)).toBeVisible();

  await page.getByRole('tab', { name: 'This office' }).press('Enter');
  await page.getByRole('checkbox', { name: /Marrow Lock by-law/ }).check();
  await page.getByRole('button', { name: 'Keep these settings' }).press('Enter');
  await expect(page.getByText('Kept for inspections begun from now on.')).toBeVisible();
  try {
    const started = await page.request.get(`${origin}/api/books/a-new-one`);
    expect(await started.text()).toContain('marrow-lock-2019');
    const before = await page.request.get(`${origin}/api/drafts/lock-keepers-house`);
    expect(await before.text()).not.toContain('by-law 12');
  } finally {
    await page.getByRole('checkbox', { name: /Marrow Lock by-law/ }).uncheck();
    await page.getByRole('button', { name: 'Keep these settings' }).press('Enter');
  }
});
