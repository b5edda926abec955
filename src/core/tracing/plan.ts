import { codesFor } from './codes';

/** A round: these circuits off, then every room walked. */
export interface Round {
  /** From 1. */
  number: number;
  off: readonly string[];
}

export interface TracePlan {
  rounds: Round[];
  /** Circuits that stay on and are found by what never goes dead. */
  staysOn: string[];
}

export type Planned = { ok: true; plan: TracePlan } | { ok: false; reason: string };

/** Rounds that name the breaker of every outlet; what must stay on is never switched off. */
export function planRounds(
  circuits: readonly string[],
  staysOn: readonly string[],
  way: 'code' | 'single' = 'code',
): Planned {
  const coded = circuits.filter((circuit) => !staysOn.includes(circuit));
  if (coded.length === 0) return { ok: false, reason: 'no circuit may be switched off' };
  if (way === 'single')
    return {
      ok: true,
      plan: {
        rounds: coded.map((circuit, index) => ({ number: index + 1, off: [circuit] })),
        staysOn: [...staysOn],
      },
    };
  const found = codesFor(coded.length);
  if (!found)
    return { ok: false, reason: `${coded.length} circuits are too many to trace by code at once` };
  const codes = new Map(coded.map((circuit, index) => [circuit, found.codes[index]!]));
  return {
    ok: true,
    plan: {
      rounds: Array.from({ length: found.rounds }, (_, bit) => ({
        number: bit + 1,
        off: coded.filter((circuit) => (codes.get(circuit)! >> bit) & 1),
      })),
      staysOn: circuits.filter((circuit) => staysOn.includes(circuit)),
    },
  };
}
