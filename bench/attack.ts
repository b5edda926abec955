import { fork } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { request } from 'node:http';
import { setTimeout as wait } from 'node:timers/promises';
import { deflateSync } from 'node:zlib';
import pg from 'pg';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { demoOrganisations } from '@/server/demo/people';
import { freePort, signInCookie, startServer } from '../tests/server';

/** What another office waits while one office asks for as much as it can: its 95th percentile, quiet and under attack. */
const [marrow, other] = demoOrganisations;
const greedy = marrow.members[0];
const modest = other.members[0];
const seconds = 8;

const attacks = {
  'twelve posts of 500 entries at once, again and again': async (
    origin: string,
    cookie: string,
  ) => {
    const inspection = `attack-${randomUUID()}`;
    const post = () => {
      const entries = Array.from({ length: 500 }, (_, counter) => ({
        v: 1,
        id: randomUUID(),
        counter: counter + 1,
        device: 'tablet',
        author: greedy.id,
        at: '2026-04-14T09:41:00+01:00',
        action: randomUUID(),
        kind: 'add',
        thing: randomUUID(),
        type: 'site',
        in: null,
        facts: { name: 'x' },
        certainty: 'seen',
      }));
      return send(
        origin,
        cookie,
        '/api/entries',
        'application/json',
        JSON.stringify({ inspection, entries }),
      );
    };
    await Promise.all(Array.from({ length: 12 }, post));
  },
  'a house delivered twelve times at once': async (origin: string, cookie: string) => {
    const deliver = () => {
      const mark = randomUUID().slice(0, 8);
      const entries = lockKeepersHouse(greedy.id)
        .entries.slice(0, 400)
        .map((entry) => ({ ...entry, id: `${mark}-${entry.id}` }));
      return send(
        origin,
        cookie,
        '/api/entries',
        'application/json',
        JSON.stringify({ inspection: `house-${mark}`, entries }),
      );
    };
    await Promise.all(Array.from({ length: 12 }, deliver));
  },
  'six bodies of 300 MB': (origin: string, cookie: string) =>
    Promise.all(Array.from({ length: 6 }, () => pour(origin, cookie, '/sign-in/submit', 300))),
  '50 KB of nested arrays, twelve at once': (origin: string, cookie: string) => {
    const deep = '['.repeat(25_000) + ']'.repeat(25_000);
    return Promise.all(
      Array.from({ length: 12 }, () =>
        send(
          origin,
          cookie,
          '/api/entries',
          'application/json',
          `{"inspection":"deep","entries":[{"facts":${deep}}]}`,
        ),
      ),
    );
  },
  'PDFs that inflate to hundreds of megabytes': (origin: string, cookie: string) =>
    Promise.all(
      Array.from({ length: 4 }, () =>
        send(origin, cookie, '/api/packages', 'application/pdf', bomb),
      ),
    ),
  'wrong passwords, sixteen at once': (origin: string) =>
    Promise.all(
      Array.from({ length: 16 }, () =>
        send(
          origin,
          '',
          '/sign-in/submit',
          'application/x-www-form-urlencoded',
          `email=${randomUUID()}@x.example&password=guess`,
        ),
      ),
    ),
} satisfies Record<string, (origin: string, cookie: string) => Promise<unknown>>;

/** A PDF of half a megabyte whose attachment inflates to 500. */
const bomb = (() => {
  const packed = deflateSync(Buffer.alloc(500 * 1024 * 1024), { level: 9 });
  const objects = [
    '<</Type/Catalog/Pages 2 0 R/Names<</EmbeddedFiles<</Names[(a.zip)4 0 R]>>>>>>',
    '<</Type/Pages/Kids[]/Count 0>>',
    '<<>>',
    '<</Type/Filespec/F(a.zip)/EF<</F 5 0 R>>>>',
  ];
  const head = objects.map((text, at) => `${at + 1} 0 obj\n${text}\nendobj\n`).join('');
  const file = [
    Buffer.from(
      `%PDF-1.7\n${head}5 0 obj\n<</Type/EmbeddedFile/Filter/FlateDecode/Length ${packed.length}>>\nstream\n`,
    ),
    packed,
    Buffer.from('\nendstream\nendobj\ntrailer<</Root 1 0 R/Size 6>>\n%%EOF\n'),
  ];
  return Buffer.concat(file);
})();

