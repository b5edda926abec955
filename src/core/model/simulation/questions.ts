import { Islands } from './islands';
import type { Branch, Network } from './network';
import { jointsOf, touchable, withBranches, without } from './network';
import { sizeOf } from './phasor';
import type { Solution, Solved } from './solve';
import { solve, voltsBetween } from './solve';

/** Ω of a body from hand to hand, wet skin left out; 1000 is the usual figure for a shock estimate. */
export const bodyOhm = 1000;

/** A branch with the current in it, A. */
export interface Carrying {
  branch: Branch;
  amps: number;
}

export const ampsIn = ({ amps }: Solution, id: string): number => {
  const found = amps.get(id);
  return found ? sizeOf(found) : 0;
};

/** Metal that people touch with at least this current, most first. A. */
export function touchableCurrents(
  { branches }: Network,
  solution: Solution,
  leastA = 0.1,
): Carrying[] {
  return branches
    .filter(({ kind }) => touchable.has(kind))
    .map((branch) => ({ branch, amps: ampsIn(solution, branch.id) }))
    .filter(({ amps }) => amps >= leastA)
    .sort((a, b) => b.amps - a.amps);
}

/** V between two joints; undefined where nothing joins them, so that no number is true. */
export const voltsApart = (solution: Solution, a: string, b: string): number | undefined => {
  const volts = voltsBetween(solution, a, b);
  return volts && sizeOf(volts);
};

/** What happens when one wire is taken off under load. */
export type Lifted =
  | { ok: false; reason: string }
  | {
      ok: true;
      /** V across the gap; undefined: one side has no path back. */
      gapV: number | undefined;
      /** A through a body that bridges the gap. */
      bodyA: number;
      /** Joints that lose every source. */
      loose: string[];
    };

/**
 * Takes a wire off and puts a body across the gap.
 * @param ohm of the body, Ω
 */
export function lifted(network: Network, id: string, ohm = bodyOhm): Lifted {
  const branch = network.branches.find((one) => one.id === id);
  if (!branch) return { ok: false, reason: 'this wire is not in the network' };
  const open = without(network, id);
  const opened = solve(open);
  if (!opened.ok) return { ok: false, reason: opened.reason };
  const bridged = solve(
    withBranches(open, {
      ...branch,
      id: 'body',
      ohm,
      emf: undefined,
      kind: 'body',
      words: 'a body',
    }),
  );
  if (!bridged.ok) return { ok: false, reason: bridged.reason };
  const fed = fedIslands(open);
  const before = fedIslands(network);
  return {
    ok: true,
    gapV: voltsApart(opened.solution, branch.from, branch.to),
    bodyA: ampsIn(bridged.solution, 'body'),
    loose: jointsOf(network).filter((joint) => before(joint) && !fed(joint)),
  };
}

/** Tells of a joint whether a source hangs on its island. */
function fedIslands({ branches }: Network): (joint: string) => boolean {
  const islands = new Islands();
  for (const { from, to } of branches) islands.join(from, to);
  const fed = new Set(branches.filter(({ emf }) => emf).map(({ from }) => islands.of(from)));
  return (joint) => fed.has(islands.of(joint));
}

/** A in a fault between two joints. @param ohm of the fault itself */
export function faultA(network: Network, from: string, to: string, ohm = 0): number | undefined {
  const solved = solve(
    withBranches(network, { id: 'fault', from, to, ohm, kind: 'fault', words: 'the fault' }),
  );
  return solved.ok ? ampsIn(solved.solution, 'fault') : undefined;
}

/** V each load gets, by branch. */
export function loadVolts({ branches }: Network, solution: Solution): Map<string, number> {
  return new Map(
    branches
      .filter(({ kind }) => kind === 'load')
      .map((one) => [one.id, voltsApart(solution, one.from, one.to) ?? 0]),
  );
}

/** The solution, or undefined where the network has none. */
export const solutionOf = (solved: Solved): Solution | undefined =>
  solved.ok ? solved.solution : undefined;
