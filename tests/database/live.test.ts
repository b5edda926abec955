import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import pg from 'pg';
import type { Entry } from '@/core/record/entries/entry';
import { forgetClient } from '@/server/commands/keeping';
import { exportPackage, importPackage } from '@/server/commands/transfer-package';
import { closePool } from '@/server/db/connect';
import type { RunningServer } from '../server';
import { freePort, signInCookie, startServer } from '../server';
import { watch } from '../event-stream';
import type { TestOffice } from './office';
import { seedOffices, siteEntry, word } from './office';

jest.setTimeout(120_000);

let office: TestOffice;
let strangers: TestOffice;
/** Two processes over one database. */
let servers: [RunningServer, RunningServer];
let cookies: string[];
let strange: string;

beforeAll(async () => {
  [office, strangers] = (await seedOffices(2, 3)) as [TestOffice, TestOffice];
  servers = [await startServer(await freePort()), await startServer(await freePort())];
  const [{ origin }] = servers;
  cookies = await Promise.all(office.members.map(({ email }) => signInCookie(origin, email, word)));
  strange = await signInCookie(origin, strangers.members[0]!.email, word);
});
afterAll(async () => {
  await Promise.all(servers.map((server) => server.kill()));
  await closePool();
});

const note = (by: number, counter: number, device = `device-${by}`): Entry =>
  siteEntry(office.members[by]!.id, {
    counter,
    device,
    thing: `note-${randomUUID()}`,
    type: 'note',
    in: 'site',
    facts: { words: `number ${counter}` },
  } as Partial<Entry>);

async function deliver(
  by: number,
  inspection: string,
  entries: readonly Entry[],
  { origin } = servers[0],
): Promise<void> {
  const response = await fetch(`${origin}/api/entries`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie: cookies[by]! },
    body: JSON.stringify({ inspection, entries }),
  });
  const { deliveries } = (await response.json()) as { deliveries: { outcome: string }[] };
  expect(deliveries.every(({ outcome }) => outcome === 'arrived')).toBe(true);
}

const say = (by: number, body: object, { origin } = servers[0]) =>
  fetch(`${origin}/api/live`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie: cookies[by]! },
    body: JSON.stringify(body),
  });

const begun = async (): Promise<string> => {
  const inspection = `live-${randomUUID()}`;
  await deliver(0, inspection, [siteEntry(office.members[0]!.id)]);
  return inspection;
};
const ids = (entries: readonly Entry[]) => entries.map(({ id }) => id);

describe('what arrives', () => {
  test('by one process is told by the other, with who wrote it', async () => {
    const inspection = await begun();
    const watching = await watch(servers[1].origin, cookies[1]!, inspection);
    await watching.until(() => watching.entries().length === 1);
    const entry = note(0, 2);
    await deliver(0, inspection, [entry]);
    await watching.until(() => watching.entries().length === 2);
    expect(watching.entries()[1]).toEqual(entry);
    expect(watching.news.at(-1)).toMatchObject({
      from: 1,
      arrived: 2,
      authors: [{ id: office.members[0]!.id, name: 'Member 00', licence: 'ML-00' }],
    });
    watching.leave();
  });

  test('by both at once is told each watcher once, in one order without a gap', async () => {
    const inspection = await begun();
    const watchings = await Promise.all(
      [0, 1, 0, 1].map((at) => watch(servers[at]!.origin, cookies[1]!, inspection)),
    );
    const made = Array.from({ length: 40 }, (_, nth) => note(nth % 2, 2 + nth));
    await Promise.all(
      made.map((entry, nth) => deliver(nth % 2, inspection, [entry], servers[(nth >> 1) % 2])),
    );
    for (const watching of watchings) {
      await watching.until(() => watching.entries().length === 41);
      expect(new Set(ids(watching.entries()))).toEqual(
        new Set([watching.entries()[0]!.id, ...ids(made)]),
      );
      watching.news.reduce((at, { from, arrived, entries }) => {
        expect([from, arrived]).toEqual([at, at + entries.length]);
        return arrived;
      }, 0);
      watching.leave();
    }
    const [one, ...others] = watchings.map((watching) => ids(watching.entries()));
    for (const other of others) expect(other).toEqual(one);
  });

  test('what came between two streams comes with the next, from where the first had come', async () => {
    const inspection = await begun();
    const first = await watch(servers[0].origin, cookies[1]!, inspection);
    await first.until(() => first.entries().length === 1);
    first.leave();
    const missed = [note(0, 2), note(1, 2)];
    await deliver(0, inspection, missed.slice(0, 1));
    await deliver(1, inspection, missed.slice(1), servers[1]);
    const again = await watch(servers[1].origin, cookies[1]!, inspection, 1);
    await again.until(() => again.entries().length === 2);
    expect(ids(again.entries())).toEqual(ids(missed));
    again.leave();
  });

  test('more than is sent at once comes in several', async () => {
    const inspection = await begun();
    for (let batch = 0; batch < 2; batch += 1)
      await deliver(
        0,
        inspection,
        Array.from({ length: 400 }, (_, nth) => note(0, 2 + batch * 400 + nth)),
      );
    const watching = await watch(servers[1].origin, cookies[1]!, inspection);
    await watching.until(() => watching.entries().length === 801);
    expect(watching.news.map(({ entries }) => entries.length)).toEqual([500, 301]);
    watching.leave();
  });

  test('while the database lets nobody listen it comes all the same, a little later', async () => {
    const inspection = await begun();
    const watching = await watch(servers[1].origin, cookies[1]!, inspection, 1);
    const app = new pg.Client({ connectionString: process.env.DATABASE_URL });
    await app.connect();
    const { rowCount } = await app.query(
      `select pg_terminate_backend(pid) from pg_stat_activity where application_name = 'east-gate-live'`,
    );
    await app.end();
    expect(rowCount).toBeGreaterThanOrEqual(2);
    await deliver(0, inspection, [note(0, 2)]);
    await watching.until(() => watching.entries().length === 1);
    watching.leave();
  });

  test('a package, and a client who is forgotten, have the whole asked for anew', async () => {
    const inspection = await begun();
    const [manager] = [office.session(0)];
    const there = strangers.session(0);
    const file = await exportPackage(manager, inspection);
    const imported = await importPackage(there, file!.zip);
    expect(imported.ok).toBe(true);
    const brought = await watch(servers[1].origin, strange, inspection);
    await brought.until(() => brought.news.length > 0);
    expect(brought.news[0]).toMatchObject({ entries: [], again: true });
    brought.leave();
    const watching = await watch(servers[1].origin, cookies[1]!, inspection, 1);
    expect(await forgetClient(manager, { inspection })).toMatchObject({ ok: true });
    await watching.until(() => watching.news.length > 0);
    expect(watching.news[0]).toMatchObject({ from: 1, arrived: 1, again: true });
    watching.leave();
  });
});

