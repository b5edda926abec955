import { randomUUID } from 'node:crypto';
import { request } from 'node:http';
import { connect } from 'node:net';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import fc from 'fast-check';
import type { AddEntry } from '@/core/record/entries/entry';
import { Logbook } from '@/core';
import { deliverEntries } from '@/server/commands/deliver-entries';
import { issueReport } from '@/server/commands/issue-report';
import { listLinks } from '@/server/commands/links';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { closePool, inOrganisation } from '@/server/db/connect';
import { manyEntries } from '@/server/db/entries';
import { closeThreads } from '@/server/heavy/pool';
import { maybeOneInspection } from '@/server/db/inspections';
import type { RunningServer } from '../server';
import { freePort, signInCookie, startServer } from '../server';
import type { TestOffice } from './office';
import { seedOffices, siteEntry, word } from './office';

jest.setTimeout(240_000);

let server: RunningServer;
let office: TestOffice;
let cookie: string;

beforeAll(async () => {
  [office] = (await seedOffices(1)) as [TestOffice];
  server = await startServer(await freePort());
  cookie = await signInCookie(server.origin, office.members[0]!.email, word);
  // A session of its own: some of what is asked signs out.
  wire = await signInCookie(server.origin, office.members[1]!.email, word);
});
afterAll(async () => {
  await server.kill();
  await closePool();
  await closeThreads();
});

const json = { 'content-type': 'application/json' };
const post = (path: string, body: BodyInit, headers: Record<string, string> = json) =>
  fetch(server.origin + path, {
    method: 'POST',
    body,
    headers: { cookie, ...headers },
    redirect: 'manual',
  });
const deliver = (entries: unknown[], inspection = `hostile-${randomUUID()}`) =>
  post('/api/entries', JSON.stringify({ inspection, entries }));

/** Bytes as they stand on the wire: what no client of good manners sends. */
function raw(text: string): Promise<string> {
  return new Promise((resolve, reject) => {
    const socket = connect(server.port, '127.0.0.1', () => socket.write(text));
    let answer = '';
    socket.setTimeout(10_000, () => socket.destroy(new Error('no answer')));
    socket.on('data', (chunk) => (answer += chunk.toString('latin1')));
    socket.on('close', () => resolve(answer));
    socket.on('error', reject);
  });
}
const statusOf = (answer: string) => Number(/^HTTP\/1\.1 (\d{3})/.exec(answer)?.[1]);
let wire: string;
const headOf = (method: string, path: string, ...lines: string[]) =>
  [
    `${method} ${path} HTTP/1.1`,
    `Host: 127.0.0.1:${server.port}`,
    `Cookie: ${wire}`,
    'Connection: close',
    ...lines,
    '',
    '',
  ].join('\r\n');

