import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import autocannon from 'autocannon';
import { demoOrganisations } from '@/server/demo/people';
import { freePort, signInCookie, startServer } from '../tests/server';

/**
 * How long 32 at once wait for the list, for a walk to open, for one entry to be delivered and for a report; on
 * one web process and on two. And whether the memory of one stays over 5,000 requests.
 */
const [ines] = demoOrganisations[0].members;
const connections = 32;
const house = '/inspections/lock-keepers-house';
const inspection = `load-${randomUUID()}`;

const entryOf = (counter: number) => ({
  v: 1,
  id: randomUUID(),
  counter,
  device: 'tablet',
  author: ines.id,
  at: '2026-04-14T09:41:00+01:00',
  action: randomUUID(),
  kind: 'add',
  thing: randomUUID(),
  type: 'note',
  in: null,
  facts: {},
  certainty: 'seen',
});

interface Asked {
  name: string;
  /** The page and what it is drawn from, one after the other: both are waited for. */
  paths: readonly string[];
  deliver?: true;
}
const asked: Asked[] = [
  { name: 'list', paths: ['/', '/api/today'] },
  { name: 'open', paths: [`${house}/walk`, '/api/books/lock-keepers-house'] },
  { name: 'deliver', paths: ['/api/entries'], deliver: true },
  { name: 'report', paths: [`${house}/report`, '/api/drafts/lock-keepers-house?for=client'] },
];

function ask(origin: string, cookie: string, path: string, deliver: boolean, amount: number) {
  let counter = 0;
  return autocannon({
    url: origin,
    connections,
    amount,
    timeout: 60,
    requests: [
      {
        path,
        method: deliver ? 'POST' : 'GET',
        headers: { cookie, ...(deliver && { 'content-type': 'application/json' }) },
        ...(deliver && {
          setupRequest: (request: autocannon.Request) => {
            counter += 1;
            // As many visits as there are devices.
            const entries = [entryOf(counter)];
            const visit = `${inspection}-${counter % connections}`;
            return { ...request, body: JSON.stringify({ inspection: visit, entries }) };
          },
        }),
      },
    ],
  });
}

const memoryMb = (pid: number) =>
  Math.round(Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))![1]) / 1024);

for (const processes of process.env.LOAD_BRIEF ? [1] : [1, 2]) {
  const server = await startServer(await freePort(), {
    PROCESSES: String(processes),
    EAST_GATE_PRELOAD: '1',
  });
  const cookie = await signInCookie(server.origin, ines.email, ines.password);
  console.log(`${processes} web process${processes > 1 ? 'es' : ''}, ${connections} at once:`);
  for (const one of asked) {
    let [middle, most, each, trouble] = [0, 0, 0, 0];
    for (const path of one.paths) {
      await ask(server.origin, cookie, path, !!one.deliver, 64);
      const { latency, requests, non2xx, errors } = await ask(
        server.origin,
        cookie,
        path,
        !!one.deliver,
        800,
      );
      middle += latency.p50;
      most += latency.p97_5;
      each += 1 / requests.average;
      trouble += non2xx + errors;
    }
    console.log(
      `  ${one.name.padEnd(8)} p50 ${middle} ms, p97.5 ${most} ms, ${Math.round(1 / each)} a second${trouble ? `, ${trouble} failed` : ''}`,
    );
  }
  if (processes === 1 && !process.env.LOAD_BRIEF) {
    const pid = server.process.pid!;
    const before = memoryMb(pid);
    const marks: number[] = [];
    for (let thousand = 0; thousand < 5; thousand += 1) {
      for (const path of asked[0]!.paths) await ask(server.origin, cookie, path, false, 500);
      marks.push(memoryMb(pid));
    }
    console.log(`  memory ${before} MB, then after each thousand of 5,000: ${marks.join(', ')} MB`);
  }
  await server.kill();
}
