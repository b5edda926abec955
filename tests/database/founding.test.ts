import { randomBytes, randomUUID } from 'node:crypto';
import { afterAll, describe, expect, test } from '@jest/globals';
import pg from 'pg';
import { foundOffice, isFoundingOpen } from '@/server/commands/found-office';
import { readSettings } from '@/server/commands/read-inspection';
import { findSession, signIn } from '@/server/commands/sign-in';
import { closePool } from '@/server/db/connect';
import { insertFounding, whoIsThere } from '@/server/db/first-start';
import { demoOrganisations } from '@/server/demo/people';
import { sha256 } from '@/server/sha256';

const owner = process.env.DATABASE_OWNER_URL!;
const mark = randomUUID().slice(0, 8);
afterAll(closePool);

async function link(): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  await insertFounding(owner, sha256(token));
  return token;
}
const office = (more: object = {}) => ({
  office: `Founded ${mark}`,
  timeZone: 'Pacific/Auckland',
  lengths: 'us',
  address: 'Lock House\nMarrow Lock',
  paper: 'letter',
  dates: 'month-first',
  name: 'Perpetua Lamb',
  email: `p-${randomUUID()}@office.example`,
  licence: 'ML-9',
  password: 'a-long-password',
  ...more,
});

describe('an office', () => {
  test('is founded by its link, once; its first member signs in', async () => {
    const token = await link();
    expect(await isFoundingOpen(token)).toBe(true);
    const typed = office();
    expect(await foundOffice(token, typed)).toEqual({ ok: true });
    expect(await isFoundingOpen(token)).toBe(false);
    expect(await foundOffice(token, office())).toBeUndefined();
    const signed = await signIn(typed);
    if (signed.outcome !== 'signed-in') throw new Error(signed.outcome);
    const session = (await findSession(signed.token))!;
    expect(session).toMatchObject({
      organisationName: typed.office,
      name: 'Perpetua Lamb',
      licence: 'ML-9',
    });
    expect(await readSettings(session)).toMatchObject({
      organisation: typed.office,
      timeZone: 'Pacific/Auckland',
      lengths: 'us',
    });
  });

  test.each([
    ['a short password', { password: 'short' }, /password: expected at least 12 characters/],
    ['no name', { name: ' ' }, /name/],
    ['an address that is none', { email: 'nobody' }, /email: expected an e-mail address/],
    ['no such time zone', { timeZone: 'Nowhere' }, /timeZone: expected a time zone/],
  ])('%s is told, and the link goes on working', async (_, more, fault) => {
    const token = await link();
    const founded = await foundOffice(token, office(more));
    expect(founded?.ok === false && founded.faults.join()).toMatch(fault);
    expect(await isFoundingOpen(token)).toBe(true);
  });

  test('an address that is somebody’s is told, nothing is founded', async () => {
    const typed = office();
    await foundOffice(await link(), typed);
    const token = await link();
    expect(await foundOffice(token, { ...typed, office: 'Another' })).toEqual({
      ok: false,
      faults: ['Somebody signs in with this e-mail address already.'],
    });
    expect(await isFoundingOpen(token)).toBe(true);
  });

  test('twice at once: one of them', async () => {
    const token = await link();
    const both = await Promise.all([foundOffice(token, office()), foundOffice(token, office())]);
    expect(both.filter((one) => one?.ok)).toHaveLength(1);
  });

  test('guessed, replaced by a newer link, or a week old: there is nothing', async () => {
    expect(await foundOffice('g'.repeat(43), office())).toBeUndefined();
    const [first, second] = [await link(), await link()];
    expect([await isFoundingOpen(first), await isFoundingOpen(second)]).toEqual([false, true]);
    const client = new pg.Client({ connectionString: owner });
    await client.connect();
    await client.query(`select set_config('east_gate.door', 'open', false)`);
    await client.query(
      `update foundings set made_at = now() - interval '8 days' where token_hash = $1::bytea`,
      [sha256(second)],
    );
    await client.end();
    expect(await foundOffice(second, office())).toBeUndefined();
  });

  test('the demo is known, so that it is never served in earnest', async () => {
    const { demo, offices } = await whoIsThere(owner, [demoOrganisations[0].id]);
    expect([demo, offices > 1]).toEqual([true, true]);
    expect((await whoIsThere(owner, [randomUUID()])).demo).toBe(false);
  });
});
