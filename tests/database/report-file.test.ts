import { permissions } from '@/core/vocabulary/permission';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { hash } from '@node-rs/argon2';
import pg from 'pg';
import { startingSettings } from '@/core';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { askReportFile, readReportFile, waitForReportFile } from '@/server/commands/report-file';
import { closePool, inOrganisation } from '@/server/db/connect';
import { insertJob } from '@/server/db/queue';
import { maybeOneReportFile, oneReportFileStep } from '@/server/db/report-files';
import { seedOrganisations } from '@/server/db/seed';
import { osierCottage } from '@/server/demo/osier-cottage';
import { makeReportFile } from '@/server/jobs/make-report-file';
import type { Session } from '@/server/session';
import { startWorker } from '../server';

jest.setTimeout(150_000);

const mark = randomUUID().slice(0, 8);
const organisation = randomUUID();
const session: Session = {
  organisation,
  organisationName: `Files ${mark}`,
  member: `m-${mark}`,
  name: 'Ines Marrable',
  licence: '',
  may: permissions,
};
const inspection = `files-${mark}`;
const ask = (audience: 'client' | 'electrician' | 'record' = 'client') =>
  askReportFile(organisation, { inspection, audience });
const jobs = () =>
  inOrganisation(organisation, async (tx) => {
    const { rows } = await tx.query<{ state: string; file: string; id: string }>(
      `select id, state, data ->> 'file' as file from queue.job
       where name = 'report-file' and data ->> 'organisation' = $1::text order by created_on`,
      [organisation],
    );
    return rows;
  });
const asOwner = async (text: string, values: unknown[]) => {
  const client = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
  await client.connect();
  await client.query(text, values);
  await client.end();
};

beforeAll(async () => {
  await seedOrganisations(process.env.DATABASE_OWNER_URL!, [
    {
      id: organisation,
      name: session.organisationName,
      settings: startingSettings(session.organisationName),
      members: [
        {
          id: session.member,
          email: `${session.member}@test.example`,
          name: session.name,
          licence: '',
          passwordHash: await hash('a-long-password'),
        },
      ],
    },
  ]);
  const entries = osierCottage(session.member).entries.map((entry) => ({
    ...entry,
    id: `${mark}-${entry.id}`,
  }));
  for (let from = 0; from < entries.length; from += 400)
    await deliverEntries(session, { inspection, entries: entries.slice(from, from + 400) });
});
afterAll(async () => {
  await inOrganisation(organisation, (tx) =>
    tx.query(`delete from queue.job where data ->> 'organisation' = $1::text`, [organisation]),
  );
  await closePool();
});

describe('a PDF asked for', () => {
  test('is put down once, with its job, and is the same file when asked again', async () => {
    const first = await ask();
    expect(first).toMatchObject({ state: 'waiting', step: 0 });
    expect(await ask()).toEqual(first);
    expect((await jobs()).map(({ file }) => file)).toEqual([first!.id]);
    const other = await ask('electrician');
    expect(other!.id).not.toBe(first!.id);
  });
  test('whose transaction fails leaves neither file nor job', async () => {
    const before = (await jobs()).length;
    await expect(
      inOrganisation(organisation, async (tx) => {
        await insertJob(tx, 'report-file', { organisation, file: 'a'.repeat(64) });
        throw new Error('no');
      }),
    ).rejects.toThrow('no');
    expect(await jobs()).toHaveLength(before);
  });
  test('tells how far it is, and is there when it is made', async () => {
    const { id } = (await ask())!;
    await makeReportFile({ organisation, file: id });
    const made = await waitForReportFile(organisation, id, 0);
    expect(made).toMatchObject({ state: 'made', fault: '' });
    expect(made!.steps).toBeGreaterThan(10);
    expect(made!.step).toBe(made!.steps);
    const bytes = (await readReportFile(organisation, id))!;
    expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
    await makeReportFile({ organisation, file: id });
    expect((await readReportFile(organisation, id))!.equals(bytes)).toBe(true);
  });
  test('of a draft that changed is another file, and the old one goes', async () => {
    const old = (await ask())!;
    const delivered = await deliverEntries(session, {
      inspection,
      entries: [
        {
          v: 1,
          id: `${mark}-more`,
          counter: 9000,
          device: 'tablet',
          author: session.member,
          at: '2026-05-01T09:00:00+01:00',
          action: 'more',
          kind: 'observe',
          about: 'osier-site',
          facts: { present: 'The owner' },
          replaces: [],
          certainty: 'seen',
        },
      ],
    });
    expect(delivered).toMatchObject({ ok: true, deliveries: [{ outcome: 'arrived' }] });
    const fresh = (await ask())!;
    expect(fresh.id).not.toBe(old.id);
    expect(
      await inOrganisation(organisation, (tx) => maybeOneReportFile(tx, old.id)),
    ).toBeUndefined();
    await makeReportFile({ organisation, file: old.id });
  });
  test('that cannot be made says why, and may be asked for anew', async () => {
    const { id } = (await ask('record'))!;
    const client = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
    await client.connect();
    await client.query(`select set_config('east_gate.door', 'open', false)`);
    const body = `update entries set body = jsonb_set(body, '{counter}', $1::jsonb) where organisation_id = $2::uuid and id = $3::text`;
    await client.query(body, ['-1', organisation, `${mark}-more`]);
    await makeReportFile({ organisation, file: id });
    expect(await waitForReportFile(organisation, id, 0)).toMatchObject({
      state: 'failed',
      fault: expect.stringContaining('Stored entry'),
    });
    await client.query(body, ['9000', organisation, `${mark}-more`]);
    await client.end();
    expect(await ask('record')).toMatchObject({ id, state: 'waiting', fault: '' });
  });
});

test('a file that nobody made for a quarter of an hour is asked for anew, with a job of its own', async () => {
  const { id } = (await ask('electrician'))!;
  const before = (await jobs()).length;
  await inOrganisation(organisation, (tx) =>
    tx.query(
      `update report_files set state = 'making', asked_at = now() - interval '16 minutes' where id = $1::text`,
      [id],
    ),
  );
  expect(await ask('electrician')).toMatchObject({ id, state: 'waiting', step: 0 });
  expect(await jobs()).toHaveLength(before + 1);
});

describe('the queue', () => {
  test('what was waiting while nothing worked is made when something does; what a killed worker held is made by the next', async () => {
    const waiting = (await ask('client'))!;
    const held = (await ask('record'))!;
    // As a worker leaves it that lost its power half-way: taken, begun, its minute over.
    await asOwner(
      `update queue.job set state = 'active', started_on = now() - interval '5 minutes' where data ->> 'file' = $1::text`,
      [held.id],
    );
    await inOrganisation(organisation, (tx) => oneReportFileStep(tx, held.id, 3, 16));
    const worker = startWorker();
    try {
      // Another test's worker may have taken it and been killed: its minute runs out before the next has it.
      for (const { id } of [waiting, held])
        expect(await waitForReportFile(organisation, id, 100_000)).toMatchObject({ state: 'made' });
    } finally {
      worker.end();
    }
  });
});