describe('asked now and then', () => {
  const ask = async (cookie: string, inspection: string, after: number | string) => {
    const response = await fetch(
      `${servers[0].origin}/api/live?${new URLSearchParams({ inspection, after: String(after) })}`,
      { headers: { cookie } },
    );
    return { status: response.status, body: (await response.json()) as { news?: unknown } };
  };

  test('the same is told', async () => {
    const inspection = await begun();
    const entry = note(1, 2);
    await deliver(1, inspection, [entry], servers[1]);
    expect((await ask(cookies[0]!, inspection, 1)).body.news).toMatchObject({
      from: 1,
      arrived: 2,
      entries: [entry],
    });
    expect((await ask(cookies[0]!, inspection, 2)).body.news).toMatchObject({ entries: [] });
  });

  test('what is no place in the order is refused in words', async () => {
    const { status, body } = await ask(cookies[0]!, 'x', '-1');
    expect([status, JSON.stringify(body)]).toEqual([
      400,
      expect.stringContaining('a place in the order of arrival'),
    ]);
    expect((await ask('', 'x', 0)).status).toBe(401);
  });
});

describe('who watches', () => {
  test('sees his own office alone, and nobody without a session sees anything', async () => {
    const inspection = await begun();
    const watching = await watch(servers[0].origin, strange, inspection);
    await say(0, { inspection, device: 'tablet' });
    await deliver(0, inspection, [note(0, 2)]);
    const own = await watch(servers[0].origin, cookies[0]!, inspection);
    await own.until(() => own.entries().length === 2);
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect([watching.news, watching.here]).toEqual([[], []]);
    watching.leave();
    own.leave();
    expect((await watch(servers[0].origin, '', inspection)).status).toBe(401);
    expect((await watch(servers[0].origin, cookies[0]!, 'a b')).status).toBe(400);
  });

  test('is let go once his session is ended', async () => {
    const inspection = await begun();
    const cookie = await signInCookie(servers[1].origin, office.members[2]!.email, word);
    const watching = await watch(servers[0].origin, cookie, inspection);
    expect(watching.status).toBe(200);
    await fetch(`${servers[1].origin}/sign-out`, {
      method: 'POST',
      headers: { cookie, 'content-type': 'application/x-www-form-urlencoded' },
      redirect: 'manual',
    });
    await watching.until(() => watching.isEnded(), 25_000);
  });

  test('holds so many streams and no more', async () => {
    const inspection = await begun();
    const watchings = [];
    for (let nth = 0; nth < 13; nth += 1)
      watchings.push(await watch(servers[1].origin, cookies[2]!, inspection));
    expect(watchings.map(({ status }) => status)).toEqual([...Array<number>(12).fill(200), 503]);
    for (const one of watchings) one.leave();
  });
});

describe('who is there', () => {
  const hand = { panel: 'panel', selection: { kind: 'position', number: 7 } };

  test('is told by every process, with what he has in hand, until he leaves', async () => {
    const inspection = await begun();
    const watching = await watch(servers[1].origin, cookies[0]!, inspection);
    expect((await say(1, { inspection, device: 'phone', hand })).status).toBe(204);
    await watching.until(() => watching.here.length === 1);
    expect(watching.here).toEqual([
      { device: 'phone', member: office.members[1]!.id, name: 'Member 01', hand },
    ]);
    const late = await watch(servers[0].origin, cookies[2]!, inspection);
    await late.until(() => late.here.length === 1);
    await say(1, { inspection, device: 'phone', gone: true });
    await watching.until(() => watching.here.length === 0);
    await late.until(() => late.here.length === 0);
    watching.leave();
    late.leave();
  });

  test('what is no hand is refused in words, and nobody is told', async () => {
    const inspection = await begun();
    const response = await say(1, {
      inspection,
      device: 'phone',
      hand: { panel: 'panel', selection: { kind: 'position', number: 'seven' } },
    });
    expect(response.status).toBe(400);
    expect(JSON.stringify(await response.json())).toContain('selection.number');
    expect(
      (await say(1, { inspection, device: 'phone', hand, name: 'Somebody else' })).status,
    ).toBe(400);
  });
});
