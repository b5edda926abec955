import 'fake-indexeddb/auto';
import { randomBytes, randomUUID } from 'node:crypto';
import { expect, jest, test } from '@jest/globals';
import sharp from 'sharp';
import type { Entry } from '@/core/record/entries/entry';
import { countHeld, hold, openHeld } from '@/client/outbox/held';
import { holdPicture } from '@/client/outbox/pictures';
import type { PicturesProgress } from '@/client/outbox/pictures';
import type { Connection } from '@/client/outbox/sender';
import { Sender } from '@/client/outbox/sender';
import { sendPictureOverHttp } from '@/client/outbox/send-picture';
import { httpTransport } from '@/client/outbox/transport';
import { readInspection } from '@/server/commands/read-inspection';
import { readPicture } from '@/server/commands/pictures';
import { sha256Hex } from '@/server/sha256';
import { lineTo } from '../line';
import { signInCookie } from '../server';
import { siteEntry, word } from './office';
import { served } from './served';

jest.setTimeout(600_000);

/**
 * How many times faster than 1.6 Mbit a second, 150 ms there and back, breaking every five seconds: all of it, so
 * that as much happens between two breaks. LINE_FASTER=1 is the line itself.
 */
const faster = Number(process.env.LINE_FASTER ?? 10);
const line = { rate: 200_000 * faster, delay: 75 / faster, breaksEvery: 5000 / faster };

const here = served();

/** A picture of about so many bytes: what is in it cannot be made shorter. */
async function photo(bytes: number): Promise<Buffer> {
  const side = Math.ceil(Math.sqrt(bytes / 1.35));
  return sharp(randomBytes(side * side * 3), { raw: { width: side, height: side, channels: 3 } })
    .jpeg({ quality: 60 })
    .toBuffer();
}

test('2,000 entries and 60 photos over a line that breaks: all of it arrives, each once, in order, and it is seen how far it is', async () => {
  const { server, office } = here;
  const member = office.members[0]!;
  const session = office.session(0);
  const db = await openHeld(`line-${randomUUID()}`);
  const inspections = Array.from({ length: 4 }, () => randomUUID());
  const made = new Map<string, Entry[]>();
  for (const inspection of inspections) {
    const entries = Array.from({ length: 500 }, (_, n) =>
      n === 0
        ? siteEntry(member.id, { counter: 1, thing: 'site' } as Partial<Entry>)
        : siteEntry(member.id, {
            counter: n + 1,
            thing: `panel-${n}`,
            type: 'panel',
            in: 'site',
            facts: { rows: 12 },
          } as Partial<Entry>),
    );
    made.set(inspection, entries);
    await hold(
      db,
      entries.map((entry) => ({
        organisation: office.organisation,
        member: member.id,
        inspection,
        id: entry.id,
        entry,
        state: 'waiting' as const,
      })),
    );
  }
  const photos = new Map<string, Buffer>();
  for (let n = 0; n < 60; n += 1) {
    const bytes = await photo(60_000 + 8_000 * n);
    const digest = sha256Hex(bytes);
    photos.set(digest, bytes);
    await holdPicture(db, {
      member: member.id,
      digest,
      blob: new Blob([new Uint8Array(bytes)]),
      state: 'waiting',
    });
  }
  const all = [...photos.values()].reduce((sum, { length }) => sum + length, 0);

  const over = await lineTo(server.port, line);
  const headers = { cookie: await signInCookie(server.origin, member.email, word) };
  const told: PicturesProgress[] = [];
  const sendings = new Map<string, number>();
  const post = httpTransport(over.origin, headers);
  const picture = sendPictureOverHttp(over.origin, headers);
  const began = performance.now();
  await new Promise<void>((resolve) => {
    const sender = new Sender({
      db,
      member: member.id,
      transport: post,
      sendPicture: async (...asked) => {
        const answer = await picture(...asked);
        if (answer.kind === 'arrived')
          sendings.set(asked[1].digest, (sendings.get(asked[1].digest) ?? 0) + 1);
        return answer;
      },
      alone: (work) => work(),
      pause: (ms) => new Promise((done) => setTimeout(done, ms / faster)),
      onChange: (connection: Connection) => connection === 'idle' && resolve(),
      onProgress: (pictures) => pictures && told.push(pictures),
    });
    sender.wake();
  });
  const seconds = (performance.now() - began) / 1000;
  const { breaks, up } = over.counts();
  await over.close();
  console.log(
    `2,000 entries and 60 photos of ${(all / 1e6).toFixed(1)} MB, line ${faster} times 1.6 Mbit/s: ${seconds.toFixed(1)} s, ${breaks} breaks, ${(up / 1e6).toFixed(1)} MB carried`,
  );

  expect(await countHeld(db, member.id)).toMatchObject({
    waiting: 0,
    arrived: 2000,
    refused: [],
    pictures: 0,
    pictureFaults: [],
  });
  for (const [inspection, entries] of made)
    expect((await readInspection(session, inspection))?.entries).toEqual(entries);
  for (const [digest, bytes] of photos) {
    const stored = await readPicture(session, digest);
    expect(stored && sha256Hex(stored.bytes)).toBe(sha256Hex(bytes));
    expect(sendings.get(digest)).toBe(1);
  }
  // What arrived before a break is not sent again: a part or two is lost with each.
  expect(breaks).toBeGreaterThan(5);
  expect(up).toBeLessThan(all * 1.35 + 4_000_000);
  // How far it is goes up, but for where the line broke and the rest is counted anew.
  expect(told.length).toBeGreaterThan(60);
  expect(told.every(({ sent, all: of }) => sent >= 0 && sent <= of)).toBe(true);
  expect(told.at(-1)!.sent).toBe(told.at(-1)!.all);
});
