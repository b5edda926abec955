import { median, quantileSorted } from 'd3-array';

/** Milliseconds of each run after a warm-up. */
export async function timesOf(
  run: () => unknown | Promise<unknown>,
  { warmUp = 200, runs = 300 } = {},
): Promise<number[]> {
  for (let n = 0; n < warmUp; n += 1) await run();
  const times: number[] = [];
  for (let n = 0; n < runs; n += 1) {
    const start = performance.now();
    await run();
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b);
}

/** "median 3.21 ms (p95 4.56, 100 runs)" */
export const timesInWords = (times: readonly number[]) =>
  `median ${median(times)!.toFixed(3)} ms (p95 ${quantileSorted([...times], 0.95)!.toFixed(3)}, ${times.length} runs)`;
