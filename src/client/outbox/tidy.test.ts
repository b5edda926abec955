import 'fake-indexeddb/auto';
import { expect, test } from '@jest/globals';
import type { Entry } from '@/core/record/entries/entry';
import { keep, openKept } from '../kept/kept';
import type { HeldState } from './held';
import { hold, openHeld } from './held';
import { tidyHeld } from './tidy';

const now = new Date('2026-06-01T09:00:00Z');
const entry = (id: string, at: string): Entry => ({
  v: 1,
  id,
  counter: 1,
  device: 'tablet',
  author: 'ines',
  at,
  action: id,
  kind: 'add',
  thing: id,
  type: 'site',
  in: null,
  facts: { name: 'House' },
  certainty: 'seen',
});

test('what arrived long ago is let go of, and nothing else', async () => {
  const db = await openHeld();
  const held = (id: string, inspection: string, state: HeldState, at = '2026-04-01T09:00:00Z') => ({
    member: 'ines',
    organisation: 'one',
    inspection,
    id,
    entry: entry(id, at),
    state,
  });
  await hold(db, [
    held('old', 'weir', 'arrived'),
    held('in-copy', 'quay', 'arrived'),
    held('not-in-copy', 'quay', 'arrived'),
    held('lately', 'weir', 'arrived', '2026-05-20T09:00:00Z'),
    held('waits', 'weir', 'waiting'),
    held('refused', 'weir', 'refused'),
    { ...held('of-another', 'weir', 'arrived'), member: 'bram' },
  ]);
  const kept = await openKept();
  await keep(kept, {
    member: 'ines',
    path: '/api/books/quay',
    sent: { opened: { entries: [{ id: 'in-copy' }] } },
    at: '2026-04-01T09:00:00Z',
    opened: '2026-04-01T09:00:00Z',
  });
  kept.close();
  const file = (digest: string, state: HeldState, arrived?: string) => ({
    ...{ member: 'ines', digest, blob: new Blob(['x']), state },
    ...(arrived && { arrived }),
  });
  await db.put('pictures', file('old', 'arrived', '2026-05-01T09:00:00Z'));
  await db.put('pictures', file('lately', 'arrived', '2026-05-25T09:00:00Z'));
  await db.put('pictures', file('of-before', 'arrived'));
  await db.put('pictures', file('waits', 'waiting'));
  await tidyHeld(db, 'ines', now);
  expect((await db.getAll('entries')).map(({ id }) => id).sort()).toEqual([
    'lately',
    'not-in-copy',
    'of-another',
    'refused',
    'waits',
  ]);
  const files = async () => (await db.getAll('pictures')).map(({ digest }) => digest).sort();
  expect(await files()).toEqual(['lately', 'of-before', 'waits']);
  // What does not say when it arrived counts from now.
  await tidyHeld(db, 'ines', new Date('2026-06-10T09:00:00Z'));
  expect(await files()).toEqual(['of-before', 'waits']);
  await tidyHeld(db, 'ines', new Date('2026-06-20T09:00:00Z'));
  expect(await files()).toEqual(['waits']);
  db.close();
});
