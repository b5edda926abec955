import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import pg from 'pg';
import type { Entry } from '@/core/record/entries/entry';
import { assess } from '@/core';
import { issueCheck } from '@/core/show/report/issue-check';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { storeFilePart } from '@/server/commands/file-part';
import { readInspection } from '@/server/commands/read-inspection';
import { readSound, storeSound } from '@/server/commands/sounds';
import { exportPackage, importPackage } from '@/server/commands/transfer-package';
import { closePool } from '@/server/db/connect';
import { closeThreads } from '@/server/heavy/pool';
import { sha256Hex } from '@/server/sha256';
import type { TestOffice } from './office';
import { seedOffices, siteEntry } from './office';
import { webmSound } from './webm-sound';

jest.setTimeout(120_000);
let ours: TestOffice;
let theirs: TestOffice;
beforeAll(async () => {
  [ours, theirs] = (await seedOffices(2)) as [TestOffice, TestOffice];
});
afterAll(async () => {
  await closePool();
  await closeThreads();
});

/** An inspection with a spoken note. */
async function spoken(digest: string, more: object = {}): Promise<string> {
  const inspection = randomUUID();
  const author = ours.members[0]!.id;
  const entries = [
    siteEntry(author, { counter: 1, thing: 'site', facts: { name: 'Weir' } } as Partial<Entry>),
    siteEntry(author, {
      counter: 2,
      thing: 'n1',
      type: 'note',
      in: 'site',
      facts: { recording: digest, recordingSeconds: 14, ...more },
    } as Partial<Entry>),
  ];
  const sent = await deliverEntries(ours.session(), { inspection, entries });
  expect(sent).toMatchObject({
    ok: true,
    deliveries: [{ outcome: 'arrived' }, { outcome: 'arrived' }],
  });
  return inspection;
}

describe('a spoken note', () => {
  test('arrives in parts, once, and is of its office alone', async () => {
    const bytes = webmSound(1000);
    const digest = sha256Hex(bytes);
    const part = (from: number, to: number) =>
      storeFilePart(
        ours.session(),
        { digest, from: String(from), of: String(bytes.length) },
        bytes.subarray(from, to),
        storeSound,
      );
    expect(await part(0, 600)).toEqual({ ok: true, received: 600 });
    expect(await part(600, bytes.length)).toEqual({ ok: true, digest });
    expect(await part(0, 0)).toEqual({ ok: true, digest });
    expect((await readSound(ours.session(), digest))?.bytes.equals(bytes)).toBe(true);
    expect(await readSound(theirs.session(), digest)).toBeUndefined();
  });

  test('goes along in an open package, and is played where it is loaded', async () => {
    const bytes = webmSound();
    const stored = await storeSound(ours.session(), bytes);
    if (!stored.ok) throw new Error(stored.reason);
    const inspection = await spoken(stored.digest);
    const packed = (await exportPackage(ours.session(), inspection))!;
    const loaded = await importPackage(theirs.session(), packed.zip);
    expect(loaded).toMatchObject({ ok: true, notes: [] });
    expect((await readSound(theirs.session(), stored.digest))?.bytes.equals(bytes)).toBe(true);
  });

  test('that is not in the package is told, and one no entry names is refused', async () => {
    const inspection = await spoken('f'.repeat(64));
    const packed = (await exportPackage(ours.session(), inspection))!;
    expect(await importPackage(theirs.session(), packed.zip)).toMatchObject({
      ok: true,
      notes: ['1 spoken note of it not in the package.'],
    });
  });

  test('keeps a report back until it is written out or dismissed', async () => {
    const about = { aboutThing: 'site' };
    const inspection = await spoken('e'.repeat(64), about);
    const lineOf = async () => {
      const { entries, settings } = (await readInspection(ours.session(), inspection))!;
      return issueCheck(assess(entries, settings)).find(({ key }) => key === 'spoken')!;
    };
    expect(await lineOf()).toMatchObject({
      state: 'stops',
      says: [expect.stringMatching(/^A spoken note of 14 s on .*: the report says nothing of it/)],
    });
    const { id: _, ...observed } = siteEntry(ours.members[0]!.id);
    await deliverEntries(ours.session(), {
      inspection,
      entries: [
        {
          ...{ v: 1, id: randomUUID(), counter: 3, device: 'tablet', author: observed.author },
          ...{ at: observed.at, action: randomUUID(), kind: 'observe', about: 'n1' },
          ...{ facts: { words: 'The cover is warm.' }, certainty: 'seen', replaces: [] },
        },
      ],
    });
    expect(await lineOf()).toMatchObject({ state: 'done', says: [] });
  });

  test('what is no sound leaves nothing behind', async () => {
    const bytes = Buffer.from('<!doctype html><script>alert(1)</script>');
    expect(await storeSound(ours.session(), bytes)).toMatchObject({ ok: false });
    const owner = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
    await owner.connect();
    await owner.query(`select set_config('east_gate.door', 'open', false)`);
    const { rowCount } = await owner.query(`select 1 from sounds where digest = $1`, [
      sha256Hex(bytes),
    ]);
    await owner.end();
    expect(rowCount).toBe(0);
  });
});
