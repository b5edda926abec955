import { permissions } from '@/core/vocabulary/permission';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { hash } from '@node-rs/argon2';
import { Logbook, startingSettings } from '@/core';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { issueReport } from '@/server/commands/issue-report';
import { listRechecked } from '@/server/commands/read-inspection';
import { closePool } from '@/server/db/connect';
import { seedOrganisations } from '@/server/db/seed';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { recheckReports } from '@/server/jobs/recheck-reports';
import type { Session } from '@/server/session';
import { startWorker } from '../server';
import { onOpenClient } from './client';

jest.setTimeout(120_000);

const mark = randomUUID().slice(0, 8);
const people = ['a', 'b'].map((letter) => ({ id: randomUUID(), member: `m-${letter}-${mark}` }));
const [mine, others] = people.map(({ id, member }, at): Session => ({
  organisation: id,
  organisationName: `Rechecked ${at} ${mark}`,
  member,
  name: 'Ines Marrable',
  licence: '',
  may: permissions,
})) as [Session, Session];
const inspection = `recheck-${mark}`;
const asOwner = (text: string, values: unknown[]) =>
  onOpenClient(process.env.DATABASE_OWNER_URL, (client) => client.query(text, values));
const issue = (changes: string, at: string) =>
  issueReport(
    mine,
    inspection,
    { kind: 'report', password: 'a-long-password', changes },
    new Date(at),
  );
let report = '';

beforeAll(async () => {
  const passwordHash = await hash('a-long-password');
  await seedOrganisations(
    process.env.DATABASE_OWNER_URL!,
    [mine, others].map(({ organisation, organisationName, member }) => ({
      id: organisation,
      name: organisationName,
      settings: startingSettings(organisationName),
      members: [
        { id: member, email: `${member}@test.example`, name: member, licence: '', passwordHash },
      ],
    })),
  );
  const standing = lockKeepersHouse(mine.member).entries.map((entry) => ({
    ...entry,
    id: `${mark}-${entry.id}`,
  }));
  const book = new Logbook(
    {
      newId: () => randomUUID(),
      device: 'tablet',
      author: mine.member,
      at: '2026-11-25T11:00:00+00:00',
    },
    standing,
  );
  book.observe('lock-main', { toldWhom: 'The owner, by telephone, 11:40' });
  for (let from = 0; from < book.entries.length; from += 400)
    await deliverEntries(mine, { inspection, entries: book.entries.slice(from, from + 400) });
  const issued = await issue('', '2026-11-25T12:00:00Z');
  if (!issued?.ok) throw new Error(JSON.stringify(issued));
  report = issued.id;
});
afterAll(closePool);

/** As the report stands that rules gave which did not know of it. */
const withoutRule = (rule: string) =>
  asOwner(
    `update issued_reports set report = jsonb_set(report, '{findings}',
       (select jsonb_agg(one) from jsonb_array_elements(report -> 'findings') one where one ->> 'rule' <> $2))
     where id = $1`,
    [report, rule],
  );
const lacks = async (who = mine) =>
  (await listRechecked(who)).reports.flatMap((row) => row.lacks.map(({ key }) => key));

describe('issued reports read again by the rules as they are now', () => {
  test('before that they are counted, and nothing is said of them', async () =>
    expect(await listRechecked(mine)).toEqual({ reports: [], unread: 1 }));

  test('where the rules say the same nothing is listed, and it is read once', async () => {
    const began = new Date();
    const job = { organisation: mine.organisation };
    expect(await recheckReports(job, began)).toBe(1);
    expect(await recheckReports(job, began)).toBe(0);
    expect(await listRechecked(mine)).toEqual({ reports: [], unread: 0 });
  });

  test('an Urgent the report lacks is listed for its own organisation alone', async () => {
    await withoutRule('breaker/overcurrent');
    await recheckReports({ organisation: mine.organisation }, new Date());
    await recheckReports({ organisation: others.organisation }, new Date());
    expect((await listRechecked(mine)).reports).toMatchObject([
      {
        report_id: report,
        number: '2026-0001',
        lacks: [{ key: 'breaker/overcurrent|lock-60/t1', place: 'Breaker 5', grade: 'urgent' }],
      },
    ]);
    expect(await listRechecked(others)).toEqual({ reports: [], unread: 0 });
  });

  test('a revision that says it takes it from the list', async () => {
    expect(await issue('Breaker 5 added.', '2026-11-26T12:00:00Z')).toMatchObject({ ok: true });
    expect(await listRechecked(mine)).toEqual({ reports: [], unread: 1 });
    await recheckReports({ organisation: mine.organisation }, new Date());
    expect(await listRechecked(mine)).toEqual({ reports: [], unread: 0 });
  });

  test('one that cannot be read says so', async () => {
    await asOwner(
      `update issued_reports set package = '{}' where inspection_id = $1 and revision = 1`,
      [inspection],
    );
    await recheckReports({ organisation: mine.organisation }, new Date());
    expect((await listRechecked(mine)).reports).toMatchObject([
      { lacks: [], fault: expect.stringMatching(/\w/) },
    ]);
  });

  test('looking at the list has the worker read them', async () => {
    await asOwner(`delete from report_rechecks where organisation_id = $1`, [mine.organisation]);
    await asOwner(`delete from queue.job where name = 'recheck' and data ->> 'organisation' = $1`, [
      mine.organisation,
    ]);
    // A minute after it was asked last: it is asked for no more often.
    const now = Date.now;
    const later = jest.spyOn(Date, 'now').mockImplementation(() => now() + 61_000);
    expect((await listRechecked(mine)).unread).toBe(1);
    later.mockRestore();
    const worker = startWorker();
    try {
      const until = Date.now() + 60_000;
      while ((await listRechecked(mine)).unread > 0 && Date.now() < until)
        await new Promise((resolve) => setTimeout(resolve, 250));
    } finally {
      worker.end();
    }
    expect(await lacks()).toEqual([]);
    expect((await listRechecked(mine)).unread).toBe(0);
  });
});
