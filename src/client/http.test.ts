import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { askJson, askText, postJson } from './http';

const server = createServer((request, response) => {
  const say = (status: number, body: string) => response.writeHead(status).end(body);
  if (request.url === '/echo') {
    let body = '';
    request.on('data', (chunk: Buffer) => (body += chunk.toString()));
    request.on('end', () =>
      say(200, JSON.stringify({ body, type: request.headers['content-type'] })),
    );
  } else if (request.url === '/faults') say(400, JSON.stringify({ faults: ['a', 'b'] }));
  else if (request.url === '/fault') say(409, JSON.stringify({ fault: 'signed out' }));
  else if (request.url === '/proxy') say(502, '<html>bad gateway</html>');
  else if (request.url === '/broken') say(200, '{');
  else if (request.url === '/text') say(200, 'a,b');
  // Any other address is never answered.
});
let origin = '';
beforeAll(
  () =>
    new Promise<void>((resolve) =>
      server.listen(0, '127.0.0.1', () => {
        origin = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
        resolve();
      }),
    ),
);
afterAll(() => {
  server.closeAllConnections();
  server.close();
});

describe('asking the server', () => {
  test('JSON goes and comes', async () =>
    expect(await postJson(`${origin}/echo`, { a: 1 })).toEqual({
      ok: true,
      value: { body: '{"a":1}', type: 'application/json' },
    }));
  test('text comes as it is', async () =>
    expect(await askText(`${origin}/text`)).toEqual({ ok: true, value: 'a,b' }));
  test.each([
    ['/faults', 400, ['a', 'b']],
    ['/fault', 409, ['signed out']],
    ['/proxy', 502, ['The server answered 502.']],
    ['/broken', 0, ['The server was not reached.']],
  ])('%s is told in words', async (path, status, faults) =>
    expect(await askJson(origin + path)).toMatchObject({ ok: false, status, faults }),
  );
  test('nobody there, and one who never answers, are both told', async () => {
    const gone = { ok: false, status: 0, faults: ['The server was not reached.'] };
    expect(await askJson('http://127.0.0.1:1/none')).toEqual(gone);
    expect(await askJson(`${origin}/never`, { timeout: 50 })).toEqual(gone);
  });
});
