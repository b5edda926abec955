import 'fake-indexeddb/auto';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { describe, expect, test } from '@jest/globals';
import { openDB } from 'idb';
import type { Held } from './held';
import { countHeld, hold, openHeld } from './held';
import { waiting } from './waiting';
import { deliverWaiting } from './sender';
import { httpTransport } from './transport';
import { deliverPictures, heldPicture, holdPicture } from './pictures';
import type { SendPicture } from './send-picture';
import { sendPictureOverHttp } from './send-picture';

/** An entry as the first version of this store kept it. */
const first: Held = {
  member: 'ines',
  organisation: 'one',
  inspection: 'house',
  id: 'e1',
  entry: {
    v: 1,
    id: 'e1',
    counter: 1,
    device: 'tablet',
    author: 'ines',
    at: '2026-04-14T09:41:00+01:00',
    action: 'a1',
    kind: 'add',
    thing: 'site',
    type: 'site',
    in: null,
    facts: { name: 'House' },
    certainty: 'seen',
  },
  state: 'waiting',
};

test('what the first version held is still held and waits', async () => {
  const old = await openDB('from-version-1', 1, {
    upgrade(db) {
      const store = db.createObjectStore('entries', { keyPath: ['member', 'id'] });
      store.createIndex('by-state', ['member', 'state']);
      store.createIndex('by-inspection', ['member', 'inspection']);
    },
  });
  await old.put('entries', first);
  old.close();
  const db = await openHeld('from-version-1');
  expect((await waiting(db, 'ines')).get('house')).toEqual([first]);
  expect(await countHeld(db, 'ines')).toMatchObject({ waiting: 1, pictures: 0 });
  db.close();
});

describe('pictures', () => {
  const picture = (digest: string) => ({
    member: 'ines',
    digest,
    blob: new Blob(['pixels']),
    state: 'waiting' as const,
  });
  const held = async (name: string) => {
    const db = await openHeld(name);
    for (const digest of ['p1', 'p2', 'p3']) await holdPicture(db, picture(digest));
    return db;
  };

  test('a refused one is set aside with its reason, the rest goes on', async () => {
    const db = await held('refused');
    const send: SendPicture = async (_, { digest }) =>
      digest === 'p2' ? { kind: 'refused', reason: 'no picture' } : { kind: 'arrived' };
    expect(await deliverPictures(db, 'ines', send)).toBe('idle');
    expect(await countHeld(db, 'ines')).toMatchObject({
      pictures: 0,
      pictureFaults: ['no picture'],
    });
    expect(await heldPicture(db, 'ines', 'p2')).toMatchObject({
      state: 'refused',
      reason: 'no picture',
    });
  });

  test('nothing is lost while the server is not reached', async () => {
    const db = await held('unreachable');
    let calls = 0;
    const send: SendPicture = async () =>
      (calls += 1) === 2 ? { kind: 'unreachable' } : { kind: 'arrived' };
    expect(await deliverPictures(db, 'ines', send)).toBe('unreachable');
    expect(await countHeld(db, 'ines')).toMatchObject({ pictures: 2 });
    expect(await deliverPictures(db, 'ines', send)).toBe('idle');
    expect(await countHeld(db, 'ines')).toMatchObject({ pictures: 0 });
  });

  test('the smallest goes first, and it is said how far they are', async () => {
    const db = await openHeld('smallest');
    for (const [digest, bytes] of [
      ['large', 900],
      ['small', 10],
      ['middle', 90],
    ] as const)
      await holdPicture(db, {
        member: 'ines',
        digest,
        blob: new Blob([new Uint8Array(bytes)]),
        state: 'waiting',
      });
    const order: string[] = [];
    const told: number[] = [];
    await deliverPictures(
      db,
      'ines',
      async (_, { digest, blob }, onSent) => {
        order.push(digest);
        onSent(blob.size / 2);
        return { kind: 'arrived' };
      },
      ({ sent, all }) => told.push(sent, all),
    );
    expect(order).toEqual(['small', 'middle', 'large']);
    expect(told).toEqual([5, 10, 55, 100, 550, 1000].flatMap((sent) => [sent, 1000]));
  });

  test('another member’s pictures are left to that member', async () => {
    const db = await held('others');
    const send: SendPicture = async () => ({ kind: 'arrived' });
    await deliverPictures(db, 'bram', send);
    expect(await countHeld(db, 'ines')).toMatchObject({ pictures: 3 });
  });
});

test('whoever may not record now keeps what is held: it is sent once he may again', async () => {
  let may = false;
  const server = createServer((request, response) => {
    request.resume();
    response.writeHead(may ? 200 : 403, { 'content-type': 'application/json' });
    response.end(
      JSON.stringify(may ? { deliveries: [{ id: 'e1', outcome: 'arrived' }] } : { fault: 'no' }),
    );
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const db = await openHeld('not-allowed');
  await hold(db, [first]);
  await holdPicture(db, { member: 'ines', digest: 'p1', blob: new Blob(['x']), state: 'waiting' });
  expect(await deliverWaiting(db, 'ines', httpTransport(origin))).toBe('not-allowed');
  expect(await deliverPictures(db, 'ines', sendPictureOverHttp(origin))).toBe('not-allowed');
  expect(await countHeld(db, 'ines')).toMatchObject({ waiting: 1, refused: [], pictures: 1 });
  may = true;
  expect(await deliverWaiting(db, 'ines', httpTransport(origin))).toBe('idle');
  expect(await countHeld(db, 'ines')).toMatchObject({ waiting: 0, arrived: 1 });
  await new Promise((resolve) => server.close(resolve));
});
