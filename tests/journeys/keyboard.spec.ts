import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { expect } from '@playwright/test';
import type { ReportData } from '@/core/show/report/report';
import { lineOf, openings, rows } from './panel';
import { ines, odile, panelFacts, readPackageFile, signInByKeys, tabTo, test } from './world';

const run = promisify(execFile);
test.use({ viewport: { width: 1280, height: 800 } });

test('record, see findings, undo, lose the server and the tab, report, carry to another organisation: by keys alone', async ({
  page: first,
  context,
  world,
}) => {
  let page = first;
  const origin = world.server.origin;
  await signInByKeys(page, origin, ines);

  await test.step('the demo shows its panel with findings', async () => {
    await tabTo(page, page.getByRole('link', { name: 'Walk: Lock-keeper’s house' }));
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Findings 10' })).toBeVisible();
    await expect(
      page.getByRole('button', { name: /Position 5, 20 A.*Urgent: Breaker larger/ }),
    ).toBeAttached();
    await page.goto(`${origin}/`);
  });

  await test.step('a new inspection', async () => {
    await tabTo(page, page.getByRole('button', { name: 'New inspection' }));
    await page.keyboard.press('Enter');
    await tabTo(page, page.getByRole('textbox', { name: 'Place' }));
    await page.keyboard.type('Weir cottage');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Weir cottage' })).toBeVisible();
  });
  const walk = page.url();
  const shorthand = () => page.getByRole('textbox', { name: 'Shorthand' });
  const ledger = () => page.getByRole('region', { name: 'Found' });
  let recorded = 0;
  /** The first lines letter by letter; then, as a fast hand brings them, the most of a line at once. */
  const record = async (line: string) => {
    await tabTo(page, shorthand());
    const typed = (recorded += 1) <= 6 ? line.length : 3;
    await page.keyboard.type(line.slice(0, typed));
    await page.keyboard.insertText(line.slice(typed));
    await page.keyboard.press('Enter');
    await expect(shorthand()).toHaveValue('');
  };

  await test.step('the neutral bar, on stage 9', async () => {
    await record('panel 24');
    await tabTo(page, page.getByRole('button', { name: /Neutrals, grounds/ }));
    await page.keyboard.press('Enter');
    await tabTo(page, page.getByRole('button', { name: 'neutral bar with 18 screws' }));
    await page.keyboard.press('Enter');
    await expect(page.getByText('0 recorded so far.')).toBeVisible();
  });

  await test.step('a fault is refused at its column, and nothing is recorded', async () => {
    await tabTo(page, shorthand());
    await page.keyboard.type('7 20 13cu kitchen');
    await expect(page.getByText('Column 6: there is no wire size 13')).toBeVisible();
    await page.keyboard.press('Enter');
    await expect(shorthand()).toHaveValue('7 20 13cu kitchen');
    await page.keyboard.press('Escape');
  });

  await test.step('18 circuits by shorthand; findings appear as the fact is in', async () => {
    await record('main 100');
    for (const row of rows) {
      await record(lineOf(row));
      if (row.at === 5)
        await expect(ledger().getByText('20 A on 14 copper, limit 15 A')).toBeVisible();
      if (row.at === 7)
        await expect(ledger().getByText('2 neutrals under one screw')).toBeVisible();
      if (row.at === 15)
        await expect(ledger().getByText('2 conductors under one screw marked for 1')).toBeVisible();
    }
    for (const [at, state] of Object.entries(openings)) await record(`${at} ${state}`);
  });

  await test.step('reasons open from the list', async () => {
    await tabTo(page, ledger().getByRole('button', { name: /Breaker 5/ }), 'Shift+Tab');
    await page.keyboard.press('Enter');
    await expect(ledger().getByText('rule breaker/overcurrent, base')).toBeVisible();
  });

  await test.step('two breakers on one position are refused', async () => {
    await tabTo(page, shorthand());
    await page.keyboard.type('5+7 30 10cu');
    await expect(
      page.getByText(/position 7 already holds breaker 7|second pole/).first(),
    ).toBeVisible();
    await page.keyboard.press('Escape');
  });

  await test.step('undo and redo', async () => {
    const opening = ledger().getByText('Opening without device or blank');
    await expect(opening).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(opening).toBeHidden();
    await page.keyboard.press('Control+Shift+Z');
    await expect(opening).toBeVisible();
  });

  await test.step('arrow keys walk the positions', async () => {
    await tabTo(page, page.locator('[data-position="5"]'));
    for (const key of ['ArrowDown', 'ArrowDown', 'ArrowDown', 'ArrowRight'])
      await page.keyboard.press(key);
    await expect(page.locator('[data-position="14"]')).toBeFocused();
    await expect(page.getByRole('heading', { name: 'Outside' })).toBeVisible();
  });

  await test.step('nothing is lost: reload, then no server, a closed tab, and the server back', async () => {
    await expect(page.getByText('All arrived')).toBeVisible();
    const findings = await ledger().getByRole('heading').first().textContent();
    await page.reload();
    await expect(ledger().getByRole('heading').first()).toHaveText(findings!);
    await expect(page.getByText('All arrived')).toBeVisible();
    await world.server.kill();
    await record('bond none');
    await expect(page.getByText('1 entry held here')).toBeVisible();
    await page.close({ runBeforeUnload: false });
    await world.restart();
    page = await context.newPage();
    await page.goto(walk);
    await expect(page.getByText('All arrived')).toBeVisible({ timeout: 20_000 });
    await tabTo(page, page.getByRole('button', { name: /Neutrals, grounds/ }));
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Neutral to enclosure')).toHaveValue('none');
  });

  let report = '';
  let packagePath = '';
  await test.step('the report, printed and downloaded', async () => {
    await tabTo(page, page.getByRole('link', { name: 'Report' }));
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'What to do first' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Whole report, JSON' })).toBeAttached();
    report = await page.getByRole('main').innerText();
    await page.evaluate(() => {
      window.print = () => document.body.setAttribute('data-printed', 'yes');
    });
    await tabTo(page, page.getByRole('button', { name: 'Print' }));
    await page.keyboard.press('Enter');
    await expect(page.locator('body')).toHaveAttribute('data-printed', 'yes');

    world.work();
    const pdfArrives = page.waitForEvent('download');
    await tabTo(page, page.getByRole('link', { name: 'PDF', exact: true }));
    await page.keyboard.press('Enter');
    const pdf = await (await pdfArrives).path();
    await run('qpdf', ['--check', pdf]);
    const { stdout: text } = await run('pdftotext', ['-layout', pdf, '-']);
    expect(text).toContain('20 A; its thinnest conductor is 14 copper');
    expect(text).toMatch(/page 1 of \d+/);
    const { stdout: info } = await run('pdfinfo', [pdf]);
    expect(info).toMatch(/Tagged:\s+yes/);
    const { stdout: fonts } = await run('pdffonts', [pdf]);
    for (const line of fonts.trim().split('\n').slice(2))
      expect(line).toMatch(/ yes +yes +yes +\d/);

    const zipArrives = page.waitForEvent('download');
    await tabTo(page, page.getByRole('link', { name: 'Download package' }));
    await page.keyboard.press('Enter');
    packagePath = test.info().outputPath('weir-cottage.zip');
    await (await zipArrives).saveAs(packagePath);
  });

  const reportData = async () =>
    (await (
      await page.request.get(page.url().replace(/report$/, 'report.json'))
    ).json()) as ReportData;
  const before = await reportData();

  await test.step('the package gives the same findings in a terminal', async () => {
    const { stdout } = await run('bin/assess', [packagePath]);
    const assessed = JSON.parse(stdout) as {
      findings: { rule: string; grade: string; where: { ref: string } }[];
      coverage: unknown;
      notSeen: unknown;
    };
    expect(assessed.findings.map(({ rule, grade, where }) => [rule, grade, where.ref])).toEqual(
      before.findings.map(({ rule, grade, ref }) => [rule, grade, ref]),
    );
    expect(assessed.coverage).toEqual(before.coverage);
    expect(assessed.notSeen).toEqual(before.notSeen);
  });

  await test.step('loaded into another organisation it is the same report to the letter, its author named with the office', async () => {
    await page.goto(`${origin}/`);
    await tabTo(page, page.getByRole('button', { name: 'Sign out' }));
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
    await signInByKeys(page, origin, odile);
    await tabTo(page, page.getByLabel('Inspection package (.zip)'));
    await page.getByLabel('Inspection package (.zip)').setInputFiles(packagePath);
    await tabTo(page, page.getByRole('button', { name: 'Load' }));
    await page.keyboard.press('Enter');
    await tabTo(page, page.getByRole('link', { name: 'Open its report' }));
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'What to do first' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Whole report, JSON' })).toBeAttached();
    // Who wrote it stands by the word of the package: under its office’s name, and under no id of this one.
    const office = `${ines.name} of Marrow Lock Panel Survey`;
    const there = await page.getByRole('main').innerText();
    expect(there).toContain(office);
    expect(there.replaceAll(office, ines.name)).toBe(report);
    const after = await reportData();
    const [author] = after.authors;
    expect(author).toMatchObject({ name: office, id: expect.stringMatching(/^[0-9a-f]{24}:/) });
    const text = JSON.stringify(after)
      .replaceAll(author!.id, ines.id)
      .replaceAll(office, ines.name);
    expect(JSON.parse(text)).toEqual(before);
  });

  const facts = panelFacts(await readPackageFile(packagePath));
  expect((facts.devices as unknown[]).length).toBe(rows.length);
  expect(facts).toMatchObject({
    rows: 12,
    main: 100,
    openings: ['22 covered', '23 blanked', '24 open'],
  });
});
