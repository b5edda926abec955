import { randomBytes } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import fc from 'fast-check';
import pg from 'pg';
import sharp from 'sharp';
import { mostPartBytes, storeFilePart } from '@/server/commands/file-part';
import { readPicture, storePicture } from '@/server/commands/pictures';
import { closePool } from '@/server/db/connect';
import { sha256Hex } from '@/server/sha256';
import type { Session } from '@/server/session';
import { seedOffices } from './office';

jest.setTimeout(120_000);
let mine: Session;
let theirs: Session;
beforeAll(async () => {
  const [one, other] = await seedOffices(2, 1);
  [mine, theirs] = [one!.session(), other!.session()];
});
afterAll(closePool);

/** A picture no other test has. */
const picture = (side = 60): Promise<Buffer> =>
  sharp(randomBytes(side * side * 3), { raw: { width: side, height: side, channels: 3 } })
    .jpeg()
    .toBuffer();

const part = (session: Session, bytes: Buffer, digest: string, from: number, to: number) =>
  storeFilePart(
    session,
    { digest, from: String(from), of: String(bytes.length) },
    bytes.subarray(from, to),
    storePicture,
  );

describe('a picture that comes in parts', () => {
  test('arrives whole, however it is cut, repeated, out of order or asked about in between', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.nat(3000), fc.integer({ min: 0, max: 900 })), { maxLength: 12 }),
        async (strange) => {
          const bytes = await picture();
          const digest = sha256Hex(bytes);
          let here = 0;
          const send = async (from: number, length: number) => {
            const to = Math.min(bytes.length, from + length);
            const taken = await part(mine, bytes, digest, Math.min(from, to), to);
            if (!taken.ok) throw new Error(taken.reason);
            if ('digest' in taken) return true;
            // What follows without a gap is taken, and nothing else.
            expect(taken.received).toBe(from === here ? to : here);
            here = taken.received;
            return false;
          };
          let whole = false;
          for (const [from, length] of strange)
            if (!whole) whole = await send(Math.min(from, bytes.length), length);
          while (!whole) whole = await send(here, 700);
          expect((await readPicture(mine, digest))?.bytes.equals(bytes)).toBe(true);
          // Sent again, it is there already.
          expect(await part(mine, bytes, digest, 0, 10)).toEqual({ ok: true, digest });
        },
      ),
      { numRuns: 25 },
    );
  });

  test('two devices that send the same one at once do not spoil it for each other', async () => {
    const bytes = await picture();
    const digest = sha256Hex(bytes);
    const device = async () => {
      let from = 0;
      for (;;) {
        const taken = await part(mine, bytes, digest, from, from + 300);
        if (!taken.ok) throw new Error(taken.reason);
        if ('digest' in taken) return;
        from = taken.received;
      }
    };
    await Promise.all([device(), device(), device()]);
    expect((await readPicture(mine, digest))?.bytes.equals(bytes)).toBe(true);
  });

  test('that changed on the way is begun anew, and nothing of it is kept', async () => {
    const bytes = await picture();
    const digest = sha256Hex(bytes);
    const other = Buffer.from(bytes);
    other[other.length - 40]! ^= 1;
    await part(mine, other, digest, 0, 500);
    expect(await part(mine, other, digest, 500, other.length)).toEqual({ ok: true, received: 0 });
    expect(await readPicture(mine, digest)).toBeUndefined();
    await part(mine, bytes, digest, 0, 500);
    expect(await part(mine, bytes, digest, 500, bytes.length)).toEqual({ ok: true, digest });
  });

  test('is of its office: another has neither its parts nor what came of them', async () => {
    const bytes = await picture();
    const digest = sha256Hex(bytes);
    expect(await part(mine, bytes, digest, 0, 500)).toEqual({ ok: true, received: 500 });
    expect(await part(theirs, bytes, digest, 0, 0)).toEqual({ ok: true, received: 0 });
    await part(mine, bytes, digest, 500, bytes.length);
    expect(await part(theirs, bytes, digest, 0, 0)).toEqual({ ok: true, received: 0 });
  });

  test('what is no picture is refused when it is whole, with the reason', async () => {
    const bytes = randomBytes(400);
    const digest = sha256Hex(bytes);
    await part(mine, bytes, digest, 0, 100);
    expect(await part(mine, bytes, digest, 100, 400)).toMatchObject({
      ok: false,
      reason: expect.stringMatching(/no picture that can be read/),
    });
    expect(await part(mine, bytes, digest, 0, 0)).toEqual({ ok: true, received: 0 });
  });

  test.each([
    ['no digest', { from: '0', of: '10' }, 5],
    ['a digest that is none', { digest: 'x', from: '0', of: '10' }, 5],
    ['nowhere', { digest: 'a'.repeat(64), from: '-1', of: '10' }, 5],
    ['half a byte', { digest: 'a'.repeat(64), from: '0.5', of: '10' }, 5],
    ['past its end', { digest: 'a'.repeat(64), from: '11', of: '10' }, 0],
    ['over its end', { digest: 'a'.repeat(64), from: '6', of: '10' }, 5],
    ['of nothing', { digest: 'a'.repeat(64), from: '0', of: '0' }, 0],
    ['of more than any picture', { digest: 'a'.repeat(64), from: '0', of: '99999999' }, 5],
    ['too long', { digest: 'a'.repeat(64), from: '0', of: '8000000' }, mostPartBytes + 1],
  ])('%s: what was expected is said, nothing is kept', async (_, asked, length) => {
    expect(
      await storeFilePart(
        mine,
        asked as Record<string, string>,
        Buffer.alloc(length),
        storePicture,
      ),
    ).toMatchObject({ ok: false, reason: expect.stringMatching(/^Expected a part/) });
  });

  test('what nothing more comes of leaves after a week, when there is no room left', async () => {
    const owner = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
    await owner.connect();
    await owner.query(`select set_config('east_gate.door', 'open', false)`);
    await owner.query(
      `insert into file_parts (organisation_id, digest, from_byte, bytes, at)
       select $1::uuid, md5(n::text) || md5(n::text), 0, decode(repeat('00', 262144), 'hex'),
         now() - make_interval(days => case when n <= 1000 then 6 else 1 end)
       from generate_series(1, 1024) n`,
      [theirs.organisation],
    );
    const bytes = await picture();
    const digest = sha256Hex(bytes);
    // It is tried again later: nothing of it is refused.
    await expect(part(theirs, bytes, digest, 0, 500)).rejects.toThrow(/Ask again in a minute/);
    await owner.query(
      `update file_parts set at = at - interval '2 days' where organisation_id = $1::uuid`,
      [theirs.organisation],
    );
    expect(await part(theirs, bytes, digest, 0, 500)).toEqual({ ok: true, received: 500 });
    const { rows } = await owner.query<{ n: number }>(
      `select count(*)::integer as n from file_parts where organisation_id = $1::uuid`,
      [theirs.organisation],
    );
    expect(rows[0]!.n).toBe(25);
    await owner.query(`delete from file_parts where organisation_id = $1::uuid`, [
      theirs.organisation,
    ]);
    await owner.end();
  });
});
