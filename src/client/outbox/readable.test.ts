import 'fake-indexeddb/auto';
import { describe, expect, test } from '@jest/globals';
import type { Entry } from '@/core/record/entries/entry';
import type { Held } from './held';
import { countHeld, heldOf, hold, openHeld } from './held';
import { waiting } from './waiting';
import { heldOnDevice } from './held-by-inspection';
import { deliverWaiting } from './sender';

const entry = (id: string, counter: number): Entry => ({
  v: 1,
  id,
  counter,
  device: 'tablet',
  author: 'ines',
  at: '2026-04-14T09:41:00+01:00',
  action: id,
  kind: 'add',
  thing: `thing-${id}`,
  type: 'site',
  in: null,
  facts: { name: 'House' },
  certainty: 'seen',
});
const held = (id: string, counter: number, over: object = {}): Held => ({
  member: 'ines',
  organisation: 'one',
  inspection: 'house',
  id,
  entry: entry(id, counter),
  state: 'waiting',
  ...over,
});

/** What somebody could make of an entry on a device he has in hand, and what is said of it. */
const tampered: [string, object, RegExp][] = [
  ['is gone', { entry: null }, /changed on this device since it was recorded.*not sent/],
  ['is a text', { entry: 'e2' }, /changed on this device/],
  ['is half', { entry: { v: 1, id: 'e2' } }, /kind/],
  ['is of no kind', { entry: { ...entry('e2', 2), kind: 'forget' } }, /kind/],
  ['counts backwards', { entry: { ...entry('e2', 2), counter: -2 } }, /counter/],
  ['has another id', { entry: entry('e9', 2) }, /calls itself another entry/],
  ['is of no inspection', { inspection: 7 }, /of which inspection/],
];

describe('an entry that was changed on the device', () => {
  test.each(tampered)(
    '%s: it is set aside with the reason, the rest is sent',
    async (name, over, reason) => {
      const db = await openHeld(`tampered ${name}`);
      await hold(db, [held('e1', 1), held('e2', 2, over), held('e3', 3)]);
      const sent: string[] = [];
      const state = await deliverWaiting(db, 'ines', async (_, __, entries) => {
        sent.push(...entries.map(({ id }) => id));
        return {
          kind: 'delivered',
          results: entries.map(({ id }) => ({ id, outcome: 'arrived' })),
        };
      });
      expect(state).toBe('idle');
      expect(sent).toEqual(['e1', 'e3']);
      const { arrived, waiting: left, refused } = await countHeld(db, 'ines');
      expect([arrived, left, refused.length]).toEqual([2, 0, 1]);
      expect(refused[0]!.reason).toMatch(reason);
      // It is still there, as it is, and Today says so.
      expect(await db.get('entries', ['ines', 'e2'])).toMatchObject(over);
      const [shown] = (await heldOnDevice(db, 'ines')).inspections;
      expect(shown).toMatchObject({ refusedEntries: 1, waiting: 0 });
      expect(shown!.refused.join()).toMatch(reason);
      db.close();
    },
  );

  test('that had arrived already is left alone: the server has it', async () => {
    const db = await openHeld('tampered, arrived');
    await hold(db, [held('e1', 1, { state: 'arrived', entry: null })]);
    expect((await waiting(db, 'ines')).size).toBe(0);
    expect((await heldOf(db, 'ines', 'house'))[0]!.state).toBe('arrived');
    db.close();
  });
});
