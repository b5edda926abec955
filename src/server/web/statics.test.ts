import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { createServer, request } from 'node:http';
import type { IncomingMessage, Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { text } from 'node:stream/consumers';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { staticsOf } from './statics';

let folder: string;
let server: Server;
const script = 'console.log(1);'.repeat(200);
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'east-gate-statics-'));
  await writeFile(join(folder, 'a.js'), script);
  await writeFile(join(folder, 'a.js.br'), brotliCompressSync(script));
  await writeFile(join(folder, 'a.js.gz'), gzipSync(script));
  await writeFile(join(folder, 'b.js'), script);
  const statics = staticsOf(folder);
  server = createServer((asked, response) => {
    const { url } = asked;
    if (statics(asked, response)) return;
    response.statusCode = 404;
    response.end(`passed on ${asked.url === url}`);
  });
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
});
afterAll(async () => {
  server.close();
  await rm(folder, { recursive: true });
});

const ask = (path: string, accepts: string, method = 'GET') =>
  new Promise<IncomingMessage>((resolve) => {
    const { port } = server.address() as AddressInfo;
    request({ port, path, method, headers: { 'accept-encoding': accepts } }, resolve).end();
  });

describe('files of the build', () => {
  test.each([
    ['gzip, deflate, br', 'br', brotliCompressSync(script).length],
    ['gzip, deflate', 'gzip', gzipSync(script).length],
    ['identity', undefined, script.length],
  ])('asked for with %s are sent as they were made', async (accepts, encoding, length) => {
    const answer = await ask('/_next/static/a.js', accepts);
    answer.resume();
    expect(answer.statusCode).toBe(200);
    expect(answer.headers['content-encoding']).toBe(encoding);
    expect(Number(answer.headers['content-length'])).toBe(length);
    expect(answer.headers['content-type']).toMatch(/javascript/);
    expect(answer.headers['cache-control']).toBe('public,max-age=31536000,immutable');
    expect(answer.headers.vary).toMatch(/Accept-Encoding/i);
  });
  test('one that was not compressed is sent as it is', async () => {
    const answer = await ask('/_next/static/b.js', 'gzip, br');
    expect(answer.headers['content-encoding']).toBeUndefined();
    expect(await text(answer)).toBe(script);
  });
  test.each([
    '/_next/static/none.js',
    '/_next/static/../a.js',
    '/_next/static/%2e%2e/a.js',
    '/a.js',
    '/',
  ])('%s is passed on as it was asked', async (path) => {
    const answer = await ask(path, 'br');
    expect(answer.statusCode).toBe(404);
    expect(await text(answer)).toBe('passed on true');
  });
  test('what is posted is passed on', async () =>
    expect((await ask('/_next/static/a.js', 'br', 'POST')).statusCode).toBe(404));
});