describe('what is asked in a strange way', () => {
  test.each([
    ['an origin of null', 'POST', '/api/entries', ['Origin: null', 'Content-Length: 0'], 403],
    ['an origin that is none', 'POST', '/api/entries', ['Origin: x', 'Content-Length: 0'], 403],
    ['TRACE', 'TRACE', '/', [], 405],
    ['a method nobody knows', 'PROPFIND', '/sign-in', [], 405],
    ['an escape that is none', 'GET', '/inspections/%E0%A4%A/walk', [], 400],
    ['half an escape', 'GET', '/pictures/%', [], 400],
    ['a NUL in the path', 'GET', '/inspections/%00/walk', [], 400],
    [
      'a page posted to',
      'POST',
      '/library',
      ['Content-Length: 2', 'Content-Type: text/plain'],
      405,
    ],
  ] as const)('%s: told so, never 500', async (_, method, path, lines, status) => {
    expect(
      statusOf(
        await raw(
          headOf(method, path, ...lines) + (method === 'POST' && path === '/library' ? '{}' : ''),
        ),
      ),
    ).toBe(status);
  });

  test.each([
    ['/api/entries', 'text/plain'],
    ['/api/settings', 'application/x-www-form-urlencoded'],
    ['/api/reports', 'multipart/form-data; boundary=x'],
    ['/api/packages', 'application/x-www-form-urlencoded'],
    ['/api/pictures', 'text/html'],
    ['/sign-in/submit', 'text/plain'],
  ])('%s sent as %s: 415 with a word', async (path, type) => {
    const answer = await post(path, '{}', { 'content-type': type });
    expect(answer.status).toBe(415);
    expect(await answer.text()).toMatch(/expected/i);
  });

  test('words no store can hold: 4xx with a word', async () => {
    const bad = ['\0', '\ud800', 'x'.repeat(70_000)];
    for (const one of bad) {
      const said = JSON.stringify(one);
      for (const [path, body] of [
        ['/api/links', `{"report":${said},"to":"a@b.example","days":3}`],
        ['/api/links', `{"report":"r","to":${said},"days":3}`],
        ['/api/links/revoke', `{"link":${said}}`],
        ['/api/reports', `{"inspection":${said},"kind":"report","changes":""}`],
        ['/api/reports/verify', `{"report":${said},"digest":${said}}`],
      ] as const) {
        const { status } = await post(path, body);
        expect([path, one.slice(0, 3), status >= 400 && status < 500]).toEqual([
          path,
          one.slice(0, 3),
          true,
        ]);
      }
      const { status } = await post(
        '/sign-in/submit',
        new URLSearchParams({ email: one, password: one }),
        {},
      );
      expect(status).toBeLessThan(500);
    }
    for (const path of ['/?q=%00', '/?q=%ED%A0%80', '/inspections/x/report?for=%00'])
      expect((await fetch(server.origin + path, { headers: { cookie } })).status).toBeLessThan(500);
  });

  test('300 malformed requests: never 500, and the server goes on', async () => {
    const paths = [
      '/api/entries',
      '/api/settings',
      '/api/links',
      '/api/links/revoke',
      '/api/packages',
      '/api/pictures',
      '/api/sounds',
      '/api/reports',
      '/api/reports/verify',
      '/sign-in/submit',
      '/sign-out',
      `/r/${'g'.repeat(43)}/acknowledge`,
      '/inspections/x/package.zip',
      '/issued/%2e%2e/data/x',
      '/pictures/x',
      '/sounds/x',
    ];
    const wrong: string[] = [];
    const ask = fc.record({
      path: fc.constantFrom(...paths),
      tail: fc.constantFrom('', '?for=__proto__', '?a[]=1&a=2', '/..%2f', '%'),
      method: fc.constantFrom('GET', 'POST', 'PUT', 'DELETE', 'OPTIONS', 'HEAD'),
      type: fc.constantFrom(
        'application/json',
        'application/json; charset=utf-16',
        'multipart/form-data; boundary=x',
        'application/x-www-form-urlencoded',
        'text/plain',
        'application/zip',
        ';;;',
      ),
      body: fc.oneof(
        fc.json({ maxDepth: 4 }),
        fc.string({ unit: 'binary', maxLength: 300 }),
        fc.constantFrom(
          '',
          'null',
          '[]',
          '{"inspection":{"__proto__":1}}',
          '{"a":',
          '%PDF-1.7',
          'PK\x03\x04',
        ),
      ),
      length: fc.constantFrom('', 'Content-Length: -1', 'Content-Length: 99999999999'),
      more: fc.constantFrom(
        '',
        'Transfer-Encoding: chunked',
        'Expect: 100-continue',
        'X-East-Gate-Member: \u00e9',
      ),
    });
    for (const one of fc.sample(ask, { numRuns: 300, seed: 18 })) {
      const { path, tail, method, type, body, length, more } = one;
      const bytes = Buffer.from(body, 'utf8').toString('latin1');
      const lines = [
        `Content-Type: ${type}`,
        length || `Content-Length: ${Buffer.byteLength(body)}`,
        ...(more ? [Buffer.from(more).toString('latin1')] : []),
      ];
      const status = await raw(
        Buffer.from(headOf(method, path + tail, ...lines) + bytes, 'latin1').toString('latin1'),
      ).then(statusOf, () => 0);
      if (status >= 500) wrong.push(`${status} ${JSON.stringify(one)}`);
    }
    expect(wrong).toEqual([]);
    expect((await fetch(`${server.origin}/sign-in`)).status).toBe(200);
  });
});

