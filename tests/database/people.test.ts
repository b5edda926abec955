import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import pg from 'pg';
import {
  changePassword,
  changeProfile,
  endOwnSession,
  readAccount,
} from '@/server/commands/account';
import { listAudit } from '@/server/commands/audit';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { acceptInvite, findInvite, invite, revokeInvite } from '@/server/commands/invite';
import { issueReport } from '@/server/commands/issue-report';
import { listLetters } from '@/server/commands/letters';
import {
  changeMember,
  deactivateMember,
  listPeople,
  reactivateMember,
} from '@/server/commands/people';
import { askReset, findReset, makeReset, resetPassword } from '@/server/commands/reset-password';
import { findSession, signIn, signOut, wasEnded } from '@/server/commands/sign-in';
import { exportPackage, importPackage } from '@/server/commands/transfer-package';
import { readInspection } from '@/server/commands/read-inspection';
import { closePool, inTransaction } from '@/server/db/connect';
import { oneDropOfExpired } from '@/server/db/sessions';
import type { Session } from '@/server/session';
import type { TestOffice } from './office';
import { seedOffices, siteEntry, word } from './office';

jest.setTimeout(120_000);
const origin = 'http://127.0.0.1:3000';
const tokenOf = (url: string) => url.split('/').at(-1)!;
let office: TestOffice;
let manager: Session;
beforeAll(async () => {
  [office] = (await seedOffices(1, 3)) as [TestOffice];
  manager = office.session(0);
});
afterAll(closePool);

async function signedIn(at: number): Promise<string> {
  const signed = await signIn({ email: office.members[at]!.email, password: word });
  if (signed.outcome !== 'signed-in') throw new Error(signed.outcome);
  return signed.token;
}
async function asOwner(text: string, values: unknown[] = []): Promise<void> {
  const client = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
  await client.connect();
  await client.query(`select set_config('east_gate.door', 'open', false)`);
  await client.query(text, values);
  await client.end();
}
const newcomer = (more: object = {}) => ({
  name: 'Tamsin Rook',
  licence: 'ML-88',
  licenceExpires: '2030-01-31',
  password: 'another-long-word',
  ...more,
});

describe('an invitation', () => {
  test('is followed once, and makes a member who may what was said', async () => {
    const email = `t-${randomUUID()}@test.example`;
    const invited = await invite(manager, { email, may: ['record'] }, origin);
    if (!invited.ok) throw new Error(invited.faults.join());
    const token = tokenOf(invited.url);
    expect(await findInvite(token)).toEqual({
      organisation: manager.organisationName,
      email,
      invited_by: manager.name,
    });
    expect(await acceptInvite(token, newcomer())).toEqual({ ok: true });
    expect(await acceptInvite(token, newcomer())).toBeUndefined();
    const signed = await signIn({ email, password: 'another-long-word' });
    if (signed.outcome !== 'signed-in') throw new Error(signed.outcome);
    expect(await findSession(signed.token)).toMatchObject({
      organisation: manager.organisation,
      name: 'Tamsin Rook',
      licence: 'ML-88',
      licenceExpires: '2030-01-31',
      may: ['record'],
    });
    expect((await listLetters(manager)).find(({ sent_to }) => sent_to === email)).toMatchObject({
      kind: 'invite',
    });
  });

  test('taken back, or older than seven days, it opens nothing', async () => {
    const make = async () => {
      const made = await invite(
        manager,
        { email: `t-${randomUUID()}@test.example`, may: [] },
        origin,
      );
      if (!made.ok) throw new Error(made.faults.join());
      return tokenOf(made.url);
    };
    const [back, old] = [await make(), await make()];
    const { invites } = await listPeople(manager);
    // The latest stands first: what is taken back is the one before it.
    expect(await revokeInvite(manager, { invite: invites[1]!.id })).toEqual({ ok: true });
    await asOwner(`update invites set made_at = now() - interval '8 days' where id = $1`, [
      invites[0]!.id,
    ]);
    for (const token of [back, old, 'x'.repeat(43)]) {
      expect(await findInvite(token)).toBeUndefined();
      expect(await acceptInvite(token, newcomer())).toBeUndefined();
    }
  });

  test('for an address that is somebody’s is told when it is followed; a bad field names itself', async () => {
    const known = await invite(manager, { email: office.members[1]!.email, may: [] }, origin);
    if (!known.ok) throw new Error(known.faults.join());
    const token = tokenOf(known.url);
    expect(await acceptInvite(token, newcomer({ password: 'short' }))).toMatchObject({
      ok: false,
      faults: [expect.stringContaining('at least 12 characters')],
    });
    expect(await acceptInvite(token, newcomer({ licenceExpires: 'soon' }))).toMatchObject({
      faults: [expect.stringContaining('a day such as')],
    });
    expect(await acceptInvite(token, newcomer())).toEqual({
      ok: false,
      faults: ['Somebody signs in with this e-mail address already.'],
    });
  });
});

