import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';
import { ines, pressable, test } from './world';

test.setTimeout(240_000);
// Each half on a worker of its own.
test.describe.configure({ mode: 'parallel' });

interface View {
  name: string;
  path: string;
  press?: string;
  /** A drawing of a panel stands here as it does on the walk, whose colours are looked at there. */
  drawn?: true;
}

const views: readonly View[] = [
  { name: 'Today', path: '/' },
  { name: 'Walk', path: '/inspections/lock-keepers-house/walk' },
  { name: 'Walk, fuse panel', path: '/inspections/net-loft/walk' },
  { name: 'Supply', path: '/inspections/chandlery/supply' },
  {
    name: 'Supply, what flows',
    path: '/inspections/lock-keepers-house/supply',
    press: 'What flows',
  },
  { name: 'Circuits', path: '/inspections/quay-bakery/circuits', drawn: true },
  { name: 'Load', path: '/inspections/osier-cottage/circuits', press: 'Load' },
  { name: 'Trace', path: '/inspections/ropewalk/circuits', press: 'Trace' },
  { name: 'Readings', path: '/inspections/osier-cottage/readings' },
  { name: 'Judge', path: '/inspections/lock-keepers-house/judge' },
  { name: 'Plan', path: '/inspections/chandlery/plan' },
  { name: 'Library', path: '/library' },
  { name: 'Notes', path: '/inspections/lock-keepers-house/notes' },
  { name: 'History', path: '/inspections/net-loft/history' },
  { name: 'Report', path: '/inspections/lock-keepers-house/report', drawn: true },
  {
    name: 'Report for the electrician',
    path: '/inspections/net-loft/report?for=electrician',
    drawn: true,
  },
  { name: 'Issue', path: '/inspections/net-loft/issue' },
  { name: 'Return', path: '/inspections/net-loft/return' },
  { name: 'Mailbox', path: '/mailbox' },
  { name: 'Office, people', path: '/office/people' },
  { name: 'Office, letterhead', path: '/office/letterhead' },
  { name: 'Office, letters', path: '/office/letters' },
  { name: 'Office, keeping', path: '/office/keeping' },
  { name: 'Office, running', path: '/office/running' },
  { name: 'Office, who did what', path: '/office/deeds' },
  { name: 'Your account', path: '/account' },
];
const themedViews = ['Sign in', 'Walk', 'Walk, fuse panel', 'Judge', 'Report'];
const parts = [0, 1, 2, 3].map((part) => views.filter((_, index) => index % 4 === part));

/** How many pixels of a page run off the screen to the right. */
const beyondTheScreen = () =>
  document.documentElement.scrollWidth - document.documentElement.clientWidth;

const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

for (const [part, some] of parts.entries())
  test(`axe finds nothing on any view in any theme, at the desk and on a phone, from ${some[0]!.name}`, async ({
    page,
    world,
  }) => {
    const { origin } = world.server;
    // Whatever the policy of a page keeps from running, and whatever fails, is said on the console.
    const said: string[] = [];
    page.on('console', (message) => {
      if (message.type() === 'error') said.push(`${page.url()}: ${message.text()}`);
    });
    page.on('pageerror', (error) => said.push(`${page.url()}: ${error.message}`));
    const look = async (name: string, theme: string, size: typeof desk, drawn: boolean) => {
      await page.evaluate((chosen) => {
        document.documentElement.dataset.theme = chosen;
      }, theme);
      // What passed is not listed: on a drawn panel that list costs more than the looking.
      // There are no frames, so what was found need not be put together in a page of its own.
      const axe = new AxeBuilder({ page })
        .options({ resultTypes: ['violations'], preload: false })
        .setLegacyMode();
      // The drawing was looked at already, on the walk itself.
      if (drawn) axe.exclude('svg.sheet-svg, figure svg');
      // A theme has the same colours at every width, and the same page: each is looked at once.
      if (theme !== 'light') axe.withRules(['color-contrast']);
      else if (size === phone) axe.disableRules(['color-contrast']);
      const { violations } = await axe.analyze();
      expect(said).toEqual([]);
      expect(
        violations.map(
          ({ id, nodes }) =>
            `${name}, ${theme}, ${size.width}: ${id} ${nodes[0]?.html.slice(0, 160)} ${nodes[0]?.failureSummary?.slice(0, 200)}`,
        ),
      ).toEqual([]);
    };
    const check = async (name: string, drawn = false) => {
      // Every colour of every theme is held against its ground by a test of its own; here the other
      // themes are looked at where most of their colours stand together.
      const themes = themedViews.includes(name) ? ['dark', 'sun', 'light'] : ['light'];
      for (const theme of themes) await look(name, theme, desk, drawn);
      await page.setViewportSize(phone);
      expect([name, await page.evaluate(beyondTheScreen)]).toEqual([name, 0]);
      await look(name, 'light', phone, drawn);
      await page.setViewportSize(desk);
    };
    await page.setViewportSize(desk);
    await page.goto(`${origin}/sign-in`);
    if (part === 0) await check('Sign in');
    await page.getByLabel('E-mail').fill(ines.email);
    await page.getByLabel('Password').fill(ines.password);
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
    for (const { name, path, press, drawn = false } of some) {
      await page.goto(origin + path);
      await expect(page.getByRole('main')).toBeVisible();
      await expect(page.getByText(/^Opening the/)).toHaveCount(0);
      if (!/^(Today|Report|Library|Issue|Mailbox|Office|Your account)/.test(name))
        await expect(page.getByText('All arrived')).toBeVisible();
      if (press) await pressable(page.getByLabel('Show', { exact: true }), press, false).click();
      await check(name, drawn);
    }
    if (part !== 0) return;
    for (const size of [desk, phone]) {
      await page.setViewportSize(size);
      await page.goto(`${origin}/inspections/lock-keepers-house/walk`);
      await expect(page.getByText('All arrived')).toBeVisible();
      if (size === phone)
        await page.getByRole('navigation', { name: 'Stages' }).getByRole('button').nth(1).click();
      await page.getByRole('button', { name: /Neutrals, grounds/ }).click();
      await look('Walk, stage 9', 'light', size, true);
      await page.getByRole('button', { name: 'Note this' }).click();
      await look('Note this', 'light', size, true);
      await page.keyboard.press('Escape');
      if (size === phone) continue;
      await page.getByRole('button', { name: 'Grammar card' }).click();
      await look('Grammar card', 'light', size, true);
      await page.keyboard.press('Escape');
    }
  });
