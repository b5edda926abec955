import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import sharp from 'sharp';
import { idsFrom, Logbook, type InspectionPackage } from '@/core';
import type { Letterhead } from '@/core/codes/settings/letterhead';
import { plainLetterhead } from '@/core/codes/settings/letterhead';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { issueReport } from '@/server/commands/issue-report';
import { issuedSheetOf, readIssued, sealedZip } from '@/server/commands/issued-report';
import { readLetterhead, saveLetterhead } from '@/server/commands/letterhead';
import { storePicture } from '@/server/commands/pictures';
import { readReport } from '@/server/commands/read-report';
import { importPackage } from '@/server/commands/transfer-package';
import { verifyReport } from '@/server/commands/verify-report';
import { closePool } from '@/server/db/connect';
import { readPackage } from '@/server/package-file';
import type { Session } from '@/server/session';
import type { TestOffice } from './office';
import { seedOffices, word } from './office';

jest.setTimeout(120_000);
let offices: TestOffice[];
let mine: Session;
let letterhead: Letterhead;
let report: string;
const inspection = `headed-${randomUUID()}`;

beforeAll(async () => {
  offices = await seedOffices(2, 1);
  mine = offices[0]!.session();
  const stored = await storePicture(
    mine,
    await sharp({ create: { width: 300, height: 90, channels: 3, background: '#204060' } })
      .png()
      .toBuffer(),
  );
  if (!stored.ok) throw new Error(stored.reason);
  letterhead = {
    ...plainLetterhead,
    address: 'Lock House\nMarrow Lock',
    licence: 'Office licence 12',
    logo: { digest: stored.digest, width: 300, height: 90 },
    terms: { version: 0, text: 'Payment within 30 days.' },
    paper: 'letter',
    dates: 'month-first',
  };
  const book = new Logbook(
    {
      newId: idsFrom('lh-'),
      device: 'tablet',
      author: mine.member,
      at: '2026-11-25T11:00:00+00:00',
    },
    lockKeepersHouse(mine.member).entries,
  );
  book.observe('lock-main', { toldWhom: 'The owner, in person' });
  for (let from = 0; from < book.entries.length; from += 400)
    await deliverEntries(mine, { inspection, entries: book.entries.slice(from, from + 400) });
});
afterAll(closePool);

const issue = async (changes = '') => {
  const issued = await issueReport(
    mine,
    inspection,
    { kind: 'report', password: word, changes },
    new Date('2026-11-26T10:00:00Z'),
  );
  if (!issued?.ok) throw new Error(JSON.stringify(issued));
  return issued;
};

describe('a letterhead', () => {
  test('stands on drafts and, as it is at issue, on the report, sealed', async () => {
    expect(await saveLetterhead(mine, { letterhead, version: 0 })).toEqual({ ok: true });
    const draft = await readReport(mine, inspection);
    expect(draft!.report.letterhead).toMatchObject({ terms: { version: 1 }, paper: 'letter' });
    const { id, digest } = await issue();
    report = id;
    const issued = (await readIssued(mine.organisation, id))!;
    const blocks = issuedSheetOf(issued, 'client', 'paper').blocks;
    expect(blocks[0]).toMatchObject({
      kind: 'letterhead',
      lines: ['Lock House', 'Marrow Lock', 'Office licence 12'],
      logo: { digest: letterhead.logo!.digest },
    });
    expect(JSON.stringify(blocks)).toContain('issued November 26, 2026');
    expect(JSON.stringify(blocks)).toContain('Terms, version 1');
    const document = JSON.parse(issued.row.package) as InspectionPackage;
    expect(document.letterhead).toMatchObject({
      address: letterhead.address,
      terms: { version: 1 },
    });
    expect(await verifyReport(mine, id, digest)).toMatchObject({ sealed: true, differences: [] });
  });

  test('changed afterwards leaves what was issued as it reads; a revision takes the new one', async () => {
    const { version } = await readLetterhead(mine);
    const next = { ...letterhead, terms: { version: 1, text: 'Payment at once.' }, logo: null };
    expect(await saveLetterhead(mine, { letterhead: next, version })).toEqual({ ok: true });
    const before = (await readIssued(mine.organisation, report))!;
    expect(JSON.stringify(issuedSheetOf(before, 'client', 'paper').blocks)).toContain(
      'within 30 days',
    );
    expect(await verifyReport(mine, report, before.row.digest)).toMatchObject({ sealed: true });
    const revision = await issue('New terms.');
    const after = (await readIssued(mine.organisation, revision.id))!;
    expect(after.report.letterhead).toMatchObject({ terms: { version: 2 } });
    expect(after.report.letterhead!.logo).toBeUndefined();
  });

  test('goes along in the package with its sign; loaded elsewhere it is nobody’s there', async () => {
    const issued = (await readIssued(mine.organisation, report))!;
    const zip = await sealedZip(mine.organisation, issued);
    const read = await readPackage(zip);
    if (!read.ok) throw new Error(JSON.stringify(read.faults));
    expect([...read.value.pictures.keys()]).toContain(letterhead.logo!.digest);
    const other = offices[1]!.session();
    expect(await importPackage(other, zip)).toMatchObject({ ok: true });
    expect((await readReport(other, inspection))!.report.letterhead).toBeUndefined();
    expect((await readLetterhead(other)).letterhead).toEqual(plainLetterhead);
  });

  test('that another changed meanwhile is not overwritten; a sign that is not here is refused', async () => {
    expect(await saveLetterhead(mine, { letterhead, version: 0 })).toMatchObject({
      ok: false,
      faults: [expect.stringContaining('Somebody else changed the letterhead')],
    });
    const other = offices[1]!.session();
    const logo = { digest: 'e'.repeat(64), width: 1, height: 1 };
    expect(
      await saveLetterhead(other, { letterhead: { ...plainLetterhead, logo }, version: 0 }),
    ).toMatchObject({ ok: false, faults: [expect.stringContaining('a picture of this office')] });
    expect(
      await saveLetterhead(other, { letterhead: { ...plainLetterhead, paper: 'a3' }, version: 0 }),
    ).toMatchObject({ ok: false });
  });

  test('with one word of it changed in the store the report is told as another', async () => {
    const { default: pg } = await import('pg');
    const client = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
    await client.connect();
    await client.query(`select set_config('east_gate.door', 'open', false)`);
    await client.query(
      `update issued_reports set package = replace(package, 'Office licence 12', 'Office licence 13') where id = $1`,
      [report],
    );
    await client.end();
    const issued = (await readIssued(mine.organisation, report))!;
    expect(await verifyReport(mine, report, issued.row.digest)).toMatchObject({ sealed: false });
  });
});
