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
const walk = '/inspections/lock-keepers-house/walk';
const views = [
  { name: 'sign-in', path: '/sign-in', size: desk, theme: 'light' },
  { name: 'today', path: '/', size: desk, theme: 'light' },
  { name: 'walk-desk-light', path: walk, size: desk, theme: 'light' },
  { name: 'walk-desk-dark', path: walk, size: desk, theme: 'dark' },
  { name: 'walk-phone-dark', path: walk, size: phone, theme: 'dark' },
  { name: 'walk-phone-sun', path: walk, size: phone, theme: 'sun' },
  { name: 'report', path: '/inspections/lock-keepers-house/report', size: desk, theme: 'light' },
  {
    name: 'report-phone',
    path: '/inspections/lock-keepers-house/report',
    size: phone,
    theme: 'light',
  },
] as const;

const browser = await chromium.launch(playwright.use!.launchOptions);
const context = await browser.newContext();
const page = await context.newPage();
const [ines] = demoOrganisations[0].members;
for (const { name, path, size, theme } of views) {
  await context.addCookies([{ name: 'east-gate-theme', value: theme, url: origin }]);
  await page.setViewportSize(size);
  await page.goto(origin + path);
  await page.getByRole('main').waitFor();
  if (path === walk) await page.getByText('All arrived').waitFor();
  await page.screenshot({ path: `docs/screenshots/${name}.png`, animations: 'disabled' });
  console.log(`docs/screenshots/${name}.png`);
  if (name !== 'sign-in') continue;
  await page.getByLabel('E-mail').fill(ines.email);
  await page.getByLabel('Password').fill(ines.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('heading', { name: 'Today' }).waitFor();
}
await browser.close();