describe('a member', () => {
  test('the last who manages people neither gives that up nor leaves', async () => {
    const [lone] = (await seedOffices(1, 2)) as [TestOffice];
    const first = lone.session(0);
    const second = lone.members[1]!.id;
    const as = (member: string, may: readonly string[]) => ({
      member,
      name: 'x',
      licence: '',
      licenceExpires: '',
      scope: null,
      may,
    });
    expect(await changeMember(first, as(second, ['record']))).toEqual({ ok: true });
    const refused = { ok: false, faults: [expect.stringContaining('Nobody else manages people')] };
    expect(await changeMember(first, as(first.member, ['record']))).toEqual(refused);
    expect(await deactivateMember(first, { member: first.member, draftsTo: second })).toEqual(
      refused,
    );
    expect(await changeMember(first, as(second, ['people']))).toEqual({ ok: true });
    // Two who take it from each other at once: one of them keeps it.
    const both = await Promise.all([
      changeMember(first, as(second, [])),
      changeMember({ ...first, member: second }, as(first.member, [])),
    ]);
    expect(both.map(({ ok }) => ok).sort()).toEqual([false, true]);
  });

  test('whose access ends: his sessions end, his drafts go on, what he still held comes in as brought', async () => {
    const leaving = office.session(2);
    const inspection = `left-${randomUUID()}`;
    const site = siteEntry(leaving.member);
    await deliverEntries(leaving, { inspection, entries: [site] });
    const token = await signedIn(2);
    expect(await findSession(token)).toBeDefined();
    expect(
      await deactivateMember(manager, { member: leaving.member, draftsTo: office.members[1]!.id }),
    ).toEqual({ ok: true });
    expect(await findSession(token)).toBeUndefined();
    expect(await signIn({ email: office.members[2]!.email, password: word })).toEqual({
      outcome: 'refused',
    });
    const held = siteEntry(leaving.member, {
      counter: 2,
      thing: 'note',
      type: 'note',
      in: 'site',
      facts: {},
    } as never);
    const packed = await packedWith(manager, inspection, held);
    expect(await importPackage(manager, packed)).toMatchObject({ ok: true, added: 1, already: 1 });
    const stored = (await readInspection(manager, inspection))!;
    expect(stored.carried).toMatchObject([{ by: { id: manager.member }, entries: [held.id] }]);
    expect(await reactivateMember(manager, { member: leaving.member })).toEqual({ ok: true });
    // He works here again: under his name nobody brings anything.
    const more = siteEntry(leaving.member, {
      counter: 3,
      thing: 'n2',
      type: 'note',
      in: 'site',
      facts: {},
    } as never);
    expect(await importPackage(manager, await packedWith(manager, inspection, more))).toMatchObject(
      {
        ok: false,
        faults: [{ expected: 'nobody of this office, or an entry its author delivered here' }],
      },
    );
  });
});

/** A package of an inspection with an entry more: what a device writes that held it. */
async function packedWith(session: Session, inspection: string, entry: unknown): Promise<Buffer> {
  const { packageOf, writePackage } = await import('@/server/package-file');
  const stored = (await readInspection(session, inspection))!;
  expect(await exportPackage(session, inspection)).toBeDefined();
  return writePackage(
    packageOf({ ...stored, entries: [...stored.entries, entry as never] }, 'x'),
    [],
  );
}

