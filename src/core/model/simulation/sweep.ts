import type { Branch, Network } from './network';
import { lifted } from './questions';

/** The worst a wire does when it is taken off, over every state of the loads. */
export interface WorstLift {
  id: string;
  words: string;
  /** V across the gap. */
  gapV: number;
  /** A through a body across it. */
  bodyA: number;
  /** Loads that were on. */
  on: string[];
}

/** Loads of which every combination is tried. */
export const mostCombined = 8;

/**
 * States of the loads: every combination of up to eight; of more, all on, each alone, and each left
 * out.
 */
export function loadStates({ branches }: Network): Branch[][] {
  const loads = branches.filter(({ kind }) => kind === 'load');
  if (loads.length > mostCombined)
    return [
      loads,
      ...loads.map((one) => [one]),
      ...loads.map((one) => loads.filter((other) => other !== one)),
    ];
  return Array.from({ length: 2 ** loads.length - 1 }, (_, index) =>
    loads.filter((__, bit) => ((index + 1) >> bit) & 1),
  );
}

/** Each neutral, ground and bond lifted in turn, in every state of the loads; gives its progress, 0 to 1. */
export function* sweepLifts(network: Network): Generator<number, WorstLift[]> {
  const wires = network.branches.filter(
    ({ kind }) => kind === 'neutral' || kind === 'ground' || kind === 'bond',
  );
  const rest = network.branches.filter(({ kind }) => kind !== 'load');
  const states = loadStates(network);
  const worst: WorstLift[] = [];
  for (const [index, wire] of wires.entries()) {
    let most: WorstLift = { id: wire.id, words: wire.words, gapV: 0, bodyA: 0, on: [] };
    for (const [at, on] of states.entries()) {
      const answer = lifted({ branches: [...rest, ...on] }, wire.id);
      if (answer.ok && answer.bodyA > most.bodyA)
        most = {
          ...most,
          gapV: answer.gapV ?? 0,
          bodyA: answer.bodyA,
          on: on.map(({ words }) => words),
        };
      if (at % 32 === 0) yield (index + at / states.length) / wires.length;
    }
    worst.push(most);
  }
  return worst.sort((a, b) => b.bodyA - a.bodyA);
}
