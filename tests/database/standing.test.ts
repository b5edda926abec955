import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { afterAll, beforeAll, expect, jest, test } from '@jest/globals';
import pg from 'pg';
import type { Entry } from '@/core/record/entries/entry';
import { Logbook } from '@/core';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { httpTransport } from '@/client/outbox/transport';
import type { PartState } from '@/server/run/supervisor';
import type { StandingLine } from '@/server/web/standing-page';
import { freePort, signInCookie } from '../server';
import { startMailServer } from '../smtp';
import type { TestOffice } from './office';
import { seedOffices, siteEntry, word } from './office';

jest.setTimeout(400_000);

const folder = mkdtempSync(join(tmpdir(), 'standing-'));
const allWithinMs = 15_000;
let kept: ChildProcess;
let origin: string;
let office: TestOffice;
let cookie: string;
let owner: string;
let postmaster: string;
let report: string;
let mail: Awaited<ReturnType<typeof startMailServer>>;

beforeAll(async () => {
  mail = await startMailServer();
  const port = await freePort();
  origin = `http://127.0.0.1:${port}`;
  kept = spawn('tests/set-up/own-server.sh', [], {
    env: {
      ...process.env,
      PORT: String(port),
      EAST_GATE_DATA: folder,
      NODE_OPTIONS: '',
      PROCESSES: '2',
      WORKERS: '2',
      SMTP_URL: mail.url,
      SMTP_FROM: 'panels@office.example',
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await new Promise<void>((resolve, reject) => {
    kept.stdout!.on('data', (text: Buffer) => {
      if (text.toString().includes('ready:')) resolve();
    });
    kept.once('exit', (code) => reject(new Error(`ended with ${code}`)));
  });
  const [, ownerUrl, pidFile] = readFileSync(join(folder, 'urls'), 'utf8').split('\n');
  owner = ownerUrl!;
  postmaster = pidFile!;
  const given = process.env.DATABASE_OWNER_URL;
  process.env.DATABASE_OWNER_URL = owner;
  [office] = (await seedOffices(1, 1)) as [TestOffice];
  process.env.DATABASE_OWNER_URL = given;
  cookie = await signInCookie(origin, office.members[0]!.email, word);
  report = await issueOne();
}, 120_000);
afterAll(async () => {
  const gone = new Promise((resolve) => kept.once('exit', resolve));
  kept.kill('SIGTERM');
  await gone;
  await mail.stop();
});

/** A report to send: the lock-keeper’s house, its danger told to somebody. */
async function issueOne(): Promise<string> {
  const [member] = office.members;
  const book = new Logbook(
    {
      newId: () => randomUUID(),
      device: 'tablet',
      author: member!.id,
      at: '2026-11-25T11:00:00+00:00',
    },
    lockKeepersHouse(member!.id).entries,
  );
  book.observe('lock-main', { toldWhom: 'The owner, in person' });
  for (let from = 0; from < book.entries.length; from += 400)
    await httpTransport(origin, { cookie })(
      member!.id,
      'standing-house',
      book.entries.slice(from, from + 400),
    );
  const answer = await fetch(`${origin}/api/reports`, {
    method: 'POST',
    headers: { cookie, 'content-type': 'application/json' },
    body: JSON.stringify({
      inspection: 'standing-house',
      kind: 'report',
      changes: '',
      password: word,
    }),
  });
  const issued = (await answer.json()) as { id?: string };
  if (!issued.id) throw new Error(JSON.stringify(issued));
  return issued.id;
}

const parts = (): PartState[] =>
  (JSON.parse(readFileSync(join(folder, 'standing.json'), 'utf8')) as { parts: PartState[] }).parts;
const told = (): Promise<StandingLine[]> =>
  fetch(`${origin}/standing.json`).then(
    (answer) => answer.json() as Promise<StandingLine[]>,
    () => [],
  );
const pidOf = (name: string): number =>
  name === 'database'
    ? Number(readFileSync(postmaster, 'utf8').split('\n')[0])
    : parts().find((part) => part.name === name)!.pid!;

/** The web processes behind one port. */
const childrenOf = (pid: number): number[] =>
  readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').split(' ').filter(Boolean).map(Number);

async function untilAsync(holds: () => Promise<boolean>): Promise<void> {
  for (const began = Date.now(); Date.now() - began < 150_000; await wait(250))
    if (await holds()) return;
  throw new Error('it never came to that');
}
async function until(holds: () => boolean): Promise<void> {
  for (const began = Date.now(); Date.now() - began < allWithinMs; await wait(50))
    if (holds()) return;
  throw new Error('not within 15 s');
}

test('database, PDF maker and pages killed in turn under load: nothing acknowledged is lost, nothing is there twice, each outage is told while it lasts, all run again within 15 s; one of two processes of each kind is not missed, and no letter goes out twice', async () => {
  const inspection = `standing-${randomUUID()}`;
  const acknowledged: string[] = [];
  const made: string[] = [];
  let loading = true;
  const deliver = httpTransport(origin, { cookie });
  /** One device: what is not acknowledged is sent again, until it is. */
  const device = async (name: string) => {
    for (let counter = 1; loading; counter += 1) {
      const entry: Entry = siteEntry(office.members[0]!.id, {
        device: name,
        counter,
        thing: `${name}-${counter}`,
      });
      made.push(entry.id);
      for (;;) {
        const answer = await deliver(office.members[0]!.id, inspection, [entry]);
        if (answer.kind === 'delivered' && answer.results[0]!.outcome === 'arrived') {
          acknowledged.push(entry.id);
          break;
        }
        if (answer.kind === 'delivered' || answer.kind === 'refused')
          throw new Error(JSON.stringify(answer));
        await wait(100);
      }
      await wait(20);
    }
  };
  /** One who sends links: what is not answered is not sent again, as a person would look first. */
  const sent: { to: string; answered: boolean }[] = [];
  const sender = async () => {
    while (loading) {
      const to = `client-${sent.length}@client.example`;
      const answered = await fetch(`${origin}/api/links`, {
        method: 'POST',
        headers: { cookie, 'content-type': 'application/json' },
        body: JSON.stringify({ report, to, days: 3 }),
      }).then(
        ({ ok }) => ok,
        () => false,
      );
      sent.push({ to, answered });
      await wait(30);
    }
  };
  const devices = [...['one', 'two', 'three'].map((name) => device(name)), sender()];
  await wait(1000);
  // One of the two web processes and one of the two that work the queue, at once: the others go on.
  const web = pidOf('web');
  const [one, other] = childrenOf(web);
  const second = pidOf('worker-2');
  const heard = acknowledged.length;
  process.kill(one!, 'SIGKILL');
  process.kill(second, 'SIGKILL');
  await until(
    () =>
      childrenOf(web).length === 2 &&
      !childrenOf(web).includes(one!) &&
      parts().some(
        ({ name, state, pid }) => name === 'worker-2' && state === 'running' && pid !== second,
      ) &&
      acknowledged.length > heard + 3,
  );
  expect(childrenOf(web)).toContain(other);
  expect(pidOf('web')).toBe(web);
  const names = { database: 'The database', worker: 'The PDF maker', web: 'The pages' } as const;
  for (const part of ['database', 'worker', 'web', 'database'] as const) {
    const before = acknowledged.length;
    const pid = pidOf(part);
    process.kill(pid, 'SIGKILL');
    const began = Date.now();
    let seen = false;
    // Told in the file the pages read, however long a busy machine takes over a page.
    const look = setInterval(() => {
      seen ||= parts().some(({ name, state }) => name === part && state !== 'running');
    }, 10);
    for (;;) {
      const lines = await told();
      // While the pages are out nobody answers: who looks at the file sees it there.
      const out = lines.find(({ name }) => name === names[part]);
      if (out && !out.runs) seen = true;
      const all = lines.length >= 3 && lines.every(({ runs }) => runs);
      let same = true;
      try {
        same = pidOf(part) === pid;
      } catch {
        // Between two of them there is none.
      }
      if (all && !same && acknowledged.length > before + 3) break;
      if (Date.now() - began > allWithinMs) throw new Error(`${part}: ${JSON.stringify(lines)}`);
      await wait(20);
    }
    clearInterval(look);
    expect([part, seen]).toEqual([part, true]);
  }
  // Deliveries are taken before pages are there: whoever sends links is waited for too.
  await until(() => sent.filter(({ answered }) => answered).length > 5);
  loading = false;
  await Promise.all(devices);
  const client = new pg.Client({ connectionString: owner });
  client.on('error', () => undefined);
  await client.connect();
  await client.query(`select set_config('east_gate.door', 'open', false)`);
  const { rows } = await client.query<{ id: string }>(
    'select id from entries where inspection_id = $1',
    [inspection],
  );
  const { rows: letters } = await client.query<{ to: string; letters: number; links: number }>(
    `select l.sent_to as to, count(distinct m.id)::integer as letters, count(distinct l.id)::integer as links
     from links l left join mailbox m on m.organisation_id = l.organisation_id and m.sent_to = l.sent_to
     group by 1`,
  );
  // Every letter has ended: it arrived once, or perhaps; no other way.
  const states = async () =>
    (
      await client.query<{ sent_to: string; state: string }>(
        'select sent_to, state from mailbox where organisation_id = $1',
        [office.organisation],
      )
    ).rows;
  await untilAsync(async () =>
    (await states()).every(({ state }) => state === 'sent' || state === 'perhaps'),
  );
  const posted = await states();
  const received = (to: string) => mail.letters.filter((letter) => letter.to.includes(to)).length;
  expect(posted.filter(({ sent_to: to, state }) => state === 'sent' && received(to) !== 1)).toEqual(
    [],
  );
  expect(posted.filter(({ sent_to: to }) => received(to) > 1)).toEqual([]);
  expect(posted.filter(({ state }) => state === 'sent').length).toBeGreaterThan(3);
  await client.end();
  // A link and its letter are one: neither is there without the other, nor twice; what was answered is there.
  expect(letters.filter(({ letters: many, links }) => many !== 1 || links !== 1)).toEqual([]);
  const arrived = new Set(letters.map(({ to }) => to));
  expect(sent.filter(({ to, answered }) => answered && !arrived.has(to))).toEqual([]);
  expect(sent.some(({ answered }) => !answered)).toBe(true);
  expect(sent.filter(({ answered }) => answered).length).toBeGreaterThan(3);
  expect(rows.map(({ id }) => id).sort()).toEqual([...acknowledged].sort());
  expect([...made].sort()).toEqual([...acknowledged].sort());
  // Every start and end stands in the log, one after another.
  const log = readFileSync(join(folder, 'log', 'worker.log'), 'utf8');
  expect(log).toMatch(/working[\s\S]*ended \(SIGKILL\)[\s\S]*working/);
});
