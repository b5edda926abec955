import { createServer, request } from 'node:http';
import type { IncomingHttpHeaders } from 'node:http';
import type { AddressInfo } from 'node:net';
import { gunzipSync } from 'node:zlib';
import { afterEach, describe, expect, test } from '@jest/globals';
import { Shells } from './shells';

const closing: (() => void)[] = [];
afterEach(() => closing.splice(0).forEach((close) => close()));

/** A front with shells over a renderer that writes what it is asked, and counts. */
async function standing(status = () => 200) {
  const rendered: string[] = [];
  const shells = new Shells((asked, answer) => {
    rendered.push(asked.url!);
    answer.statusCode = status();
    const nonce = /'nonce-([^']+)'/.exec(String(asked.headers['content-security-policy']))![1]!;
    answer.end(`<script nonce="${nonce}"></script> ${asked.url} of ${nonce}`);
    return Promise.resolve();
  });
  const front = createServer(
    (asked, answer) =>
      void shells
        .answer(asked, answer, 'the-nonce')
        .then((answered) => answered || answer.end('rendered for it')),
  ).listen(0, '127.0.0.1');
  closing.push(() => (front.close(), shells.close()));
  await new Promise((resolve) => front.once('listening', resolve));
  const ask = (path: string, headers: IncomingHttpHeaders = {}, method = 'GET') =>
    new Promise<string>((resolve, reject) =>
      request(
        { port: (front.address() as AddressInfo).port, host: '127.0.0.1', path, method, headers },
        (answer) => {
          const parts: Buffer[] = [];
          answer.on('data', (part: Buffer) => parts.push(part));
          answer.on('end', () => {
            const whole = Buffer.concat(parts);
            const zipped = answer.headers['content-encoding'] === 'gzip';
            resolve(String(zipped ? gunzipSync(whole) : whole));
          });
        },
      )
        .once('error', reject)
        .end(),
    );
  return { ask, rendered };
}
const cookie = 'east-gate-theme=dark; east-gate-session=abc';

describe('a page that is the same for everybody', () => {
  test('is rendered once for its theme, and has the nonce and the id of each answer', async () => {
    const { ask, rendered } = await standing();
    for (const id of ['one', 'id_2', 'one'])
      expect(await ask(`/inspections/${id}/walk`, { cookie })).toBe(
        `<script nonce="the-nonce"></script> /inspections/${id}/walk of the-nonce`,
      );
    expect(rendered).toHaveLength(1);
    await ask('/inspections/one/walk', { cookie: 'east-gate-session=abc' });
    await ask('/', { cookie });
    expect(rendered).toHaveLength(3);
  });
  test('travels small where that is taken', async () => {
    const { ask } = await standing();
    expect(await ask('/', { cookie, 'accept-encoding': 'br, gzip' })).toContain('/ of the-nonce');
  });
  test.each([
    ['no session', '/', {}, 'GET'],
    ['a page asked for by a page', '/', { cookie, rsc: '1' }, 'GET'],
    ['a search', '/?q=quay', { cookie }, 'GET'],
    ['a view with data of its own', '/inspections/one/issue', { cookie }, 'GET'],
    ['an id that is none', '/inspections/a%20b/walk', { cookie }, 'GET'],
    ['something else than reading', '/', { cookie }, 'POST'],
  ])('%s: rendered for it', async (_, path, headers, method) => {
    const { ask, rendered } = await standing();
    expect(await ask(path, headers, method)).toBe('rendered for it');
    expect(rendered).toEqual([]);
  });
  test('of whoever is signed in no longer nothing is kept', async () => {
    let status = 307;
    const { ask, rendered } = await standing(() => status);
    expect(await ask('/', { cookie })).toBe('rendered for it');
    status = 200;
    expect(await ask('/', { cookie })).toContain('of the-nonce');
    expect(rendered).toHaveLength(2);
  });
});
