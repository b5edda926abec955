import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import { startingSettings } from '@/core';
import type { Settings } from '@/core/codes/settings/settings';
import type { Entry } from '@/core/record/entries/entry';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { figuresOf } from '@/server/commands/figures';
import { listDue, listInspections } from '@/server/commands/read-inspection';
import { closePool, inOrganisation } from '@/server/db/connect';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { rejudgeOffice } from '@/server/jobs/rejudge';
import type { Session } from '@/server/session';
import { seedOffices } from './office';

jest.setTimeout(120_000);

let session: Session;
let settings: Settings;
/** The lock-keeper's house as this member would have recorded it. */
const houseAs = (inspection: string): Entry[] =>
  lockKeepersHouse('x').entries.map((entry) => ({
    ...entry,
    id: `${entry.id}-${inspection}-${session.member}`,
    author: session.member,
    ...(entry.kind === 'observe' && {
      replaces: entry.replaces.map((id) => `${id}-${inspection}-${session.member}`),
    }),
  }));
const listed = async (inspection: string) =>
  (await listInspections(session)).find(({ inspection_id: id }) => id === inspection)!;
/** In whatever state: another test's worker may have taken it. */
const jobs = () =>
  inOrganisation(session.organisation, async (tx) => {
    const { rows } = await tx.query<{ jobs: number }>(
      `select count(*)::integer as jobs from queue.job
       where name = 'rejudge' and data ->> 'organisation' = $1`,
      [session.organisation],
    );
    return rows[0]!.jobs;
  });

beforeAll(async () => {
  const [office] = await seedOffices(1, 1);
  session = office!.session();
  settings = startingSettings(session.organisationName);
});
afterAll(closePool);

describe('many entries at once are taken, and judged in a job', () => {
  let entries: Entry[];
  beforeAll(() => {
    entries = houseAs('whole');
  });
  test('until then they are listed as not judged, by where they are, and to be seen to', async () => {
    expect(entries.length).toBeGreaterThan(100);
    const { deliveries } = (await deliverEntries(session, {
      inspection: 'whole',
      entries,
    })) as { deliveries: { outcome: string }[] };
    // All at once: another test's worker looks for jobs every other second.
    const [row, due, found] = await Promise.all([
      listed('whole'),
      listDue(session, '2000-01-01'),
      listInspections(session, 'lock'),
    ]);
    expect(new Set(deliveries.map(({ outcome }) => outcome))).toEqual(new Set(['arrived']));
    expect(row).toMatchObject({
      place: figuresOf(entries, settings).place,
      address: figuresOf(entries, settings).address,
      behind: true,
      stage: 'draft',
      acts_made: null,
    });
    expect(due.map(({ inspection_id: id }) => id)).toEqual(['whole']);
    expect(found.map(({ inspection_id: id }) => id)).toEqual(['whole']);
    expect(await jobs()).toBe(1);
  });
  test('the job finds what assessing them finds', async () => {
    await rejudgeOffice({ organisation: session.organisation });
    const { findings, danger_open, acts_made, seen_share } = figuresOf(entries, settings);
    const row = await listed('whole');
    expect(row).toMatchObject({
      behind: false,
      findings,
      danger_open,
      acts_made,
      entries: entries.length,
    });
    expect(row.seen_share).toBeCloseTo(seen_share, 5);
  });
  test('delivered again nothing is new, and nothing waits', async () => {
    await deliverEntries(session, { inspection: 'whole', entries });
    expect(await listed('whole')).toMatchObject({ behind: false });
    expect(await jobs()).toBe(1);
  });
  test('a tap that comes before the job has all of them judged', async () => {
    const half = houseAs('half');
    await deliverEntries(session, { inspection: 'half', entries: half.slice(0, -1) });
    expect(await listed('half')).toMatchObject({ behind: true });
    await deliverEntries(session, { inspection: 'half', entries: half.slice(-1) });
    expect(await listed('half')).toMatchObject({
      behind: false,
      findings: figuresOf(half, settings).findings,
    });
  });
  test('a few are judged at once', async () => {
    const few = houseAs('few').slice(0, 100);
    await deliverEntries(session, { inspection: 'few', entries: few });
    expect(await listed('few')).toMatchObject({
      behind: false,
      findings: figuresOf(few, settings).findings,
    });
  });
  test('one that cannot be read keeps no other from being judged', async () => {
    for (const inspection of ['broken', 'sound'])
      await deliverEntries(session, { inspection, entries: houseAs(inspection) });
    await inOrganisation(session.organisation, (tx) =>
      tx.query(`update inspections set settings = '{}' where id = 'broken'`),
    );
    await rejudgeOffice({ organisation: session.organisation });
    expect(await listed('broken')).toMatchObject({ behind: true });
    expect(await listed('sound')).toMatchObject({ behind: false });
  });
});
