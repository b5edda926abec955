import { chromium } from '@playwright/test';
import playwright from '../../playwright.config';
import { demoOrganisations } from '@/server/demo/people';

/**
 * Takes one PNG of each main view from the demo's data, into docs/screenshots.
 * bin/demo must be running. Usage: bin/pictures [ORIGIN]
 */
const origin = process.argv[2] ?? 'http://127.0.0.1:3000';
const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };
const house = '/inspections/lock-keepers-house';
const walk = `${house}/walk`;
const views = [
  { name: 'today', path: '/', size: desk, theme: 'light' },
  { name: 'walk-desk-light', path: walk, size: desk, theme: 'light' },
  { name: 'walk-phone-dark', path: walk, size: phone, theme: 'dark' },
  { name: 'supply', path: '/inspections/chandlery/supply', size: desk, theme: 'light' },
  {
    name: 'supply-flows',
    path: `${house}/supply`,
    press: 'What flows',
    size: desk,
    theme: 'light',
  },
  { name: 'circuits', path: `${house}/circuits`, size: desk, theme: 'light' },
  {
    name: 'load',
    path: '/inspections/osier-cottage/circuits',
    press: 'Load',
    size: desk,
    theme: 'light',
  },
  {
    name: 'trace',
    path: '/inspections/ropewalk/circuits',
    press: 'Trace',
    size: desk,
    theme: 'light',
  },
  { name: 'readings', path: `${house}/readings`, size: desk, theme: 'light' },
  { name: 'judge', path: `${house}/judge`, size: desk, theme: 'light' },
  { name: 'judge-phone', path: `${house}/judge`, size: phone, theme: 'dark' },
  {
    name: 'plan',
    path: `${house}/plan`,
    seen: /none beats on both/,
    size: { ...desk, height: 1100 },
    theme: 'light',
  },
  { name: 'library', path: '/library?rule=breaker/double-tap', size: desk, theme: 'light' },
  { name: 'notes', path: `${house}/notes`, size: desk, theme: 'light' },
  { name: 'history', path: `${house}/history`, size: desk, theme: 'light' },
  { name: 'issue', path: '/inspections/quay-bakery/issue', size: desk, theme: 'light' },
  { name: 'return', path: '/inspections/quay-bakery/return', size: desk, theme: 'light' },
  { name: 'report', path: `${house}/report`, size: desk, theme: 'light' },
  { name: 'report-phone', path: `${house}/report`, size: phone, theme: 'light' },
] as const;

const browser = await chromium.launch(playwright.use!.launchOptions);
const context = await browser.newContext();
const page = await context.newPage();
const [ines] = demoOrganisations[0].members;
await page.goto(`${origin}/sign-in`);
await page.getByLabel('E-mail').fill(ines.email);
await page.getByLabel('Password').fill(ines.password);
await page.getByRole('button', { name: 'Sign in' }).click();
await page.getByRole('heading', { name: 'Today' }).waitFor();
for (const { name, path, size, theme, ...view } of views) {
  await context.addCookies([{ name: 'east-gate-theme', value: theme, url: origin }]);
  await page.setViewportSize(size);
  await page.goto(origin + path);
  await page.getByRole('main').waitFor();
  if (path.endsWith('/walk')) await page.getByText('All arrived').waitFor();
  if ('press' in view)
    await page
      .getByRole('radiogroup', { name: 'Show' })
      .getByRole('radio', { name: view.press })
      .click();
  if ('seen' in view) await page.getByText(view.seen).waitFor();
  await page.waitForTimeout(600);
  await page.screenshot({ path: `docs/screenshots/${name}.png`, animations: 'disabled' });
  console.log(`docs/screenshots/${name}.png`);
}
await browser.close();