describe('what an answer says to a browser', () => {
  test.each(['/sign-in', '/', '/library', '/mailbox', '/no-such-page', '/inspections/none/walk'])(
    'the page %s runs scripts of its own nonce alone, and is kept by nobody',
    async (path) => {
      const [one, two] = await Promise.all(
        [1, 2].map(() => fetch(server.origin + path, { headers: { cookie } })),
      );
      const policy = one!.headers.get('content-security-policy')!;
      const [scripts = ''] = /script-src [^;]*/.exec(policy) ?? [];
      expect(scripts).not.toMatch(/unsafe-inline|unsafe-eval(?<!wasm-unsafe-eval)|https?:|\*/);
      const nonce = /'nonce-([^']+)'/.exec(scripts)?.[1];
      expect(nonce).toMatch(/^[A-Za-z0-9+/=]{22,}$/);
      expect(two!.headers.get('content-security-policy')).not.toContain(nonce);
      const html = await one!.text();
      const tags = html.match(/<script\b[^>]*>/g) ?? [];
      expect(tags.length).toBeGreaterThan(0);
      expect(tags.filter((tag) => !tag.includes(`nonce="${nonce}"`))).toEqual([]);
      expect(html).not.toMatch(/\son[a-z]+="/);
      expect(one!.headers.get('cache-control')).toMatch(/no-store/);
      for (const name of [
        'permissions-policy',
        'cross-origin-opener-policy',
        'cross-origin-resource-policy',
        'x-content-type-options',
      ])
        expect(one!.headers.get(name)).toBeTruthy();
    },
  );

  test('data of an office is kept by nobody either', async () => {
    for (const path of [
      '/inspections/none/report.json',
      '/inspections/none/package.zip',
      '/api/entries',
      '/pictures/none',
      '/sounds/none',
    ])
      expect(
        (await fetch(server.origin + path, { headers: { cookie } })).headers.get('cache-control'),
      ).toMatch(/no-store/);
  });
});

