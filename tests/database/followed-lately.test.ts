import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, expect, jest, test } from '@jest/globals';
import type { Entry } from '@/core/record/entries/entry';
import { netLoft } from '@/server/demo/net-loft';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { figuresOf } from '@/server/commands/figures';
import { forgetClient } from '@/server/commands/keeping';
import { listInspections, readInspection } from '@/server/commands/read-inspection';
import { closePool, inOrganisation } from '@/server/db/connect';
import { manyInsertedEntries } from '@/server/db/entries';
import type { Session } from '@/server/session';
import type { TestOffice } from './office';
import { seedOffices } from './office';

jest.setTimeout(120_000);
let office: TestOffice;
let session: Session;
beforeAll(async () => {
  [office] = (await seedOffices(1, 1)) as [TestOffice];
  session = office.session();
});
afterAll(closePool);

/** The net loft as one device sends it, under ids of its own. */
function loft(): Entry[] {
  const mark = randomUUID().slice(0, 8);
  const named = (id: string) => `${mark}-${id}`;
  return netLoft(session.member).entries.map((entry) => ({
    ...entry,
    id: named(entry.id),
    action: named(entry.action),
    ...(entry.kind === 'observe' && { replaces: entry.replaces.map(named) }),
    ...(entry.kind === 'undo' && { undoes: named(entry.undoes) }),
  }));
}

/** What lists show, and what follows from all entries read anew. */
async function listedAndTrue(inspection: string) {
  const stored = (await readInspection(session, inspection))!;
  const { returning: _, words: __, ...figures } = figuresOf(stored.entries, stored.settings);
  const row = (await listInspections(session)).find((one) => one.inspection_id === inspection)!;
  const listed = Object.fromEntries(
    Object.keys(figures).map((name) => [name, row[name as keyof typeof row]]),
  );
  return [
    { ...listed, seen_share: Number(row.seen_share).toFixed(5) },
    { ...figures, seen_share: figures.seen_share.toFixed(5) },
  ];
}

test('what lists show after each of many deliveries is what follows from all entries, whoever else delivered between', async () => {
  const inspection = `followed-${randomUUID()}`;
  const entries = loft();
  const sizes = [1, 1, 3, 1, 8, 2, 1, 20, 1, 5];
  for (let at = 0, round = 0; at < entries.length; round += 1) {
    const batch = entries.slice(at, at + sizes[round % sizes.length]!);
    at += batch.length;
    // Every fifth comes by another process: it stands in the store, and this one never heard of it.
    if (round % 5 === 4)
      await inOrganisation(session.organisation, (tx) =>
        manyInsertedEntries(tx, session.organisation, inspection, batch, null),
      );
    else {
      expect(await deliverEntries(session, { inspection, entries: batch })).toMatchObject({
        ok: true,
      });
      const [listed, true_] = await listedAndTrue(inspection);
      expect(listed).toEqual(true_);
    }
  }
});

test('a client forgotten meanwhile is not found again by what comes later', async () => {
  const inspection = `followed-${randomUUID()}`;
  const site = loft().find((entry) => entry.kind === 'add' && entry.type === 'site')! as Entry & {
    facts: object;
  };
  const named = {
    ...site,
    facts: { name: 'Weir cottage', client: 'Ottoline Marshbanker' },
  } as Entry;
  await deliverEntries(session, { inspection, entries: [named] });
  expect(await listInspections(session, 'Marshbanker')).toHaveLength(1);
  await forgetClient(session, { inspection });
  const note = {
    ...named,
    id: randomUUID(),
    counter: 9,
    action: randomUUID(),
    thing: 'note-1',
    type: 'note',
    in: (named as { thing?: string }).thing,
    facts: {},
  } as unknown as Entry;
  expect(await deliverEntries(session, { inspection, entries: [note] })).toMatchObject({
    deliveries: [{ outcome: 'arrived' }],
  });
  expect(await listInspections(session, 'Marshbanker')).toEqual([]);
});
