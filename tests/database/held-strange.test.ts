import 'fake-indexeddb/auto';
import { randomUUID } from 'node:crypto';
import { expect, jest, test } from '@jest/globals';
import type { Entry } from '@/core/record/entries/entry';
import { assess } from '@/core';
import { countHeld, hold, openHeld } from '@/client/outbox/held';
import { deliverWaiting } from '@/client/outbox/sender';
import { httpTransport } from '@/client/outbox/transport';
import { readInspection } from '@/server/commands/read-inspection';
import { signInCookie } from '../server';
import { siteEntry, word } from './office';
import { served } from './served';
import type { TestOffice } from './office';

jest.setTimeout(120_000);
const here = served();

test('a device that holds what is strange: what can be taken arrives, of the rest each says why, nothing is lost', async () => {
  const { server, office } = here;
  const [mine, other] = office.members as [TestOffice['members'][0], TestOffice['members'][0]];
  const transport = httpTransport(server.origin, {
    cookie: await signInCookie(server.origin, mine.email, word),
  });
  const inspection = randomUUID();
  const of = (over: object): Entry =>
    siteEntry(mine.id, { thing: `thing-${randomUUID()}`, ...over } as Partial<Entry>);
  const site = of({ counter: 1, thing: 'site', facts: { name: 'First' } });
  const known = randomUUID();
  const strange: Record<string, [Entry, RegExp | undefined]> = {
    'as it was recorded': [site, undefined],
    'of another device of the same member': [of({ counter: 2, device: 'phone' }), undefined],
    'with an id another entry has': [of({ counter: 3, id: known }), /another entry has this id/],
    'of somebody else': [{ ...of({ counter: 4 }), author: other.id }, /./],
    // It is read before all others, and nothing has to follow it.
    'with a counter from the future': [of({ counter: Number.MAX_SAFE_INTEGER }), undefined],
    'with a counter that is none': [of({ counter: 2 ** 60 }), /counter/],
    'on a day that does not exist': [of({ counter: 6, at: '2026-02-30T09:00:00+01:00' }), /exist/],
    'changed on the device': [{ ...of({ counter: 7 }), kind: 'forget' } as never, /changed/],
    'the last': [of({ counter: 8 }), undefined],
  };
  await deliverOne(transport, mine.id, office.organisation, {
    ...of({ counter: 1, facts: { name: 'Elsewhere' } }),
    id: known,
  });
  const db = await openHeld(`strange-${inspection}`);
  await hold(
    db,
    Object.values(strange).map(([entry]) => ({
      organisation: office.organisation,
      member: mine.id,
      inspection,
      id: entry.id,
      entry,
      state: 'waiting' as const,
    })),
  );
  expect(await deliverWaiting(db, mine.id, transport)).toBe('idle');
  for (const [name, [entry, reason]] of Object.entries(strange)) {
    const held = await db.get('entries', [mine.id, entry.id]);
    expect([name, held?.state]).toEqual([name, reason ? 'refused' : 'arrived']);
    if (reason) expect(held!.reason).toMatch(reason);
  }
  expect(await countHeld(db, mine.id)).toMatchObject({ waiting: 0, arrived: 4 });

  // What is recorded after all that counts on from where people are, and the device and the server read the same.
  const stored = (await readInspection(office.session(0), inspection))!;
  expect(stored.entries.map(({ id }) => id).sort()).toEqual(
    Object.values(strange)
      .flatMap(([entry, reason]) => (reason ? [] : [entry.id]))
      .sort(),
  );
  expect(() => assess(stored.entries, stored.settings)).not.toThrow();
});

async function deliverOne(
  transport: ReturnType<typeof httpTransport>,
  member: string,
  organisation: string,
  entry: Entry,
): Promise<void> {
  const db = await openHeld(`one-${entry.id}`);
  await hold(db, [
    { organisation, member, inspection: randomUUID(), id: entry.id, entry, state: 'waiting' },
  ]);
  expect(await deliverWaiting(db, member, transport)).toBe('idle');
  expect(await countHeld(db, member)).toMatchObject({ arrived: 1 });
}