describe('entries of a strange hand', () => {
  test('a batch of none, or of none that is taken, begins no inspection', async () => {
    for (const entries of [[], [{ bad: true }], [siteEntry('somebody-else')]]) {
      const inspection = `ghost-${randomUUID()}`;
      expect((await deliver(entries, inspection)).status).toBeLessThan(500);
      expect(
        await inOrganisation(office.organisation, (tx) => maybeOneInspection(tx, inspection)),
      ).toBeUndefined();
    }
  });

  test('50 KB of nested arrays hold nobody up', async () => {
    const deep = '['.repeat(25_000) + ']'.repeat(25_000);
    const entry = JSON.stringify(siteEntry(office.members[0]!.id, { facts: { name: 0 } }));
    const began = Date.now();
    const answer = await post(
      '/api/entries',
      `{"inspection":"deep","entries":[${entry.replace('"name":0', `"name":${deep}`)}]}`,
    );
    expect(answer.status).toBeLessThan(500);
    expect(await answer.text()).toMatch(/deep|levels/);
    expect((await post('/api/settings', deep)).status).toBe(400);
    expect(Date.now() - began).toBeLessThan(2000);
  });

  test('3,000 mutated entries: each taken or refused with a word, nothing half-written', async () => {
    const own = office.members[0]!.id;
    const values = fc.oneof(
      fc.constantFrom<unknown>(
        null,
        '\0',
        '\ud800',
        '__proto__',
        'constructor',
        -1,
        2 ** 53 - 1,
        2 ** 53,
        1e400,
        '2026-02-30T25:61:00+99:99',
        '9999-12-31T23:59:59+00:00',
        [],
        {},
        'x'.repeat(30_000),
      ),
      fc.jsonValue({ maxDepth: 3 }),
    );
    const mutation = fc.record({
      key: fc.constantFrom(
        'v',
        'id',
        'counter',
        'device',
        'author',
        'at',
        'action',
        'kind',
        'thing',
        'type',
        'in',
        'facts',
        'certainty',
        'replaces',
        'about',
        'undoes',
        '__proto__',
      ),
      value: values,
      fact: fc.option(fc.constantFrom('name', '__proto__', 'constructor', 'address', 'toString')),
      drop: fc.boolean(),
    });
    const inspection = `mutated-${randomUUID()}`;
    const mutated = fc
      .sample(mutation, { numRuns: 3000, seed: 1818 })
      .map(({ key, value, fact, drop }) => {
        const entry: Record<string, unknown> = { ...siteEntry(own) };
        if (fact) entry.facts = JSON.parse(`{${JSON.stringify(fact)}:0}`) as object;
        if (fact) Object.defineProperty(entry.facts, fact, { value, enumerable: true });
        else if (drop) delete entry[key];
        else Object.defineProperty(entry, key, { value, enumerable: true });
        return entry;
      });
    const arrived = new Set<string>();
    for (let from = 0; from < mutated.length; from += 250) {
      const answer = await deliver(mutated.slice(from, from + 250), inspection);
      expect([from, answer.status]).toEqual([from, 200]);
      const { deliveries } = (await answer.json()) as {
        deliveries: { id: string; outcome: string; reason?: string }[];
      };
      for (const one of deliveries)
        if (one.outcome === 'arrived') arrived.add(one.id);
        else expect(one.reason).toMatch(/\w/);
    }
    expect(arrived.size).toBeGreaterThan(100);
    const stored = await inOrganisation(office.organisation, (tx) => manyEntries(tx, inspection));
    expect(new Set(stored.map(({ body }) => (body as { id: string }).id))).toEqual(arrived);
    for (const view of ['walk', 'judge', 'history', 'report'])
      expect([
        view,
        (await fetch(`${server.origin}/inspections/${inspection}/${view}`, { headers: { cookie } }))
          .status,
      ]).toEqual([view, 200]);
  });

  test('a counter at the end of all numbers does not end the inspection', async () => {
    const own = office.members[0]!.id;
    const inspection = `counter-${randomUUID()}`;
    const {
      thing: _,
      type: __,
      in: ___,
      ...envelope
    } = siteEntry(own, {
      counter: Number.MAX_SAFE_INTEGER,
    }) as AddEntry;
    const last = {
      ...envelope,
      kind: 'observe',
      about: 'site',
      facts: { name: 'Poison' },
      replaces: [],
    };
    expect((await deliver([siteEntry(own), last], inspection)).status).toBe(200);
    const entries = (
      await inOrganisation(office.organisation, (tx) => manyEntries(tx, inspection))
    ).map(({ body }) => body as never);
    const book = new Logbook(
      { newId: () => randomUUID(), device: 'phone', author: own, at: '2026-04-14T10:00:00+01:00' },
      entries,
    );
    book.observe('site', { name: 'Read after it' });
    const answer = await deliver(book.entries.slice(2), inspection);
    expect(await answer.json()).toMatchObject({ deliveries: [{ outcome: 'arrived' }] });
    expect(book.site.name).toBe('Read after it');
  });
});

describe('settings of a strange hand', () => {
  test.each(['constructor', '__proto__', 'toString', 'hasOwnProperty'])(
    'a yardstick called %s is refused, and the office stays open',
    async (yardstick) => {
      const { startingSettings } = await import('@/core');
      const body = JSON.stringify({ ...startingSettings('x'), yardstick });
      expect((await post('/api/settings', body, { ...json, 'if-match': '"1"' })).status).toBe(400);
      expect((await fetch(server.origin, { headers: { cookie } })).status).toBe(200);
    },
  );
});

