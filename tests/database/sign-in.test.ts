import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { hash } from '@node-rs/argon2';
import { startingSettings } from '@/core';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { readSettings } from '@/server/commands/read-inspection';
import { saveSettings } from '@/server/commands/save-settings';
import { findSession, signIn, signOut } from '@/server/commands/sign-in';
import { closePool } from '@/server/db/connect';
import { seedOrganisations } from '@/server/db/seed';
import { rejudgeBatch } from '@/server/jobs/rejudge-batch';
import type { Session } from '@/server/session';

jest.setTimeout(120_000);

const mark = randomUUID().slice(0, 8);
const organisation = randomUUID();
const email = `ines-${mark}@office.example`;
const password = 'sluice-lantern';
const member = `m-${mark}`;
const session: Session = {
  organisation,
  organisationName: `Office ${mark}`,
  member,
  name: 'Ines Marrable',
  licence: 'ML-77',
};

beforeAll(async () => {
  await seedOrganisations(process.env.DATABASE_OWNER_URL!, [
    {
      id: organisation,
      name: session.organisationName,
      settings: startingSettings(session.organisationName),
      members: [
        {
          id: member,
          name: session.name,
          email,
          licence: session.licence,
          passwordHash: await hash(password),
        },
      ],
    },
  ]);
});
afterAll(() => closePool());

describe('signing in', () => {
  test('the right word opens a session, which names its member and ends when signed out', async () => {
    const signed = await signIn({ email: `  ${email.toUpperCase()} `, password });
    if (signed.outcome !== 'signed-in') throw new Error(signed.outcome);
    expect(await findSession(signed.token)).toEqual(session);
    await signOut(signed.token);
    expect(await findSession(signed.token)).toBeUndefined();
  });

  test.each([
    ['a wrong word', { email, password: 'sluice' }],
    ['nobody of this address', { email: `nobody-${mark}@office.example`, password }],
    ['no word', { email, password: '' }],
    ['no address', { password }],
    ['nothing', undefined],
    ['something else', 'x'],
    ['a word longer than any', { email, password: 'x'.repeat(501) }],
  ])('%s is refused, the same for all', async (_, input) =>
    expect(await signIn(input)).toEqual({ outcome: 'refused' }),
  );

  test.each([undefined, '', 'guessed', 'x'.repeat(200)])(
    'the token %p opens nothing',
    async (token) => expect(await findSession(token)).toBeUndefined(),
  );

  test('an address tried too often waits, with the right word too; a right one clears the count', async () => {
    const other = `often-${mark}@office.example`;
    for (let attempt = 0; attempt < 10; attempt += 1)
      expect(await signIn({ email: other, password: 'no' })).toEqual({ outcome: 'refused' });
    expect(await signIn({ email: other, password: 'no' })).toEqual({
      outcome: 'too-many',
      minutes: 15,
    });
    for (let attempt = 0; attempt < 8; attempt += 1) await signIn({ email, password: 'no' });
    expect((await signIn({ email, password })).outcome).toBe('signed-in');
    for (let attempt = 0; attempt < 9; attempt += 1)
      expect((await signIn({ email, password: 'no' })).outcome).toBe('refused');
  });
});

describe('settings of an office', () => {
  const set = async (more: object) => ({ ...(await readSettings(session)), ...more });

  test('are kept, and read by the next who asks', async () => {
    const next = await set({ school: 'by-the-calendar' });
    expect(await saveSettings(session, next)).toMatchObject({ ok: true });
    expect((await readSettings(session)).school).toBe('by-the-calendar');
  });

  test('a changed registry of families counts its version up; the office keeps its name', async () => {
    const before = await readSettings(session);
    const [first, ...rest] = before.families;
    const saved = await saveSettings(session, {
      ...before,
      organisation: 'Somebody else',
      familiesVersion: 99,
      families: [{ ...first!, name: 'Another name' }, ...rest],
    });
    expect(saved).toMatchObject({
      ok: true,
      settings: {
        organisation: before.organisation,
        familiesVersion: before.familiesVersion + 1,
      },
    });
    await saveSettings(session, await readSettings(session));
    expect((await readSettings(session)).familiesVersion).toBe(before.familiesVersion + 1);
  });

  test.each([
    ['a yardstick that is not here', { yardstick: 'us-1881' }, 'no yardstick us-1881'],
    ['an amendment of nothing', { amendments: ['x'] }, 'no amendment x of us-2020'],
    ['a school nobody teaches', { school: 'by-luck' }, 'school'],
    [
      'words with a figure that is not there',
      { wording: { 'breaker/double-tap': { conductors: { ask: 'Ask {nobody}.' } } } },
      'breaker/double-tap',
    ],
    [
      'a deadline before the day',
      { deadlineDays: { danger: 0, urgent: -1, repair: 90, plan: 730 } },
      'urgent',
    ],
  ])('%s is refused with its place, and nothing is kept', async (_, more, says) => {
    const before = await readSettings(session);
    const saved = await saveSettings(session, await set(more));
    expect(saved.ok).toBe(false);
    expect(JSON.stringify(saved)).toContain(says);
    expect(await readSettings(session)).toEqual(before);
  });
});

describe('judging again', () => {
  const settings = JSON.stringify(startingSettings('x'));
  const { entries } = lockKeepersHouse('ines');

  test('gives each inspection its findings by grade', () => {
    const [one] = rejudgeBatch([{ id: 'a', settings, entries: JSON.stringify(entries) }]);
    expect(one).toMatchObject({ id: 'a', entries: entries.length, findings: { danger: 1 } });
    expect(one!.seenShare).toBeGreaterThan(0);
    expect(one!.fault).toBeUndefined();
  });

  test('one that cannot be read says why, and holds up no other', () => {
    const results = rejudgeBatch([
      { id: 'torn', settings, entries: '[{' },
      { id: 'wrong', settings, entries: JSON.stringify([{ ...entries[0], counter: -1 }]) },
      { id: 'unset', settings: '{}', entries: '[]' },
      { id: 'good', settings, entries: JSON.stringify(entries) },
    ]);
    expect(results.map(({ id, fault }) => [id, fault !== undefined])).toEqual([
      ['torn', true],
      ['wrong', true],
      ['unset', true],
      ['good', false],
    ]);
    expect(results[1]!.fault).toContain('entries.0.counter');
  });
});
