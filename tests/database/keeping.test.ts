import { execFileSync } from 'node:child_process';
import { createWriteStream, mkdtempSync } from 'node:fs';
import { randomUUID } from 'node:crypto';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import pg from 'pg';
import { idsFrom, Logbook } from '@/core';
import { removedWords } from '@/core/record/erased';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { exportOffice } from '@/server/commands/export-office';
import { issueReport } from '@/server/commands/issue-report';
import { issuedSheetOf, readIssued } from '@/server/commands/issued-report';
import { forgetClient, readKeeping, saveKeeping } from '@/server/commands/keeping';
import { listLetters } from '@/server/commands/letters';
import { acknowledge, listLinks, openLink, sendReport } from '@/server/commands/links';
import { listInspections, readInspection, readToday } from '@/server/commands/read-inspection';
import { readReport } from '@/server/commands/read-report';
import { askReportFile, readReportFile } from '@/server/commands/report-file';
import { exportPackage } from '@/server/commands/transfer-package';
import { verifyReport } from '@/server/commands/verify-report';
import { closePool, inTransaction } from '@/server/db/connect';
import { oneDropOfOld } from '@/server/db/erasures';
import { makeReportFile } from '@/server/jobs/make-report-file';
import type { Session } from '@/server/session';
import { audiences } from '@/core/show/report/audience';
import type { TestOffice } from './office';
import { seedOffices, siteEntry, word } from './office';

jest.setTimeout(180_000);

const client = 'Ottoline Quaybrook';
const told = `${client}, on the doorstep`;
const inspection = `forgotten-${randomUUID()}`;
let offices: TestOffice[];
let mine: Session;
let report: { id: string; digest: string };
let token: string;

beforeAll(async () => {
  process.env.EAST_GATE_DEMO = '1';
  offices = await seedOffices(2, 1);
  mine = offices[0]!.session();
  const book = new Logbook(
    {
      newId: idsFrom('fo-'),
      device: 'tablet',
      author: mine.member,
      at: '2026-11-25T11:00:00+00:00',
    },
    lockKeepersHouse(mine.member).entries,
  );
  book.observe('lock-main', { toldWhom: told });
  book.observe(book.site.site!, { client });
  for (let from = 0; from < book.entries.length; from += 400)
    await deliverEntries(mine, { inspection, entries: book.entries.slice(from, from + 400) });
  report = await issue('2026-11-26T10:00:00Z');
  const sent = await sendReport(
    mine,
    { report: report.id, to: 'ottoline@quaybrook.example', days: 30 },
    'https://east.example',
  );
  if (!sent?.ok) throw new Error(JSON.stringify(sent));
  token = sent.url.split('/').at(-1)!;
  await acknowledge(token, 'unknown', client);
});
afterAll(closePool);

async function issue(at: string, changes = ''): Promise<{ id: string; digest: string }> {
  const issued = await issueReport(
    mine,
    inspection,
    { kind: 'report', password: word, changes },
    new Date(at),
  );
  if (!issued?.ok) throw new Error(JSON.stringify(issued));
  return issued;
}

/** Everything anybody is shown of it. */
async function shown(): Promise<string> {
  const issued = (await readIssued(mine.organisation, report.id))!;
  return JSON.stringify([
    await readInspection(mine, inspection),
    (await readReport(mine, inspection))!.report,
    issued.report,
    audiences.map((audience) => issuedSheetOf(issued, audience, 'paper')),
    (await openLink(token, 'unknown'))?.report,
    await listLinks(mine, inspection),
    await listLetters(mine),
    (await exportPackage(mine, inspection))!.title,
  ]);
}

describe('a client who asks to be forgotten', () => {
  test('stands in what is shown before, is found, and is nowhere shown or found afterwards', async () => {
    const before = await shown();
    for (const text of [client, told, 'ottoline@quaybrook.example']) expect(before).toContain(text);
    expect(await listInspections(mine, 'Quaybrook')).toHaveLength(1);
    expect(await forgetClient(mine, { inspection })).toEqual({ ok: true });
    const after = await shown();
    for (const text of ['Ottoline', 'Quaybrook', 'quaybrook']) expect(after).not.toContain(text);
    expect(after).toContain(removedWords);
    expect(await listInspections(mine, 'Quaybrook')).toEqual([]);
  });

  test('leaves the sealed report true to its seal, and marked where something was removed', async () => {
    expect(await verifyReport(mine, report.id, report.digest)).toMatchObject({
      sealed: true,
      differences: [],
    });
    const issued = (await readIssued(mine.organisation, report.id))!;
    for (const audience of audiences) {
      const [first] = issuedSheetOf(issued, audience, 'paper').blocks;
      expect(JSON.stringify(first)).toContain('The client asked to be forgotten');
    }
  });

  test('is in no PDF that is made of it, nor is the sealed package attached', async () => {
    const file = await askReportFile(mine.organisation, { report: report.id, audience: 'client' });
    await makeReportFile({ organisation: mine.organisation, file: file!.id });
    const bytes = (await readReportFile(mine.organisation, file!.id))!;
    expect(bytes.includes('EmbeddedFile')).toBe(false);
  });

  test('is named in no report issued afterwards, which is true to its seal too', async () => {
    const revision = await issue('2026-11-27T10:00:00Z', 'The client asked to be forgotten.');
    const issued = (await readIssued(mine.organisation, revision.id))!;
    expect(issued.row.package).not.toContain('Quaybrook');
    expect(await verifyReport(mine, revision.id, revision.digest)).toMatchObject({
      sealed: true,
      differences: [],
    });
  });

  test('of another office stays', async () => {
    expect(await forgetClient(offices[1]!.session(), { inspection })).toMatchObject({
      absent: true,
    });
  });
});

