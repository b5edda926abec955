import { Worker } from 'node:worker_threads';
import { fileURLToPath } from 'node:url';
import { median } from 'd3-array';
import loadHighs from 'highs';
import { follow, groundOf, prepare } from '@/core';
import { front } from '@/core/advise/choosing/front';
import { problemOf } from '@/core/advise/planning/problem-of';
import { testSettings } from '@/core/testing/bench';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { burnedPair } from '../tests/plans/panels';
import type { PlacementProblem } from '@/core/advise/placing/placement-problem';
import { fullOf42 } from './panel-of-42';
import { timesInWords, timesOf } from './timing';

/** Plans of the lock-keeper’s house in a worker; and the sweep against the same solver without pruning. */
const { entries } = lockKeepersHouse('ines');
const worker = new Worker(fileURLToPath(new URL('./bench-plan-worker.mjs', import.meta.url)));
worker.setMaxListeners(0);
interface Told {
  named: number;
  front: number;
  points: number;
}
const ask = () =>
  new Promise<Told>((resolve, reject) => {
    worker.once('message', resolve);
    worker.once('error', reject);
    worker.postMessage({ entries, settings: testSettings });
  });
// Longest stop of this thread while the worker plans: what typing would feel.
let longest = 0;
let last = performance.now();
const ticking = setInterval(() => {
  const now = performance.now();
  longest = Math.max(longest, now - last - 5);
  last = now;
}, 5);
const told: Told[] = [];
for (let run = 0; run < 12; run += 1) told.push(await ask());
clearInterval(ticking);
// A full panel of 42 that wants a pair of positions and two tandems; and one of 30 all of whose breakers are new.
const place = (placement: PlacementProblem) =>
  new Promise<{ ms: number }>((resolve, reject) => {
    worker.once('message', resolve);
    worker.once('error', reject);
    worker.postMessage({ placement });
  });
const placements: [string, PlacementProblem][] = [
  ['42 positions, all taken, two burned', fullOf42(false)],
  ['42 positions, 30 breakers all new', fullOf42(true)],
];
const placed: [string, number[]][] = [];
for (const [words, problem] of placements) {
  const times: number[] = [];
  for (let run = 0; run < 9; run += 1) times.push((await place(problem)).ms);
  placed.push([words, times]);
}
await worker.terminate();
const ms = (times: readonly number[]) =>
  `median ${median(times)!.toFixed(0)} ms (first ${times[0]!.toFixed(0)}, ${times.length} runs)`;
console.log('Plans of the lock-keeper’s house, in a worker');
console.log(`  options and named plans: ${ms(told.map(({ named }) => named))}`);
console.log(
  `  whole front, ${told[0]!.points} points, judged: ${ms(told.map((one) => one.front))}`,
);
console.log(`  longest stop of the other thread meanwhile: ${longest.toFixed(1)} ms`);

console.log('Placement in the worker');
for (const [words, times] of placed) console.log(`  ${words}: ${ms(times)}`);

const highs = await loadHighs();
const runs = { warmUp: 3, runs: 15 };
for (const [words, facts] of [
  ['the same house', entries],
  ['a full panel, where room runs out', burnedPair().entries],
] as const) {
  const prepared = prepare({
    ground: groundOf(follow(facts, testSettings)),
    book: testSettings.costBook,
  });
  const { assessment } = prepared.ground;
  const { problem } = problemOf(assessment, prepared.options, [], prepared.book, 'repair');
  const pruned = await timesOf(() => [...front(highs, problem)].length, runs);
  const plain = await timesOf(() => [...front(highs, problem, { plain: true })].length, runs);
  console.log(`Sweep alone, ${words}`);
  console.log(`  what is outdone dropped: ${timesInWords(pruned)}`);
  console.log(`  the same solver in a plain loop: ${timesInWords(plain)}`);
  console.log(`  ratio ${(median(pruned)! / median(plain)!).toFixed(3)}`);
}
