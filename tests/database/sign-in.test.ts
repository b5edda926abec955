import { permissions } from '@/core/vocabulary/permission';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { hash } from '@node-rs/argon2';
import { startingSettings } from '@/core';
import { readSettings, readOffice } from '@/server/commands/read-inspection';
import { saveSettings } from '@/server/commands/save-settings';
import { findSession, signIn, signOut } from '@/server/commands/sign-in';
import { closePool } from '@/server/db/connect';
import { seedOrganisations } from '@/server/db/seed';
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
  may: permissions,
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
    expect(await findSession(signed.token)).toMatchObject(session);
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

  test('an account tried too often from one address waits there, with the right word too; a right one clears the count', async () => {
    const other = `often-${mark}@office.example`;
    const from = { address: '192.0.2.1', device: undefined };
    for (let attempt = 0; attempt < 10; attempt += 1)
      expect(await signIn({ email: other, password: 'no' }, from)).toEqual({ outcome: 'refused' });
    expect(await signIn({ email: other, password: 'no' }, from)).toEqual({
      outcome: 'too-many',
      minutes: 15,
    });
    for (let attempt = 0; attempt < 8; attempt += 1) await signIn({ email, password: 'no' }, from);
    expect((await signIn({ email, password }, from)).outcome).toBe('signed-in');
    for (let attempt = 0; attempt < 9; attempt += 1)
      expect((await signIn({ email, password: 'no' }, from)).outcome).toBe('refused');
  });

  test('whoever guesses at an account keeps neither another address nor a device it knows out', async () => {
    const own = await signIn({ email, password }, { address: '192.0.2.7', device: undefined });
    if (own.outcome !== 'signed-in') throw new Error(own.outcome);
    const guess = (address: string, device?: string) =>
      signIn({ email, password: 'guess' }, { address, device });
    for (let tries = 0; tries < 12; tries += 1) await guess('198.51.100.1');
    expect((await guess('198.51.100.1')).outcome).toBe('too-many');
    expect(
      (await signIn({ email, password }, { address: '192.0.2.8', device: undefined })).outcome,
    ).toBe('signed-in');
    // From everywhere at once: strange devices wait, the known one does not.
    for (let tries = 0; tries < 110; tries += 1)
      await guess(`203.0.113.${tries}`, tries % 2 ? 'x'.repeat(43) : undefined);
    expect((await guess('203.0.113.250')).outcome).toBe('too-many');
    expect(
      (await signIn({ email, password }, { address: '198.51.100.1', device: own.device })).outcome,
    ).toBe('signed-in');
    // That device opens nobody else's account.
    const stranger = await signIn(
      { email: `nobody-${mark}@office.example`, password },
      { address: '192.0.2.9', device: own.device },
    );
    expect(stranger.outcome).toBe('refused');
  }, 120_000);
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

describe('two who change the settings', () => {
  test('from one version: the second overwrites nothing and is given what stands', async () => {
    const { settings, version } = await readOffice(session);
    const first = await saveSettings(session, { ...settings, lengths: 'us' }, version);
    expect(first).toMatchObject({ ok: true, version: version + 1 });
    const second = await saveSettings(session, { ...settings, adoptionYears: 3 }, version);
    expect(second).toMatchObject({ ok: false, now: { version: version + 1 } });
    const now = await readOffice(session);
    expect([now.settings.lengths, now.settings.adoptionYears, now.version]).toEqual([
      'us',
      settings.adoptionYears,
      version + 1,
    ]);
  });

  test('twelve at once from one version: one of them is taken', async () => {
    const { settings, version } = await readOffice(session);
    const all = await Promise.all(
      Array.from({ length: 12 }, (_, years) =>
        saveSettings(session, { ...settings, adoptionYears: years }, version),
      ),
    );
    expect(all.filter(({ ok }) => ok)).toHaveLength(1);
    expect((await readOffice(session)).version).toBe(version + 1);
  });
});
