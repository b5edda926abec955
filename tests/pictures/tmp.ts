import { chromium } from '@playwright/test';
import playwright from '../../playwright.config';
import { demoOrganisations } from '@/server/demo/people';
const origin = 'http://127.0.0.1:3000';
const browser = await chromium.launch(playwright.use!.launchOptions);
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
const page = await context.newPage();
page.on('console', (m) => m.type() === 'error' && console.log(m.text()));
page.on('pageerror', (e) => console.log('pageerror', e.message));
const [ines] = demoOrganisations[0].members;
await page.goto(origin + '/sign-in');
await page.getByLabel('E-mail').fill(ines.email);
await page.getByLabel('Password').fill(ines.password);
await page.getByRole('button', { name: 'Sign in' }).click();
await page.getByRole('heading', { name: 'Today' }).waitFor();
await page.goto(origin + '/inspections/lock-keepers-house/supply');
await page.getByRole('button', { name: 'What flows' }).click();
await page.waitForTimeout(600);
await page.screenshot({ path: '/tmp/s1.png' });
await page.getByRole('button', { name: 'Try them all' }).click();
await page.getByText('Through a body').first().waitFor();
await page.waitForTimeout(500);
await page.goto(origin + '/inspections/lock-keepers-house/readings');
await page.waitForTimeout(800);
await page.getByRole('button', { name: 'Connect the stand-in' }).click();
for (let i = 0; i < 4; i++) {
  await page.waitForTimeout(900);
  await page.getByRole('button', { name: 'Take this figure' }).click();
  await page.waitForTimeout(400);
  if ((await page.getByRole('alertdialog').count()) + (await page.getByRole('dialog').count())) {
    await page.screenshot({ path: '/tmp/s2d.png' });
    await page.keyboard.press('Escape');
    break;
  }
}
await page.waitForTimeout(500);
await page.screenshot({ path: '/tmp/s2.png' });
await browser.close();
