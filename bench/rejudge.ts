import assert from 'node:assert/strict';
import pg from 'pg';
import { packageOf } from '@/server/package-file';
import { rejudge } from '@/server/jobs/rejudge';
import { bench, testSettings } from '@/core/testing/bench';

/** Judges 20,000 stored inspections again, streamed from PostgreSQL through two worker threads. */
const count = Number(process.env.REJUDGE_COUNT ?? 20_000);
const organisation = '00000000-0000-4000-8000-00000000be9c';

/** A panel of twelve positions as an inspector records it. */
function template() {
  const made = bench({ rows: 6, panel: { maker: 'Tarnholt', yearBuilt: 1978, bond: 'strap' } });
  for (let position = 1; position <= 10; position += 1)
    made.lines(
      `${position} ${position % 4 === 0 ? 20 : 15} 14cu:b m1 n${position} g${position} in:nm circuit ${position}`,
    );
  return packageOf(
    {
      id: 'template',
      settings: testSettings,
      authors: [],
      entries: made.book.entries,
      carried: [],
    },
    't',
  ).entries;
}

const owner = new pg.Client({ connectionString: process.env.DATABASE_OWNER_URL });
await owner.connect();
const entries = template();
await owner.query(`select set_config('east_gate.organisation', $1, false)`, [organisation]);
await owner.query(
  `insert into organisations (organisation_id, name, settings) values ($1, 'Bench', $2) on conflict do nothing`,
  [organisation, JSON.stringify(testSettings)],
);
const { rows } = await owner.query<{ n: string }>(
  `select count(*) as n from inspections where organisation_id = $1`,
  [organisation],
);
if (Number(rows[0]!.n) < count) {
  await owner.query(
    `insert into inspections (organisation_id, id, settings, created_by)
     select $1, 'r' || lpad(n::text, 6, '0'), $2, 'bench' from generate_series(1, $3::integer) n
     on conflict do nothing`,
    [organisation, JSON.stringify(testSettings), count],
  );
  for (const entry of entries)
    await owner.query(
      `insert into entries (organisation_id, id, inspection_id, counter, device, author, action, body)
       select $1, $2 || '-' || n, 'r' || lpad(n::text, 6, '0'), $3, $4, $5, $6,
         jsonb_set($7::jsonb, '{id}', to_jsonb($2 || '-' || n))
       from generate_series(1, $8::integer) n on conflict do nothing`,
      [
        organisation,
        entry.id,
        entry.counter,
        entry.device,
        entry.author,
        entry.action,
        JSON.stringify(entry),
        count,
      ],
    );
  await owner.query('analyze entries');
}
await owner.end();

const memoryMb = () => process.memoryUsage().rss / 1024 / 1024;
const start = performance.now();
let [judged, faults, at] = [0, 0, 0];
const memory: number[] = [];
for await (const results of rejudge(organisation, {
  workerFile: new URL('./rejudge-worker.mjs', import.meta.url).pathname,
  workers: 2,
  batch: 50,
})) {
  judged += results.length;
  faults += results.filter((one) => one.fault).length;
  assert.ok(results.every((one) => one.fault ?? one.entries === entries.length));
  if (judged - at >= count / 8) {
    at = judged;
    memory.push(memoryMb());
  }
}
const seconds = (performance.now() - start) / 1000;
assert.equal(judged, count);
assert.equal(faults, 0);
console.log(
  `Re-judge of ${judged} stored inspections of ${entries.length} entries, two worker threads`,
);
console.log(
  `  ${seconds.toFixed(1)} s, ${(judged / seconds).toFixed(0)} inspections a second, ${((judged * entries.length) / seconds / 1000).toFixed(0)} thousand entries a second`,
);
console.log(
  `  memory of the whole process at each eighth: ${memory.map((one) => one.toFixed(0)).join(', ')} MB`,
);
process.exit(0);