describe('how long', () => {
  test('is set within bounds; older letters, openings and deeds leave, of this office by its days', async () => {
    expect(
      await saveKeeping(mine, { lettersDays: 3, visitsDays: 100, auditDays: 100 }),
    ).toMatchObject({
      ok: false,
    });
    const keeping = { lettersDays: 60, visitsDays: 100, auditDays: 100 };
    expect(await saveKeeping(mine, keeping)).toEqual({ ok: true });
    // What was kept before devices were says nothing of them.
    expect(await readKeeping(mine)).toEqual({ ...keeping, deviceDays: 30 });
    for (const deviceDays of [0, 91, 1.5])
      expect(await saveKeeping(mine, { ...keeping, deviceDays })).toMatchObject({ ok: false });
    expect(await saveKeeping(mine, { ...keeping, deviceDays: 7 })).toEqual({ ok: true });
    expect((await readToday(mine, '', '2026-01-01')).deviceDays).toBe(7);
    expect((await readToday(mine, 'weir', '2026-01-01')).deviceDays).toBe(7);
    const owner = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
    await owner.connect();
    await owner.query(`select set_config('east_gate.door', 'open', false)`);
    const count = async (table: string) =>
      (
        await owner.query<{ n: number }>(
          `select count(*)::integer as n from ${table} where organisation_id = $1`,
          [mine.organisation],
        )
      ).rows[0]!.n;
    const [letters, visits, deeds] = [
      await count('mailbox'),
      await count('link_visits'),
      await count('audit_events'),
    ];
    expect(Math.min(letters, visits, deeds)).toBeGreaterThan(0);
    await owner.query(
      `update mailbox set sent_at = now() - interval '61 days' where organisation_id = $1`,
      [mine.organisation],
    );
    await owner.query(
      `update link_visits set at = now() - interval '99 days' where organisation_id = $1`,
      [mine.organisation],
    );
    await owner.query(
      `update audit_events set at = now() - interval '101 days' where organisation_id = $1 and number = (select min(number) from audit_events where organisation_id = $1)`,
      [mine.organisation],
    );
    await inTransaction((tx) =>
      oneDropOfOld(tx, { lettersDays: 180, visitsDays: 1095, auditDays: 1095 }),
    );
    expect([
      await count('mailbox'),
      await count('link_visits'),
      await count('audit_events'),
    ]).toEqual([0, visits, deeds - 1]);
    await owner.end();
  });
});

describe('a whole office', () => {
  test('goes out in one file and into another office, every inspection the same', async () => {
    const [from, to] = (await seedOffices(2, 1)) as [TestOffice, TestOffice];
    const ids = [1, 2, 3].map(() => `office-${randomUUID()}`);
    for (const id of ids)
      await deliverEntries(from.session(), {
        inspection: id,
        entries: [siteEntry(from.members[0]!.id, { facts: { name: `Place of ${id}` } })],
      });
    const file = join(mkdtempSync(join(tmpdir(), 'office-')), 'office.zip');
    await pipeline((await exportOffice(from.session())).zip, createWriteStream(file));
    const said = execFileSync('bin/import-office', [file, to.members[0]!.email], {
      encoding: 'utf8',
      env: { ...process.env, NODE_OPTIONS: '' },
    });
    expect(said).toContain('3 inspections loaded for Office 1');
    for (const id of ids) {
      const [there, here] = [
        await readInspection(from.session(), id),
        await readInspection(to.session(), id),
      ];
      expect(here!.entries).toEqual(there!.entries);
    }
    expect(() =>
      execFileSync('bin/import-office', [file, 'nobody@test.example'], {
        encoding: 'utf8',
        env: { ...process.env, NODE_OPTIONS: '' },
        stdio: 'pipe',
      }),
    ).toThrow(/Nobody signs in as nobody@test.example here/);
  });
});