describe('a password', () => {
  test('changed by the old one: every other session ends', async () => {
    const [here, there] = [await signedIn(1), await signedIn(1)];
    const session = (await findSession(here))!;
    expect(
      await changePassword(session, { password: 'not-this-one', wanted: 'a-new-long-word' }),
    ).toEqual({ ok: false, faults: ['This is not your password. Nothing was changed.'] });
    expect(await changePassword(session, { password: word, wanted: 'short' })).toMatchObject({
      ok: false,
    });
    expect(await changePassword(session, { password: word, wanted: 'a-new-long-word' })).toEqual({
      ok: true,
    });
    expect(await findSession(there)).toBeUndefined();
    expect(await findSession(here)).toBeDefined();
    expect(await changePassword(session, { password: 'a-new-long-word', wanted: word })).toEqual({
      ok: true,
    });
  });

  test('forgotten: a letter to whoever has the address, and the same answer to everybody', async () => {
    const { email } = office.members[1]!;
    const before = (await listLetters(manager)).length;
    const nobody = await askReset(`no-${randomUUID()}@test.example`, 'unknown', origin);
    expect(await askReset(email.toUpperCase(), 'unknown', origin)).toEqual(nobody);
    expect((await listLetters(manager)).length).toBe(before + 1);
    for (let more = 0; more < 5; more += 1) await askReset(email, 'unknown', origin);
    expect((await listLetters(manager)).length).toBe(before + 3);
    // Twenty minutes later somebody signs in, of whom attempts count over a quarter of an hour alone.
    await asOwner(
      `update sign_in_attempts set at = at - interval '20 minutes' where key like 'reset-to:%'`,
    );
    await signIn({ email, password: 'not-this-one' });
    await askReset(email, 'unknown', origin);
    expect((await listLetters(manager)).length).toBe(before + 3);
  });

  test('set by a link once, within a day; every session and every other link ends', async () => {
    const member = office.members[1]!;
    const token = await signedIn(1);
    const make = async () => {
      const made = await makeReset(manager, { member: member.id }, origin);
      if (!made.ok) throw new Error(made.faults.join());
      return tokenOf(made.url);
    };
    const [one, another, old] = [await make(), await make(), await make()];
    expect(await findReset(one)).toMatchObject({ email: member.email });
    await asOwner(
      `update password_resets set made_at = now() - interval '25 hours' where token_hash = sha256(convert_to($1, 'UTF8'))`,
      [old],
    );
    expect(await findReset(old)).toBeUndefined();
    expect(await resetPassword(one, { password: 'short' })).toMatchObject({ ok: false });
    expect(await resetPassword(one, { password: word })).toEqual({ ok: true });
    expect(await findSession(token)).toBeUndefined();
    for (const used of [one, another, old])
      expect(await resetPassword(used, { password: word })).toBeUndefined();
  });
});

