import { afterEach, describe, expect, test } from '@jest/globals';
import { createServer } from 'node:http';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { sendPictureOverHttp } from './send-picture';

let server: Server | undefined;
afterEach(
  () => new Promise<void>((resolve) => (server ? server.close(() => resolve()) : resolve())),
);

type Asked = { from: number; of: number; length: number };

/** A server that answers each request in turn by what is given for it; null: it breaks the line. */
async function answering(
  answer: (asked: Asked, nth: number) => { status?: number; says: object } | null,
): Promise<{ origin: string; asked: Asked[] }> {
  const asked: Asked[] = [];
  server = createServer((request, response) => {
    const { searchParams } = new URL(request.url!, 'http://x');
    const parts: Buffer[] = [];
    request.on('data', (bytes: Buffer) => parts.push(bytes));
    request.on('end', () => {
      const one = {
        from: Number(searchParams.get('from')),
        of: Number(searchParams.get('of')),
        length: Buffer.concat(parts).length,
      };
      asked.push(one);
      const said = answer(one, asked.length);
      if (!said) return void request.socket.destroy();
      response.writeHead(said.status ?? 200, { 'content-type': 'application/json' });
      response.end(JSON.stringify(said.says));
    });
  });
  await new Promise<void>((resolve) => server!.listen(0, '127.0.0.1', resolve));
  return { origin: `http://127.0.0.1:${(server.address() as AddressInfo).port}`, asked };
}

const kb = 1024;
const held = (bytes: number) => ({
  member: 'ines',
  digest: 'd1',
  blob: new Blob([new Uint8Array(bytes)]),
  state: 'waiting' as const,
});

describe('a picture that is sent', () => {
  test('in one go where it is small', async () => {
    const { origin, asked } = await answering(() => ({ says: { digest: 'd1' } }));
    expect(await sendPictureOverHttp(origin)('ines', held(100 * kb), () => undefined)).toEqual({
      kind: 'arrived',
    });
    expect(asked).toEqual([{ from: 0, of: 100 * kb, length: 100 * kb }]);
  });

  test('in parts from where the server has it, and says how far it is', async () => {
    const { origin, asked } = await answering(({ from, of, length }) =>
      from + length === of
        ? { says: { digest: 'd1' } }
        : { says: { received: length === 0 ? 128 * kb : from + length } },
    );
    const told: number[] = [];
    await sendPictureOverHttp(origin)('ines', held(400 * kb), (bytes) => told.push(bytes));
    expect(asked.map(({ from, length }) => [from / kb, length / kb])).toEqual([
      [0, 0],
      [128, 128],
      [256, 128],
      [384, 16],
    ]);
    expect(told.map((bytes) => bytes / kb)).toEqual([128, 256, 384]);
  });

  test.each([
    [401, { kind: 'signed-out' }],
    [409, { kind: 'signed-out' }],
    [403, { kind: 'not-allowed' }],
    [422, { kind: 'refused', reason: 'no picture' }],
    [503, { kind: 'unreachable' }],
  ])('answered %i', async (status, answer) => {
    const { origin } = await answering(() => ({ status, says: { faults: ['no picture'] } }));
    expect(await sendPictureOverHttp(origin)('ines', held(10), () => undefined)).toEqual(answer);
  });

  test('over a line that breaks waits', async () => {
    const { origin } = await answering((_, nth) =>
      nth < 3 ? { says: { received: (nth - 1) * 128 * kb } } : null,
    );
    expect(await sendPictureOverHttp(origin)('ines', held(900 * kb), () => undefined)).toEqual({
      kind: 'unreachable',
    });
  });

  test('to a server that loses it again and again is set aside, not sent for ever', async () => {
    const { origin, asked } = await answering(({ from }) => ({
      says: { received: from === 0 ? 128 * kb : 0 },
    }));
    expect(await sendPictureOverHttp(origin)('ines', held(900 * kb), () => undefined)).toEqual({
      kind: 'refused',
      reason: 'It changed on the way.',
    });
    expect(asked.length).toBeLessThan(10);
  });

  test('and answered by another name changed on the way', async () => {
    const { origin } = await answering(() => ({ says: { digest: 'other' } }));
    expect(await sendPictureOverHttp(origin)('ines', held(10), () => undefined)).toMatchObject({
      kind: 'refused',
    });
  });
});
