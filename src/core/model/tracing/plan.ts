import { codesFor, namesOnly } from './codes';

/** A round: these circuits off, then every room walked. */
export interface Round {
  /** From 1. */
  number: number;
  off: readonly string[];
}

/** robust: joined and doubly fed things told apart and one wrong look noticed; names: names alone. */
export type TraceWay = 'robust' | 'names' | 'single';

export interface TracePlan {
  way: TraceWay;
  /** Why this way, and what it cannot do. */
  because: string;
  rounds: Round[];
  /** Circuits that stay on and are found by what never goes dead. */
  staysOn: string[];
}

export type Planned = { ok: true; plan: TracePlan } | { ok: false; reason: string };

/**
 * Rounds that name the breaker of every outlet; what must stay on is never switched off. By code where
 * that is fewer rounds than one at a time.
 */
export function planRounds(
  circuits: readonly string[],
  staysOn: readonly string[],
  way: 'code' | 'names' | 'single' = 'code',
): Planned {
  const coded = circuits.filter((circuit) => !staysOn.includes(circuit));
  if (coded.length === 0) return { ok: false, reason: 'no circuit may be switched off' };
  const kept = circuits.filter((circuit) => staysOn.includes(circuit));
  const oneByOne = (because: string): Planned => ({
    ok: true,
    plan: {
      way: 'single',
      because,
      rounds: coded.map((circuit, index) => ({ number: index + 1, off: [circuit] })),
      staysOn: kept,
    },
  });
  if (way === 'single') return oneByOne('one at a time, as chosen');
  const found = way === 'names' ? namesOnly(coded.length) : codesFor(coded.length);
  if (!found)
    return { ok: false, reason: `${coded.length} circuits are too many to trace by code at once` };
  if (coded.length <= found.rounds)
    return oneByOne(`one at a time: ${coded.length} rounds, by code it would be ${found.rounds}`);
  const codes = new Map(coded.map((circuit, index) => [circuit, found.codes[index]!]));
  return {
    ok: true,
    plan: {
      way: way === 'names' ? 'names' : 'robust',
      because:
        way === 'names'
          ? `${found.rounds} rounds, the least that name ${coded.length} circuits; a wrong look, a joined circuit or a second supply cannot be noticed`
          : `${found.rounds} rounds instead of ${coded.length}; joined and doubly fed things are told apart, and one wrong look at an outlet is noticed`,
      rounds: Array.from({ length: found.rounds }, (_, bit) => ({
        number: bit + 1,
        off: coded.filter((circuit) => (codes.get(circuit)! >> bit) & 1),
      })),
      staysOn: kept,
    },
  };
}
