/**
 * Parts items into the fewest runs in which the second order follows the first, so that wires
 * from `from` to `to` in one run do not cross. Runs are filled greedily, longest-fitting first.
 */
export function chains<T>(
  items: readonly T[],
  to: (item: T) => number,
  from: (item: T) => number,
): T[][] {
  const sorted = [...items].sort((a, b) => to(a) - to(b));
  const runs: T[][] = [];
  for (const item of sorted) {
    const fitting = runs
      .filter((run) => from(run.at(-1)!) <= from(item))
      .sort((a, b) => from(b.at(-1)!) - from(a.at(-1)!))[0];
    if (fitting) fitting.push(item);
    else runs.push([item]);
  }
  return runs;
}