function send(
  origin: string,
  cookie: string,
  path: string,
  type: string,
  body: string | Buffer,
): Promise<unknown> {
  return fetch(origin + path, {
    method: 'POST',
    headers: { cookie, 'content-type': type },
    body: typeof body === 'string' ? body : new Uint8Array(body),
    redirect: 'manual',
  }).then(
    (answer) => answer.arrayBuffer(),
    () => undefined,
  );
}

const pour = (origin: string, cookie: string, path: string, megabytes: number): Promise<void> =>
  new Promise((resolve) => {
    const asking = request(
      origin + path,
      { method: 'POST', headers: { cookie, 'content-type': 'application/x-www-form-urlencoded' } },
      (answer) => answer.resume().once('close', resolve),
    );
    asking.once('error', () => resolve());
    asking.once('close', () => resolve());
    const chunk = Buffer.alloc(1024 * 1024, 'a');
    const more = (left: number): void => {
      if (left === 0 || asking.destroyed) return void asking.end();
      if (asking.write(chunk)) setImmediate(more, left - 1);
      else asking.once('drain', () => more(left - 1));
    };
    more(megabytes);
  });

/** Milliseconds of each of another office’s requests, one after another for some seconds. */
async function asked(origin: string, cookie: string, inspection: string): Promise<number[]> {
  const times: number[] = [];
  for (const until = Date.now() + seconds * 1000; Date.now() < until;) {
    const path = times.length % 2 ? '/' : `/inspections/${inspection}/walk`;
    const began = performance.now();
    const answer = await fetch(origin + path, { headers: { cookie } });
    await answer.arrayBuffer();
    if (!answer.ok) throw new Error(`${path} gave ${answer.status}`);
    times.push(performance.now() - began);
    await wait(20);
  }
  return times;
}

const p95 = (times: readonly number[]) =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)]!;

if (process.argv[2] === 'attack') {
  const [, , , name, origin, cookie] = process.argv;
  for (;;) {
    await attacks[name as keyof typeof attacks](origin!, cookie!);
    await wait(10);
  }
} else {
  // Attempts of earlier runs would be counted against this one.
  const owner = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
  await owner.connect();
  await owner.query(`select set_config('east_gate.door', 'open', false)`);
  await owner.query('delete from sign_in_attempts');
  await owner.end();
  const server = await startServer(await freePort());
  const [mine, theirs] = await Promise.all([
    signInCookie(server.origin, modest.email, modest.password),
    signInCookie(server.origin, greedy.email, greedy.password),
  ]);
  const inspection = `modest-${randomUUID()}`;
  const entries = lockKeepersHouse(modest.id)
    .entries.slice(0, 200)
    .map((entry) => ({ ...entry, id: `${inspection.slice(-8)}-${entry.id}` }));
  await send(
    server.origin,
    mine,
    '/api/entries',
    'application/json',
    JSON.stringify({ inspection, entries }),
  );
  await asked(server.origin, mine, inspection);
  const quiet = p95(await asked(server.origin, mine, inspection));
  console.log('Another office’s pages while one asks for as much as it can, 95th percentile');
  console.log(`  quiet: ${quiet.toFixed(0)} ms`);
  for (const name of Object.keys(attacks)) {
    const attacker = fork(process.argv[1]!, ['attack', name, server.origin, theirs], {
      execArgv: ['--conditions=react-server'],
    });
    await wait(500);
    const under = p95(await asked(server.origin, mine, inspection));
    attacker.kill('SIGKILL');
    console.log(`  ${name}: ${under.toFixed(0)} ms, ${(under / quiet).toFixed(1)} times`);
    await wait(2500);
  }
  await server.kill();
}