describe('sessions', () => {
  test('are listed with their device, and ended one by one or all others', async () => {
    const email = office.members[1]!.email;
    const from = { address: 'unknown', device: undefined, words: 'Chromium on Linux' };
    await signIn({ email, password: word }, from);
    const here = await signedIn(1);
    const session = (await findSession(here))!;
    const { sessions } = await readAccount(session);
    const other = sessions.find(({ device }) => device === 'Chromium on Linux')!;
    expect(await endOwnSession(session, { session: other.id })).toEqual({ ok: true });
    expect(await endOwnSession(session, { session: other.id })).toMatchObject({ absent: true });
    expect(await endOwnSession({ ...manager, id: 'x' }, { session: session.id })).toMatchObject({
      absent: true,
    });
    expect(await endOwnSession(session, { session: 'others' })).toEqual({ ok: true });
    expect((await readAccount(session)).sessions.map(({ id }) => id)).toEqual([session.id]);
  });

  test('ended by somebody it is known of them, by their token alone; ended by themselves it is not', async () => {
    const [lost, used, other] = [await signedIn(1), await signedIn(1), await signedIn(1)];
    const session = (await findSession(used))!;
    expect(await wasEnded(lost)).toBe(false);
    const { id } = (await findSession(lost))!;
    expect(await endOwnSession(session, { session: id })).toEqual({ ok: true });
    expect(await wasEnded(lost)).toBe(true);
    expect(await wasEnded(used)).toBe(false);
    await asOwner(`update sessions set expires_at = now() - interval '1 minute' where id = $1`, [
      (await findSession(other))!.id,
    ]);
    await inTransaction((tx) => oneDropOfExpired(tx));
    expect([await findSession(other), await wasEnded(other)]).toEqual([undefined, false]);
    for (const strange of [undefined, '', 'x', 'a'.repeat(5000)])
      expect(await wasEnded(strange)).toBe(false);
    // It is not known for longer than any session lasts.
    await asOwner(`update ended_sessions set at = now() - interval '91 days'`);
    await endOwnSession(session, { session: 'others' });
    expect(await wasEnded(lost)).toBe(false);
    await signOut(used);
    expect(await wasEnded(used)).toBe(true);
  });

  test('run on while they are used, end after two weeks without, and never outlast ninety days', async () => {
    const token = await signedIn(1);
    const { id } = (await findSession(token))!;
    const at = (change: string) => asOwner(`update sessions set ${change} where id = $1`, [id]);
    const days = async () => {
      const client = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
      await client.connect();
      await client.query(`select set_config('east_gate.door', 'open', false)`);
      const { rows } = await client.query<{ days: number }>(
        `select round(extract(epoch from expires_at - now()) / 86400)::integer as days from sessions where id = $1`,
        [id],
      );
      await client.end();
      return rows[0]?.days;
    };
    expect(await days()).toBe(14);
    await at(`used_at = now() - interval '10 days', expires_at = now() + interval '4 days'`);
    expect(await findSession(token)).toBeDefined();
    expect(await days()).toBe(14);
    await at(`created_at = now() - interval '85 days', used_at = now() - interval '2 hours'`);
    expect(await findSession(token)).toBeDefined();
    expect(await days()).toBe(5);
    await at(`expires_at = now() - interval '1 minute'`);
    expect(await findSession(token)).toBeUndefined();
    await inTransaction(oneDropOfExpired);
    expect(await days()).toBeUndefined();
  });
});

describe('a licence', () => {
  test('past its last day signs nothing, on the day of the office', async () => {
    const session = { ...office.session(1), licenceExpires: '2026-11-29' };
    const inspection = `licence-${randomUUID()}`;
    await deliverEntries(session, { inspection, entries: [siteEntry(session.member)] });
    const issue = (now: string) =>
      issueReport(
        session,
        inspection,
        { kind: 'report', password: word, changes: '' },
        new Date(now),
      );
    const late = await issue('2026-11-30T00:30:00Z');
    expect(late).toMatchObject({
      ok: false,
      faults: [expect.stringContaining('expired on 29 November 2026')],
    });
    const onIt = await issue('2026-11-29T23:30:00Z');
    expect(JSON.stringify(onIt)).not.toContain('expired');
  });

  test('and name are one’s own to change, and are written down', async () => {
    const session = { ...office.session(1) };
    expect(
      await changeProfile(session, {
        name: 'New Name',
        licence: 'ML-5',
        licenceExpires: '2031-05-01',
      }),
    ).toEqual({ ok: true });
    expect((await readAccount(session)).person).toMatchObject({
      name: 'New Name',
      licence: 'ML-5',
      licence_expires: '2031-05-01',
    });
    const [deed] = await listAudit(manager);
    expect(deed).toMatchObject({
      member_id: session.member,
      did: 'profile-changed',
      about: 'New Name, licence ML-5, until 2031-05-01',
    });
  });

  test('what was written down of who did what cannot be changed or removed by the application', async () => {
    const { inOrganisation } = await import('@/server/db/connect');
    for (const text of [
      'update audit_events set about = $1',
      'delete from audit_events where about = $1',
    ])
      await expect(
        inOrganisation(manager.organisation, (tx) => tx.query(text, ['x'])),
      ).rejects.toMatchObject({ code: '42501' });
  });
});
