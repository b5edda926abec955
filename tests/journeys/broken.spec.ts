import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { bench } from '@/core/testing/bench';
import { deliver, ines, test } from './world';

test.use({ viewport: { width: 1280, height: 800 } });
test.setTimeout(180_000);

const house = '/inspections/lock-keepers-house';

/** Where something breaks, and a piece of its program that breaks it when it is drawn. */
const broken: readonly [name: string, path: string, piece: string][] = [
  ['Walk', `${house}/walk`, '"Grammar card"'],
  ['Supply', `${house}/supply`, '"What hangs on what: touch both ends"'],
  ['Circuits', `${house}/circuits`, '"aria-label":"Circuits"'],
  ['Readings', `${house}/readings`, '"aria-label":"Readings"'],
  ['Judge', `${house}/judge`, '"aria-label":"Judge"'],
  ['Plan', `${house}/plan`, '"aria-label":"Plan"'],
  ['Notes', `${house}/notes`, '"aria-label":"Notes"'],
  ['History', `${house}/history`, '"aria-label":"History"'],
];
const alone: readonly [path: string, piece: string, says: RegExp][] = [
  ['/', '" New inspection"', /^This page could not be drawn/],
  [`${house}/report`, 'children:"Print"', /^This page could not be drawn/],
  ['/library', 'children:"Library"', /^This page could not be drawn/],
  ['/office/people', '"Who works here"', /^This page of the office could not be drawn/],
];

/** Every program of the page has a fault in this piece, from the next page on. */
async function breakWhere(page: Page, piece: string): Promise<void> {
  // What the view before fetches for later may be on its way still.
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  // A text that is drawn is an expression: one that throws stands as well there.
  const at = piece.lastIndexOf('"', piece.length - 2);
  const thrown = `${piece.slice(0, at)}(()=>{throw new Error("broken on purpose")})()`;
  await page.route('**/_next/static/**/*.js', async (route) => {
    const answer = await route.fetch();
    const text = await answer.text();
    await route.fulfill({
      response: answer,
      body: text.replaceAll(piece, thrown),
    });
  });
}

async function signIn(page: Page, origin: string): Promise<void> {
  await page.goto(`${origin}/sign-in`);
  await page.getByLabel('E-mail').fill(ines.email);
  await page.getByLabel('Password').fill(ines.password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
}

test('where the rules cannot be fetched the walk is drawn and recorded in, says it is not judged, and is judged once they come', async ({
  page,
  world,
}) => {
  const { origin } = world.server;
  await signIn(page, origin);
  // One of its own: the others walk the demo's at the same time.
  const own = `rules-late-${world.server.port}`;
  await deliver(page, own, bench().lines('7 20 12cu').book.entries);
  let rulesCome = false;
  let kept = 0;
  await page.route('**/_next/static/**/*.js', async (route) => {
    const answer = await route.fetch();
    const text = await answer.text();
    // The words of two rules stand together nowhere else.
    const rules = text.includes('breaker/double-tap') && text.includes('bus/two-supplies');
    if (rules && !rulesCome) {
      kept += 1;
      return route.abort();
    }
    return route.fulfill({ response: answer, body: text });
  });
  await page.goto(`${origin}/inspections/${own}/walk`);
  const said = page.getByRole('alert').filter({ hasText: 'Not judged yet' });
  await expect(said).toContainText('the rules could not be fetched');
  await expect(page.getByRole('heading', { name: 'Not judged yet' }).first()).toBeVisible();
  await expect(page.getByText('Nothing found')).toHaveCount(0);
  expect(kept).toBeGreaterThan(0);

  // A danger is recorded meanwhile; nothing can point it out.
  const shorthand = page.getByRole('textbox', { name: 'Shorthand' });
  await shorthand.fill('9 20 12cu !arc attic');
  await shorthand.press('Enter');
  await expect(shorthand).toHaveValue('');
  await expect(page.getByText('All arrived')).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);

  // Another view says so too, and no more.
  const views = page.getByRole('navigation', { name: 'Views' });
  await views.getByRole('link', { name: 'Judge' }).click();
  await expect(page.getByText('Not judged yet.', { exact: true })).toBeVisible();

  rulesCome = true;
  await said.getByRole('button', { name: 'Fetch them again' }).click();
  await expect(page.getByRole('dialog', { name: /^Danger now/ })).toBeVisible();
  await expect(said).toHaveCount(0);
  await page.getByRole('button', { name: 'Not made safe yet' }).click();
  await expect(
    page
      .getByRole('main')
      .getByText(/\d+ findings?/)
      .first(),
  ).toBeVisible();
  // What the view fetches for later may be on its way still.
  await page.unrouteAll({ behavior: 'ignoreErrors' });
});

test('whatever view breaks says so on a page of its own, what is held stays held, and the other views work', async ({
  page,
  world,
}) => {
  const { origin } = world.server;
  await signIn(page, origin);

  // Something is recorded that cannot be sent, whatever of the page is broken and mended meanwhile.
  await page.context().route('**/api/entries', (route) => route.abort());
  await page.goto(`${origin}${house}/walk`);
  await expect(page.getByText('All arrived')).toBeVisible();
  await page.getByRole('textbox', { name: 'Shorthand' }).fill('note held while it breaks');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/\d+ entr(y|ies) held here/)).toBeVisible();
  const held = /\d+/.exec(await page.getByText(/entr(y|ies) held here/).innerText())![0];
  const kept = new RegExp(`^${held} entr(y|ies) recorded on this device ha(s|ve) not arrived yet`);

  for (const [name, path, piece] of broken) {
    await breakWhere(page, piece);
    await page.goto(origin + path);
    const said = page.getByRole('alert').filter({ hasText: 'could not be drawn' });
    await expect(said).toContainText(`The view “${name}” could not be drawn`);
    await expect(said.getByText(kept)).toBeVisible();
    // Another view of the same page works, and records.
    const [other, heading] =
      name === 'Notes' ? ['Judge', /\d+ findings?/] : ['Notes', /placed later|placed/i];
    await page
      .getByRole('navigation', { name: 'Views' })
      .getByRole('link', { name: other })
      .click();
    await expect(said).toHaveCount(0);
    await expect(page.getByRole('main').getByText(heading).first()).toBeVisible();
  }
  for (const [path, piece, says] of alone) {
    await breakWhere(page, piece);
    await page.goto(origin + path);
    await expect(page.getByRole('alert').getByRole('heading', { name: says })).toBeVisible();
    await expect(page.getByRole('alert').getByText(kept)).toBeVisible();
  }

  // Mended, everything is where it was, and is sent.
  await page.context().unroute('**/api/entries');
  // What the view before fetches for later may be on its way still.
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  await page.goto(`${origin}${house}/walk`);
  await expect(page.getByText('All arrived')).toBeVisible();
  await expect(page.getByRole('alert').filter({ hasText: 'could not be drawn' })).toHaveCount(0);
});
