import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { invite } from '@/server/commands/invite';
import { listLetters, sendAgain, sendTrial } from '@/server/commands/letters';
import { closePool, inOrganisation } from '@/server/db/connect';
import { manyLetterBecame, maybeOneLetterLocked } from '@/server/db/mailbox';
import { mostAttempts, sendLetter } from '@/server/jobs/send-letter';
import type { PostOffice } from '@/server/letters/post-office';
import { outcomeOf, postOffice } from '@/server/letters/post-office';
import { htmlOf, textOf } from '@/server/letters/letter';
import { readLetterSettings } from '@/server/letters/settings';
import type { Session } from '@/server/session';
import { saidIn, startMailServer } from '../smtp';
import type { TestOffice } from './office';
import { seedOffices } from './office';

jest.setTimeout(60_000);

let office: TestOffice;
let manager: Session;
let mail: Awaited<ReturnType<typeof startMailServer>>;
let post: PostOffice;
beforeAll(async () => {
  [office] = (await seedOffices(1, 2)) as [TestOffice];
  manager = office.session(0);
  mail = await startMailServer();
  process.env.SMTP_URL = mail.url;
  post = postOffice(mail.url, 'Panel office <panels@office.example>');
});
afterAll(async () => {
  delete process.env.SMTP_URL;
  post.close();
  await mail.stop();
  await closePool();
});

/** A letter to somebody no other test writes to; gives its id. */
async function written(): Promise<{ id: string; to: string; link: string }> {
  const to = `l-${randomUUID()}@test.example`;
  const made = await invite(manager, { email: to, may: [] }, 'https://east.example');
  if (!made.ok) throw new Error(made.faults.join());
  return { id: (await letterTo(to)).id, to, link: made.url };
}
const letterTo = async (to: string) =>
  (await listLetters(manager)).find(({ sent_to }) => sent_to === to)!;
const send = (id: string) => sendLetter({ organisation: manager.organisation, letter: id }, post);

describe('a letter', () => {
  test('arrives once, as text and HTML, from whom is set; then it is emptied', async () => {
    const { id, to, link } = await written();
    expect(await letterTo(to)).toMatchObject({ state: 'waiting' });
    mail.become('takes');
    await send(id);
    await send(id);
    const arrived = mail.letters.filter((letter) => letter.to.includes(to));
    expect(arrived).toHaveLength(1);
    const said = saidIn(arrived[0]!.text);
    expect(arrived[0]!.from).toBe('panels@office.example');
    expect(said).toContain('Content-Type: text/plain');
    expect(said).toContain('Content-Type: text/html');
    expect(said.split(link).length - 1).toBeGreaterThanOrEqual(3);
    expect(said).toContain(`Message-ID: <${id}@127.0.0.1>`);
    expect(await letterTo(to)).toMatchObject({ state: 'sent', fault: '', attempts: 1 });
    const kept = await inOrganisation(manager.organisation, (tx) => maybeOneLetterLocked(tx, id));
    expect([kept!.body, kept!.html]).toEqual(['', '']);
  });

  test('refused for good is told as not sent, with the server’s words, and sent again by hand', async () => {
    const { id, to } = await written();
    mail.become('refuses');
    await send(id);
    expect(await letterTo(to)).toMatchObject({
      state: 'failed',
      fault: expect.stringContaining('no such mailbox here'),
    });
    mail.become('takes');
    expect(await sendAgain(manager, { letter: id })).toEqual({ ok: true });
    await send(id);
    expect(await letterTo(to)).toMatchObject({ state: 'sent' });
    expect(await sendAgain(manager, { letter: id })).toMatchObject({ ok: false });
  });

  test('of a busy server is tried later, so many times, then told', async () => {
    const { id, to } = await written();
    mail.become('is busy');
    for (let at = 1; at < mostAttempts; at += 1)
      await expect(send(id)).rejects.toThrow(`tried ${at} times`);
    expect(await letterTo(to)).toMatchObject({ state: 'waiting', attempts: mostAttempts - 1 });
    await send(id);
    expect(await letterTo(to)).toMatchObject({ state: 'failed', attempts: mostAttempts });
  });

  test('of a server that is not there waits', async () => {
    const { id, to } = await written();
    const nowhere = postOffice('smtp://127.0.0.1:9', 'x@office.example');
    await expect(
      sendLetter({ organisation: manager.organisation, letter: id }, nowhere),
    ).rejects.toThrow('tried 1 times');
    expect(await letterTo(to)).toMatchObject({ state: 'waiting' });
  });

  test('whose line broke after its text is perhaps sent, and nobody sends it again by himself', async () => {
    const { id, to } = await written();
    mail.become('hangs up after the text');
    await send(id);
    expect(await letterTo(to)).toMatchObject({ state: 'perhaps' });
    mail.become('takes');
    await send(id);
    expect(mail.letters.filter((letter) => letter.to.includes(to))).toEqual([]);
  });

  test('whose sender died while sending is perhaps sent', async () => {
    const { id, to } = await written();
    await inOrganisation(manager.organisation, (tx) =>
      manyLetterBecame(tx, id, { state: 'sending', attempts: 1, fault: '' }),
    );
    mail.become('takes');
    await send(id);
    expect(await letterTo(to)).toMatchObject({
      state: 'perhaps',
      fault: 'Sending it broke off. It may have arrived.',
    });
    expect(mail.letters.filter((letter) => letter.to.includes(to))).toEqual([]);
  });

  test('is shown without its words, to whoever manages people alone', async () => {
    const { to } = await written();
    expect(await letterTo(to)).toMatchObject({ body: '', html: '' });
    await expect(listLetters({ ...manager, may: ['issue'] })).rejects.toThrow('You may not');
    expect(await sendTrial(manager, { to: 'nobody' })).toMatchObject({ ok: false });
  });
});

test.each([
  [550, false, 'refused'],
  [451, true, 'later'],
  [undefined, false, 'later'],
  [undefined, true, 'perhaps'],
] as const)('code %s, handed over %s: %s', (code, handed, outcome) =>
  expect(outcomeOf(code, handed)).toBe(outcome),
);

describe('its words', () => {
  const letter = {
    to: 'x@test.example',
    subject: 'A <b> & "c"',
    opening: ['<script>alert(1)</script>'],
    link: { words: 'Open it', url: 'https://east.example/r/x?a=1&b=2' },
    closing: ['Bye'],
  };
  test('as text are apart, the link on a line of its own', () =>
    expect(textOf(letter)).toBe(
      '<script>alert(1)</script>\n\nOpen it:\nhttps://east.example/r/x?a=1&b=2\n\nBye',
    ));
  test('as HTML run nothing', () => {
    const html = htmlOf(letter);
    expect(html).not.toMatch(/<script|<b>/);
    expect(html).toContain('href="https://east.example/r/x?a=1&amp;b=2"');
  });
});

describe('SMTP_URL', () => {
  test.each([
    [{ SMTP_URL: 'mail.example', SMTP_FROM: 'a@b.example' }, /SMTP_URL: expected such as smtps/],
    [{ SMTP_URL: 'smtp://mail.example' }, /SMTP_FROM is not set/],
    [{ SMTP_URL: 'smtp://mail.example', SMTP_FROM: 'nobody' }, /SMTP_FROM: expected an address/],
  ])('%j says what is wrong', (env, fault) => expect(() => readLetterSettings(env)).toThrow(fault));
  test('not set: letters are not sent', () => expect(readLetterSettings({})).toBeUndefined());
});
