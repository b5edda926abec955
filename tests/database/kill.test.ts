import 'fake-indexeddb/auto';
import { afterAll, beforeAll, describe, expect, jest, test } from '@jest/globals';
import pg from 'pg';
import type { Entry } from '@/core/record/entries/entry';
import { countHeld, heldOf, hold, openHeld } from '@/client/outbox/held';
import type { HeldDatabase } from '@/client/outbox/held';
import { deliverWaiting } from '@/client/outbox/sender';
import { httpTransport } from '@/client/outbox/transport';
import type { Transport } from '@/client/outbox/transport';
import { demoOrganisations } from '@/server/demo/people';
import type { RunningServer } from '../server';
import { freePort, signInCookie, startServer } from '../server';

// Fifty starts of a server, each of which a busy machine may take long over.
jest.setTimeout(900_000);

const [, organisation] = demoOrganisations;
const [member] = organisation.members;
const inspection = `kill-${Date.now()}`;
const moments = [
  'before send',
  'before commit',
  'after commit, before acknowledgement',
  'in flight',
] as const;
const rounds = 50;

let server: RunningServer;
let cookie: string;
let db: HeldDatabase;
let owner: pg.Client;
const made: string[] = [];

/** A seeded stream of numbers below a bound. */
function seeded(seed: number) {
  let state = seed;
  return (below: number) => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return Math.floor((state / 2 ** 32) * below);
  };
}

async function make(count: number): Promise<void> {
  const entries = Array.from({ length: count }, (): Entry => {
    const number = made.length + 1;
    const id = `${inspection}-${number}`;
    made.push(id);
    return {
      v: 1,
      id,
      counter: number,
      device: 'tablet',
      author: member.id,
      at: '2026-04-14T09:41:00+01:00',
      action: id,
      kind: 'add',
      thing: `thing-${number}`,
      type: 'site',
      in: null,
      facts: { name: `Place ${number}` },
      certainty: 'seen',
    };
  });
  await hold(
    db,
    entries.map((entry) => ({
      organisation: organisation.id,
      member: member.id,
      inspection,
      id: entry.id,
      entry,
      state: 'waiting' as const,
    })),
  );
}

const http = (): Transport => httpTransport(server.origin, { cookie });

/** Delivers while the server dies at the moment; what the sender then knows is only what it heard. */
async function deliverAndDie(
  moment: (typeof moments)[number],
  pick: (below: number) => number,
): Promise<void> {
  if (moment === 'before send') {
    await server.kill();
    await deliverWaiting(db, member.id, http());
  } else if (moment === 'before commit') {
    await owner.query('begin');
    await owner.query('lock table entries in share row exclusive mode');
    const delivering = deliverWaiting(db, member.id, http());
    await blockedInsert();
    await server.kill();
    await owner.query('rollback');
    await delivering;
  } else if (moment === 'after commit, before acknowledgement') {
    const deaf: Transport = async (...batch) => {
      const answer = await http()(...batch);
      expect(answer.kind).toBe('delivered');
      await server.kill();
      return { kind: 'unreachable' };
    };
    await deliverWaiting(db, member.id, deaf);
  } else {
    const delivering = deliverWaiting(db, member.id, http());
    await new Promise((resolve) => setTimeout(resolve, pick(25)));
    await server.kill();
    await delivering;
  }
}

async function blockedInsert(): Promise<void> {
  for (let attempt = 0; attempt < 6000; attempt += 1) {
    const { rows } = await owner.query(
      `select 1 from pg_locks where not granted and relation = 'entries'::regclass`,
    );
    if (rows.length > 0) return;
    await new Promise((resolve) => setTimeout(resolve, 10));
  }
  throw new Error('no insert waits for the lock');
}

async function storedIds(): Promise<string[]> {
  await owner.query('begin');
  await owner.query(`select set_config('east_gate.door', 'open', true)`);
  const { rows } = await owner.query<{ id: string }>(
    'select id from entries where inspection_id = $1 order by counter',
    [inspection],
  );
  await owner.query('commit');
  return rows.map((row) => row.id);
}

beforeAll(async () => {
  owner = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
  await owner.connect();
  db = await openHeld('kill-test');
  server = await startServer(await freePort());
  cookie = await signInCookie(server.origin, member.email, member.password);
});

afterAll(async () => {
  await server.kill();
  await owner.end();
  db.close();
});

describe('a server killed at any moment', () => {
  test(`loses nothing and doubles nothing over ${rounds} seeded kills`, async () => {
    const pick = seeded(20260414);
    const tried = new Map<string, number>();
    for (let round = 0; round < rounds; round += 1) {
      const moment = moments[pick(moments.length)]!;
      tried.set(moment, (tried.get(moment) ?? 0) + 1);
      await make(1 + pick(4));
      await deliverAndDie(moment, pick);
      const held = await heldOf(db, member.id, inspection);
      const arrived = held.filter((one) => one.state === 'arrived').map((one) => one.id);
      const waitingNow = held.filter((one) => one.state === 'waiting').map((one) => one.id);
      expect([...arrived, ...waitingNow].sort()).toEqual([...made].sort());
      const stored = new Set(await storedIds());
      expect(arrived.filter((id) => !stored.has(id))).toEqual([]);
      server = await startServer(server.port);
    }
    expect(await deliverWaiting(db, member.id, http())).toBe('idle');
    expect(await storedIds()).toEqual(made);
    expect(await countHeld(db, member.id)).toMatchObject({
      waiting: 0,
      arrived: made.length,
      refused: [],
    });
    expect([...tried.keys()].sort()).toEqual([...moments].sort());
  });

  test('what the server refuses is set aside with its reason, and the rest goes on', async () => {
    const strange: Entry = {
      v: 1,
      id: `${inspection}-strange`,
      counter: made.length + 1,
      device: 'tablet',
      author: 'somebody-else',
      at: '2026-04-14T09:41:00+01:00',
      action: 'strange',
      kind: 'undo',
      undoes: 'nothing',
    };
    await hold(db, [
      {
        organisation: organisation.id,
        member: member.id,
        inspection,
        id: strange.id,
        entry: strange,
        state: 'waiting',
      },
    ]);
    await make(1);
    expect(await deliverWaiting(db, member.id, http())).toBe('idle');
    const { refused, waiting } = await countHeld(db, member.id);
    expect(waiting).toBe(0);
    expect(refused.map(({ id, reason }) => [id, reason])).toEqual([
      [strange.id, expect.stringContaining('written by somebody-else')],
    ]);
    expect(await storedIds()).toEqual(made);
  });

  test('an ended session holds everything until somebody signs in again', async () => {
    await make(1);
    const stranger = httpTransport(server.origin, { cookie: 'east-gate-session=gone' });
    expect(await deliverWaiting(db, member.id, stranger)).toBe('signed-out');
    expect((await countHeld(db, member.id)).waiting).toBe(1);
    const other = await signInCookie(
      server.origin,
      demoOrganisations[0].members[1].email,
      demoOrganisations[0].members[1].password,
    );
    expect(
      await deliverWaiting(db, member.id, httpTransport(server.origin, { cookie: other })),
    ).toBe('signed-out');
    expect(await deliverWaiting(db, member.id, http())).toBe('idle');
    expect(await storedIds()).toEqual(made);
  });
});
