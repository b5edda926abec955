import assert from 'node:assert/strict';
import pg from 'pg';
import { seededInspection, seededSizes } from '@/core/testing/seeded-inspection';
import { testSettings } from '@/core/testing/bench';
import { codeDigests } from '@/server/tools/code-digests';
import { rejudge } from '@/server/jobs/rejudge';

/** Judges stored inspections again, streamed from PostgreSQL through two worker threads: each seed differs. */
const seeds = Number(process.env.REJUDGE_SEEDS ?? 400);
/** How often each stands there: long enough that starting two threads counts little, and to see whether memory stays flat. */
const times = Number(process.env.REJUDGE_TIMES ?? 25);
const count = seeds * times;
const organisation = '00000000-0000-4000-8000-00000000be9d';
const settings = JSON.stringify(testSettings);

const owner = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
await owner.connect();
await owner.query(`select set_config('east_gate.organisation', $1, false)`, [organisation]);
await owner.query(
  `insert into organisations (organisation_id, name, settings) values ($1, 'Bench', $2) on conflict do nothing`,
  [organisation, settings],
);
const stored = async () =>
  (
    await owner.query<{ n: string }>(
      `select count(*) as n from inspections where organisation_id = $1`,
      [organisation],
    )
  ).rows[0]!.n;
if (Number(await stored()) !== count) {
  assert.equal(await stored(), '0', 'the bench’s office holds what this run made, or nothing');
  for (let seed = 1; seed <= seeds; seed += 1) {
    const id = (nth: string) => `'r${String(seed).padStart(4, '0')}-' || ${nth}`;
    const entries = seededInspection(seed);
    await owner.query(
      `insert into inspections (organisation_id, id, settings, created_by)
       select $1::uuid, ${id('n')}, $2::jsonb, 'bench' from generate_series(1, $3::integer) n`,
      [organisation, settings, times],
    );
    await owner.query(
      `insert into inspection_states (organisation_id, inspection_id, place, address, as_of, entries, findings, seen_share)
       select $1::uuid, ${id('n')}, 'Bench', '', '2026-04-14', $2::integer, '{}', 0 from generate_series(1, $3::integer) n`,
      [organisation, entries.length, times],
    );
    await owner.query(
      `insert into entries (organisation_id, id, inspection_id, counter, device, author, action, body)
       select $1::uuid, e ->> 'id' || '-' || ${id('n')}, ${id('n')}, (e ->> 'counter')::bigint, e ->> 'device',
         e ->> 'author', e ->> 'action', jsonb_set(e, '{id}', to_jsonb(e ->> 'id' || '-' || ${id('n')}))
       from generate_series(1, $3::integer) n, jsonb_array_elements($2::jsonb) e`,
      [organisation, JSON.stringify(entries), times],
    );
  }
  await owner.query('vacuum analyze entries');
}
const { rows } = await owner.query<{ least: number; most: number; all: string }>(
  `select min(entries) as least, max(entries) as most, sum(entries) as all from inspection_states where organisation_id = $1`,
  [organisation],
);
const sizes = rows[0]!;
assert.ok(sizes.least >= seededSizes.least && sizes.most <= seededSizes.most);
console.log(
  `Judging again: ${count} stored inspections, ${seeds} that differ, of ${sizes.least} to ${sizes.most} entries (${sizes.all} in all), two worker threads`,
);

interface Run {
  rate: number;
  memory: number[];
}
const told = (name: string, { rate, memory }: Run, old?: Run) =>
  console.log(
    `  ${name}: ${rate.toFixed(0)} a second${old ? `, ${(rate / old.rate).toFixed(1)} times` : ''}; memory at each eighth ${memory.map((one) => one.toFixed(0)).join(', ')} MB`,
  );

async function run(batches: AsyncIterable<readonly { fault?: string }[]>): Promise<Run> {
  globalThis.gc?.();
  const start = performance.now();
  let [judged, at] = [0, 0];
  const memory: number[] = [];
  for await (const results of batches) {
    judged += results.length;
    assert.ok(results.every((one) => one.fault === undefined));
    if (judged - at < count / 8) continue;
    at = judged;
    memory.push(process.memoryUsage().rss / 1024 / 1024);
  }
  assert.equal(judged, count);
  return { rate: judged / ((performance.now() - start) / 1000), memory };
}

const found = async () =>
  (
    await owner.query<{ text: string }>(
      `select md5(string_agg(inspection_id || findings::text || seen_share, ',' order by inspection_id)) as text
       from inspection_states where organisation_id = $1`,
      [organisation],
    )
  ).rows[0]!.text;
/** The same code under other digests: what it does where it knows of itself that it is other code. */
const digests = await codeDigests();
const otherwise = (mark: string, ...rules: string[]) => ({
  ...digests,
  rules: {
    ...digests.rules,
    ...Object.fromEntries(rules.map((rule) => [rule, `${digests.rules[rule]}${mark}`])),
  },
});
const mark = String(Date.now());
const options = {
  workerFile: new URL('./rejudge-worker.mjs', import.meta.url).pathname,
  workers: 2,
};
const again = (of: typeof digests) => run(rejudge(organisation, { ...options, digests: of }));

let old: Run | undefined;
const older = process.env.BENCH_OLD_PROGRAMS;
if (older) {
  const before = (await import(`${older}/rejudge.mjs`)) as { rejudge: typeof rejudge };
  const workerFile = `${older}/rejudge-worker.mjs`;
  old = await run(before.rejudge(organisation, { workerFile, workers: 2, batch: 50 }));
  told('the older source, every rule from the entries', old);
}
const every = Object.keys(digests.rules);
await owner.query(
  `update inspection_states set kept = null, kept_by = null, answers = null, judged_by = null where organisation_id = $1`,
  [organisation],
);
await owner.query('vacuum analyze inspection_states');
told('first, from the entries, and kept', await again(otherwise(mark, ...every)), old);
const all = await found();
await owner.query('vacuum analyze inspection_states');
told('every rule changed', await again(otherwise(`${mark}b`, ...every)), old);
assert.equal(await found(), all);
await owner.query('vacuum analyze inspection_states');
let now = otherwise(`${mark}b`, ...every);
for (const rule of ['breaker/double-tap', 'service/solar', 'conductor/white-as-hot']) {
  now = { ...now, rules: { ...now.rules, [rule]: `${now.rules[rule]}${mark}` } };
  const one = await again(now);
  told(`one rule changed, ${rule}`, one, old);
  assert.equal(await found(), all);
}
await owner.end();
process.exit(0);
