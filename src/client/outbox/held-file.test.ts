import 'fake-indexeddb/auto';
import { describe, expect, test } from '@jest/globals';
import type { Entry } from '@/core/record/entries/entry';
import { bench } from '@/core/testing/bench';
import type { Held, HeldState } from './held';
import { hold, openHeld, settle } from './held';
import { waiting } from './waiting';
import { heldOnDevice } from './held-by-inspection';
import { bringBack, heldFile } from './held-file';
import { holdPicture } from './pictures';

const entries = bench().lines('7 20 12cu kitchen').book.entries;
const digest = 'a'.repeat(64);
const heldBy = (member: string, entry: Entry, state: HeldState = 'waiting'): Held => ({
  member,
  organisation: 'org',
  inspection: 'house',
  id: entry.id,
  entry,
  state,
});

let made = 0;
async function device() {
  const db = await openHeld(`file-${(made += 1)}`);
  await hold(
    db,
    entries.map((entry) => heldBy('ines', entry)),
  );
  const blob = new Blob([new Uint8Array([1, 2, 250])], { type: 'image/jpeg' });
  await holdPicture(db, { member: 'ines', digest, blob, state: 'waiting' });
  return db;
}
const saved = async () =>
  heldFile(await device(), { member: 'ines', name: 'Ines', now: '2026-04-14T12:00:00+01:00' });
const empty = () => openHeld(`file-${(made += 1)}`);

describe('held entries as a file', () => {
  test('come back on another device as they were, each once', async () => {
    const db = await empty();
    const text = await saved();
    expect(await bringBack(db, 'ines', text)).toEqual({
      ok: true,
      entries: entries.length,
      pictures: 1,
      known: 0,
    });
    expect((await waiting(db, 'ines')).get('house')!.map(({ entry }) => entry)).toEqual(entries);
    const picture = await db.get('pictures', ['ines', digest]);
    expect([...new Uint8Array(await picture!.blob.arrayBuffer())]).toEqual([1, 2, 250]);
    expect(await bringBack(db, 'ines', text)).toEqual({
      ok: true,
      entries: 0,
      pictures: 0,
      known: entries.length + 1,
    });
  });

  test('what has arrived since is not sent again, and what was refused is', async () => {
    const db = await device();
    const text = await saved();
    await settle(db, 'ines', [
      { id: entries[0]!.id, outcome: 'arrived' },
      { id: entries[1]!.id, outcome: 'refused', reason: 'no' },
    ]);
    expect(await bringBack(db, 'ines', text)).toMatchObject({ entries: 1 });
    expect((await db.get('entries', ['ines', entries[0]!.id]))!.state).toBe('arrived');
    expect((await db.get('entries', ['ines', entries[1]!.id]))!.state).toBe('waiting');
  });

  test('arrived ones, and those of others, are not in it', async () => {
    const db = await device();
    await settle(db, 'ines', [{ id: entries[0]!.id, outcome: 'arrived' }]);
    await hold(db, [heldBy('bram', { ...entries[0]!, id: 'of-bram' })]);
    const text = await heldFile(db, { member: 'ines', name: 'Ines', now: '' });
    const { entries: inIt } = JSON.parse(text) as { entries: { entry: Entry }[] };
    expect(inIt.map(({ entry }) => entry.id).sort()).toEqual(
      entries
        .slice(1)
        .map(({ id }) => id)
        .sort(),
    );
  });

  test.each([
    ['is somebody else’s', (text: string) => text, 'bram', /recorded by Ines/],
    [
      'was changed',
      (text: string) => text.replace('"counter":1,', '"counter":91,'),
      'ines',
      /was changed/,
    ],
    ['was cut off', (text: string) => text.slice(0, -40), 'ines', /no file of held entries/],
    ['is something else', () => '{"format":"other"}', 'ines', /no file of held entries/],
    ['is no JSON', () => 'hello', 'ines', /no file of held entries/],
  ])('one that %s is refused as a whole', async (_, change, member, says) => {
    const db = await empty();
    const back = await bringBack(db, member, change(await saved()));
    expect(back).toMatchObject({ ok: false });
    expect('fault' in back && back.fault).toMatch(says);
    expect(await db.getAll('entries')).toEqual([]);
    expect(await db.getAll('pictures')).toEqual([]);
  });
});

describe('what is on this device and has not arrived', () => {
  test('by inspection, with the name the place was given last, whether it was begun here, and who waits', async () => {
    const db = await device();
    const site = entries.find((entry) => entry.kind === 'add' && entry.type === 'site')!;
    const named: Entry = {
      ...site,
      id: 'named',
      counter: 900,
      kind: 'observe',
      about: 'site',
      facts: { name: 'Pump house' },
      replaces: [],
    } as unknown as Entry;
    await hold(db, [
      heldBy('ines', named),
      heldBy('bram', { ...entries[0]!, id: 'of-bram' }),
      { ...heldBy('ines', { ...entries[1]!, id: 'bad' }, 'refused'), reason: 'Too long.' },
    ]);
    const held = await heldOnDevice(db, 'ines');
    expect(held).toMatchObject({ pictures: 1, pictureFaults: [], forOthers: 1 });
    expect(held.inspections).toEqual([
      {
        inspection: 'house',
        place: 'Pump house',
        begun: true,
        waiting: entries.length + 1,
        refused: ['Too long.'],
        refusedEntries: 1,
      },
    ]);
  });

  test('nothing of what has arrived', async () => {
    const db = await empty();
    await hold(
      db,
      entries.map((entry) => heldBy('ines', entry, 'arrived')),
    );
    expect((await heldOnDevice(db, 'ines')).inspections).toEqual([]);
  });
});