describe('bodies without an end', () => {
  test.each([
    '/sign-in/submit',
    `/r/${'g'.repeat(43)}/acknowledge`,
    '/api/entries',
    '/api/settings',
  ])('%s stops reading; memory stays', async (path) => {
    const before = await rss(server.process.pid!);
    await Promise.all(Array.from({ length: 4 }, () => pour(path, 120)));
    expect((await rss(server.process.pid!)) - before).toBeLessThan(300);
    expect((await fetch(`${server.origin}/sign-in`)).status).toBe(200);
  });

  /** Megabytes of a process and its children. */
  async function rss(pid: number): Promise<number> {
    const { readFile } = await import('node:fs/promises');
    const status = await readFile(`/proc/${pid}/status`, 'utf8');
    return Number(/VmRSS:\s+(\d+)/.exec(status)?.[1]) / 1024;
  }

  /** Sends so many megabytes, as long as anybody takes them. */
  const pour = (path: string, megabytes: number) =>
    new Promise<void>((resolve) => {
      const asking = request(
        server.origin + path,
        {
          method: 'POST',
          headers: {
            cookie,
            'content-type': path.startsWith('/api')
              ? 'application/json'
              : 'application/x-www-form-urlencoded',
          },
        },
        (response) => response.resume().once('close', resolve),
      );
      asking.once('error', () => resolve());
      asking.once('close', () => resolve());
      const chunk = Buffer.alloc(1024 * 1024, 'a');
      const send = (left: number): void => {
        if (left === 0 || asking.destroyed) return void asking.end();
        if (asking.write(chunk)) setImmediate(send, left - 1);
        else asking.once('drain', () => send(left - 1));
      };
      send(megabytes);
    });
});

describe('a client’s link', () => {
  test('is counted as opened by whoever opens it, not by whoever asks for its head', async () => {
    const session = office.session();
    const mark = randomUUID().slice(0, 8);
    const book = new Logbook(
      {
        newId: () => randomUUID(),
        device: 'tablet',
        author: session.member,
        at: '2026-11-25T11:00:00+00:00',
      },
      lockKeepersHouse(session.member).entries.map((entry) => ({
        ...entry,
        id: `${mark}-${entry.id}`,
      })),
    );
    book.observe('lock-main', { toldWhom: 'The owner, in person' });
    const inspection = `head-${mark}`;
    for (let from = 0; from < book.entries.length; from += 400)
      await deliverEntries(session, { inspection, entries: book.entries.slice(from, from + 400) });
    const issued = await issueReport(
      session,
      inspection,
      { kind: 'report', password: word, changes: '' },
      new Date(),
    );
    if (!issued?.ok) throw new Error(JSON.stringify(issued));
    // An address with every sign a mailbox may have.
    const to = "o'brien+x@client.example";
    const sent = await post('/api/links', JSON.stringify({ report: issued.id, to, days: 3 }));
    expect(sent.status).toBe(200);
    const { url } = (await sent.json()) as { url: string };
    expect(url.startsWith(`${server.origin}/r/`)).toBe(true);
    const opened = async () => (await listLinks(session, inspection))[0]!.opened;
    const of = (method: string) => fetch(url, { method }).then((answer) => answer.text());
    await of('HEAD');
    expect(await opened()).toBe(0);
    await of('GET');
    expect(await opened()).toBe(1);
  });
});

test('reached by https, cookies go by https alone, and links begin with what is set', async () => {
  const secure = await startServer(await freePort(), { PUBLIC_ORIGIN: 'https://east.example' });
  try {
    const answer = await fetch(`${secure.origin}/sign-in/submit`, {
      method: 'POST',
      body: new URLSearchParams({ email: office.members[0]!.email, password: word }),
      redirect: 'manual',
    });
    const cookies = answer.headers.getSetCookie();
    expect(cookies).toHaveLength(3);
    for (const one of cookies) expect(one).toMatch(/; Secure(;|$)/);
    // Pages read whose device it is, and nothing else.
    const read = cookies.filter((one) => !/; HttpOnly(;|$)/.test(one));
    expect(read.map((one) => one.split(';')[0])).toEqual([
      `east-gate-member=${office.members[0]!.id}`,
    ]);
    expect(answer.headers.get('strict-transport-security')).toBeTruthy();
  } finally {
    await secure.kill();
  }
});

test('what waits in the database is given up in time', async () => {
  const limits = await inOrganisation(office.organisation, async (tx) => {
    const { rows } = await tx.query<{ name: string; setting: string }>(
      `select name, setting from pg_settings
       where name in ('statement_timeout', 'lock_timeout', 'idle_in_transaction_session_timeout') order by 1`,
    );
    return rows.map(({ setting }) => Number(setting));
  });
  for (const ms of limits) {
    expect(ms).toBeGreaterThan(0);
    expect(ms).toBeLessThanOrEqual(30_000);
  }
  expect(limits).toHaveLength(3);
});
