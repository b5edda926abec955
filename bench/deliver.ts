import assert from 'node:assert/strict';
import type { ChildProcess } from 'node:child_process';
import { fork } from 'node:child_process';
import { once } from 'node:events';
import { median } from 'd3-array';
import type { Entry } from '@/core/record/entries/entry';
import { seededInspection } from '@/core/testing/seeded-inspection';
import { permissions } from '@/core/vocabulary/permission';
import type { Delivered } from '@/server/commands/deliver-entries';
import { demoOrganisations } from '@/server/demo/people';
import { timesInWords } from './timing';

/** Delivering what a device held: 500 entries of inspections that differ, and single entries after them. */
const at = 500;
const runs = Number(process.env.DELIVER_RUNS ?? 24);
const [office] = demoOrganisations;
const [member] = office.members;
const session = {
  organisation: office.id,
  organisationName: office.name,
  member: member.id,
  name: member.name,
  licence: '',
  may: permissions,
};

/** @param database a database of its own, where the source is older than what this one can be */
const side = async (programs: string, cwd: string, database?: string): Promise<ChildProcess> => {
  const child = fork(new URL('./bench-deliver-side.mjs', import.meta.url).pathname, [programs], {
    cwd,
    execArgv: ['--conditions=react-server'],
    env: { ...process.env, ...(database && { DATABASE_URL: database }) },
  });
  await once(child, 'message');
  return child;
};
async function deliver(child: ChildProcess, inspection: string, entries: readonly Entry[]) {
  child.send({ session, inspection, entries } as never);
  const [answer] = (await once(child, 'message')) as [
    { ms: number; answer: Delivered; fault?: string },
  ];
  assert.ok(!answer.fault, answer.fault);
  assert.ok(answer.answer.ok, JSON.stringify(answer.answer).slice(0, 300));
  assert.ok(answer.answer.deliveries.every(({ outcome }) => outcome === 'arrived'));
  return answer.ms;
}

/** The 500 first entries of long inspections. */
const held: Entry[][] = [];
for (let seed = 1; held.length < runs; seed += 1) {
  const entries = seededInspection(seed);
  if (entries.length >= at + 20) held.push(entries);
}
const here = new URL('.', import.meta.url).pathname.replace(/\/$/, '');
const older = process.env.BENCH_OLD_PROGRAMS;
const sides = [
  ...(older
    ? [
        [
          'the older source',
          await side(older, older.replace(/\/programs$/, ''), process.env.BENCH_OLD_DATABASE_URL),
        ] as const,
      ]
    : []),
  ['this source', await side(here, process.cwd())] as const,
];
const mark = Date.now().toString(36);
const times = sides.map(() => ({ whole: [] as number[], single: [] as number[] }));
for (const [run, entries] of held.entries())
  for (const [index, [, child]] of sides.entries()) {
    const own = `d${index}-${run}-${mark}`;
    const mine = entries.map((entry) => ({
      ...entry,
      id: `${entry.id}-${own}`,
      author: session.member,
      ...(entry.kind === 'observe' && { replaces: entry.replaces.map((id) => `${id}-${own}`) }),
    }));
    const whole = await deliver(child, own, mine.slice(0, at));
    if (run >= 4) times[index]!.whole.push(whole);
    for (const entry of mine.slice(at, at + 20)) {
      const single = await deliver(child, own, [entry]);
      if (run >= 4) times[index]!.single.push(single);
    }
  }
const inOrder = (list: number[]) => list.sort((a, b) => a - b);
console.log(`Delivering, each of ${held.length} inspections another`);
for (const what of ['whole', 'single'] as const) {
  console.log(what === 'whole' ? `  ${at} entries at once` : '  one entry more');
  for (const [index, [name]] of sides.entries()) {
    const list = times[index]![what];
    const ratio =
      index > 0 ? `, ${(median(times[0]![what])! / median(list)!).toFixed(1)} times` : '';
    console.log(`    ${name}: ${timesInWords(inOrder(list))}${ratio}`);
  }
}
for (const [, child] of sides) child.kill();
process.exit(0);
