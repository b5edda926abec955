import { execFile, spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { expect, test } from '@playwright/test';
import { runningBlocks } from '../running';
import { freePort } from '../server';
import { saidIn, startMailServer } from '../smtp';

const run = promisify(execFile);
test.use({ viewport: { width: 1280, height: 800 } });
test.setTimeout(300_000);
test.use({ actionTimeout: 20_000, navigationTimeout: 20_000 });

const name = 'journey-office';
const password = 'a word of many signs';
const blocks = runningBlocks();

/** What a block of docs/running.md is run with: nothing of the test's own database is known to it. */
async function outside(mailUrl: string) {
  const folder = mkdtempSync(join(tmpdir(), 'office-'));
  const port = await freePort();
  const env: NodeJS.ProcessEnv = {
    ...process.env,
    NODE_OPTIONS: '',
    EAST_GATE_DATABASE: name,
    EAST_GATE_DATA: join(folder, 'data'),
    PORT: String(port),
    PUBLIC_ORIGIN: `http://localhost:${port}`,
    BEHIND_PROXY: '0',
    PROCESSES: '2',
    SMTP_URL: mailUrl,
    SMTP_FROM: 'Reed Panel Survey <panels@reed.example>',
    BACKUP_FOLDER: join(folder, 'backups'),
    METRICS_PORT: String(await freePort()),
  };
  for (const given of ['DATABASE_URL', 'DATABASE_OWNER_URL', 'EAST_GATE_DEMO']) delete env[given];
  return { folder, env, origin: env.PUBLIC_ORIGIN! };
}

/** Starts it as docs/running.md says, and gives what it printed until it was ready. */
async function start(env: NodeJS.ProcessEnv): Promise<{ process: ChildProcess; said: string }> {
  const child = spawn('bash', ['-c', blocks.start!.text], {
    env,
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  await new Promise<void>((resolve, reject) => {
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (text: Buffer) => {
        said += text.toString();
        if (said.includes('ready:')) resolve();
      });
    child.once('exit', (code) => reject(new Error(`ended with ${code}: ${said}`)));
  });
  return { process: child, said };
}
async function stop(child: ChildProcess): Promise<void> {
  const gone = new Promise((resolve) => child.once('exit', resolve));
  child.kill('SIGTERM');
  await gone;
}
const wipe = () => {
  for (const folder of [`.data/${name}`, `.data/${name}.env`])
    rmSync(folder, { recursive: true, force: true });
  for (const file of readdirSync('/var/tmp'))
    if (file.startsWith('east-gate-') && file.endsWith(`-${name}`))
      rmSync(join('/var/tmp', file), { recursive: true, force: true });
};

test('an office is founded, invites, signs in by a passkey, issues on its letterhead, sends it, is backed up, wiped, restored and verified', async ({
  browser,
}) => {
  wipe();
  const mail = await startMailServer();
  const { folder, env, origin } = await outside(mail.url);
  let served = await start(env);
  try {
    const link = /https?:\/\/\S+\/found\/\S+/.exec(served.said)![0];
    const office = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await office.newPage();

    await test.step('founded by the link of the first start', async () => {
      await page.goto(link);
      await page.getByLabel('Name of the office').fill('Reed Panel Survey');
      await page.getByLabel('Address of the office').fill('2 Reed Row\nMarrow Lock');
      await page.getByLabel('Your name').fill('Perpetua Lamb');
      await page.getByLabel('Licence number').fill('ML-9');
      await page.getByLabel('E-mail').fill('perpetua@reed.example');
      await page.getByLabel(/^Password/).fill(password);
      await page.getByRole('button', { name: 'Found the office' }).click();
      await page.getByRole('link', { name: 'Sign in' }).click();
      await page.getByLabel('E-mail').fill('perpetua@reed.example');
      await page.getByLabel('Password').fill(password);
      await page.keyboard.press('Enter');
      await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
      expect((await page.goto(link))!.status()).toBe(404);
    });

    await test.step('a letterhead is set', async () => {
      await page.goto(`${origin}/office/letterhead`);
      await page.getByLabel('Insurance').fill('Insured with Heron Mutual, policy 4');
      await page.getByLabel('Terms').fill('Payment within 30 days.');
      await page.getByRole('button', { name: 'Keep the letterhead' }).click();
      await expect(page.getByText('Kept for reports issued from now on')).toBeVisible();
      // Nothing of it runs off a phone.
      const desk = page.viewportSize()!;
      await page.setViewportSize({ width: 390, height: 844 });
      expect(
        await page.evaluate(
          () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
        ),
      ).toBe(0);
      await page.setViewportSize(desk);
    });

    const colleague = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const his = await colleague.newPage();
    await test.step('a colleague is invited by a letter, and joins', async () => {
      await page.goto(`${origin}/office/people`);
      await page.getByLabel('E-mail').fill('tamsin@reed.example');
      await page.getByRole('button', { name: 'Invite' }).click();
      await expect(page.getByText('tamsin@reed.example is invited.')).toBeVisible();
      const url = await letterLink(mail, 'tamsin@reed.example', /\/join\//);
      await his.goto(url);
      await his.getByLabel('Your name').fill('Tamsin Rook');
      await his.getByLabel('Licence number').fill('ML-88');
      await his.getByLabel(/^Password/).fill(password);
      await his.getByRole('button', { name: 'Join' }).click();
      await his.getByRole('link', { name: 'Sign in' }).click();
      await his.getByLabel('E-mail').fill('tamsin@reed.example');
      await his.getByLabel('Password').fill(password);
      await his.keyboard.press('Enter');
      await expect(his.getByRole('heading', { name: 'Today' })).toBeVisible();
    });

    await test.step('and signs in by a passkey', async () => {
      const devtools = await colleague.newCDPSession(his);
      await devtools.send('WebAuthn.enable');
      await devtools.send('WebAuthn.addVirtualAuthenticator', {
        options: {
          protocol: 'ctap2',
          transport: 'internal',
          hasResidentKey: true,
          hasUserVerification: true,
          isUserVerified: true,
          automaticPresenceSimulation: true,
        },
      });
      await his.goto(`${origin}/account`);
      await his.getByLabel('Name of the device').fill('The tablet');
      await his.getByRole('button', { name: 'Add a passkey' }).click();
      await expect(his.getByText('Added.')).toBeVisible();
      await his.goto(`${origin}/`);
      await his.getByRole('button', { name: 'Sign out' }).click();
      await his.getByRole('button', { name: 'Sign in with a passkey' }).click();
      await expect(his.getByRole('heading', { name: 'Today' })).toBeVisible();
    });

    let report = '';
    let digest = '';
    await test.step('records a panel, and issues its report', async () => {
      await his.getByRole('button', { name: 'New inspection' }).click();
      await his.getByRole('textbox', { name: 'Place' }).fill('Weir cottage');
      await his.keyboard.press('Enter');
      await expect(his.getByRole('heading', { name: 'Weir cottage' })).toBeVisible();
      for (const line of ['panel 24', 'main 100', '7 20 2x12cu m1 kitchen']) {
        const shorthand = his.getByRole('textbox', { name: 'Shorthand' });
        await shorthand.fill(line);
        await shorthand.press('Enter');
        await expect(shorthand).toHaveValue('');
      }
      await expect(his.getByText('All arrived')).toBeVisible();
      await his.goto(his.url().replace(/\/walk$/, '/issue'));
      await his.getByLabel('Your password, again').fill(password);
      await his.getByRole('button', { name: 'Sign and issue' }).click();
      const issued = his.getByRole('article', { name: /^Report / });
      await expect(issued).toContainText('signed Tamsin Rook');
      report = (await issued.getByRole('link', { name: 'Open' }).first().getAttribute('href'))!;
      const read = await (await his.request.get(`${origin}${report}`)).text();
      digest = /sealed [^0-9a-f]*([0-9a-f]{64})/.exec(read)?.[1] ?? /[0-9a-f]{64}/.exec(read)![0];
      await issued.getByRole('textbox', { name: 'Send a link to' }).fill('orla@weir.example');
      await issued.getByRole('button', { name: 'Send', exact: true }).click();
    });

    await test.step('the client gets a letter, and opens it on a phone', async () => {
      const url = await letterLink(mail, 'orla@weir.example', /\/r\//);
      const phone = await browser.newContext({ viewport: { width: 390, height: 844 } });
      const client = await phone.newPage();
      await client.goto(url);
      const main = client.getByRole('main');
      await expect(main).toContainText('Insured with Heron Mutual, policy 4');
      await expect(main).toContainText('2 Reed Row');
      await expect(main).toContainText('Terms, version 1');
      await expect(main).toContainText(/issued \w+ \d+, \d{4}, signed Tamsin Rook, ML-88/);
      await phone.close();
    });

    const inShell = (block: string) =>
      run('bash', ['-ec', blocks[block]!.text], { env: { ...env }, encoding: 'utf8' });
    await test.step('it is seen to run, and backed up', async () => {
      const { stdout } = await inShell('health');
      expect(stdout).toMatch(/live\s+ready\s+east_gate_request_seconds_count/);
      expect(JSON.parse(stdout.trim().split('\n').at(-1)!)).toMatchObject({ level: 'info' });
      expect(stdout).not.toMatch(/tamsin|orla|reed\.example/i);
      expect((await inShell('backup')).stdout).toMatch(/by-hand\.east-gate-backup: \d+ rows/);
    });

    await test.step('wiped, restored, and everything is there', async () => {
      await stop(served.process);
      wipe();
      expect(existsSync(`.data/${name}.env`)).toBe(false);
      expect((await inShell('restore')).stdout).toMatch(/restored: \d+ rows/);
      served = await start(env);
      expect(served.said).not.toContain('/found/');
      // The session was backed up too.
      await his.goto(`${origin}${report}`);
      await expect(his.getByRole('main')).toContainText('Insured with Heron Mutual, policy 4');
      const verified = await his.request.post(`${origin}/api/reports/verify`, {
        data: { report: report.split('/').at(-1), digest },
      });
      expect(await verified.json()).toMatchObject({ sealed: true, differences: [] });
    });

    await test.step('who did what stands there', async () => {
      await page.goto(`${origin}/office/deeds`);
      const deeds = page.getByRole('main');
      for (const deed of [
        'Perpetua Lamb founded the office',
        'invited tamsin@reed.example',
        'Tamsin Rook joined the office',
        'Tamsin Rook added a passkey',
        'Tamsin Rook issued',
      ])
        await expect(deeds).toContainText(deed);
    });
  } finally {
    await stop(served.process);
    await mail.stop();
    wipe();
    rmSync(folder, { recursive: true, force: true });
  }
});

/** The link of a letter, as soon as it arrived. */
async function letterLink(
  mail: Awaited<ReturnType<typeof startMailServer>>,
  to: string,
  path: RegExp,
): Promise<string> {
  const found = () =>
    mail.letters
      .filter((letter) => letter.to.includes(to))
      .flatMap(({ text }) => saidIn(text).match(/https?:\/\/[^\s"<]+/g) ?? [])
      .find((url) => path.test(url));
  await expect.poll(found, { timeout: 30_000 }).toBeDefined();
  return found()!;
}
