import type { Family, Trait } from '../../codes/families/family';
import { traitNames, traits } from '../../codes/families/family';

/** Traits seen on a panel. */
export type Seen = Partial<Record<Trait, string>>;

export interface RankedFamily {
  family: Family;
  /** 0 to 1; all together 1. */
  probability: number;
}

/** The next trait worth looking at: the one expected to tell most. */
export interface NextLook {
  trait: Trait;
  /** Bits of uncertainty it is expected to take away. */
  bits: number;
}

/** Of a value a family does not name: rare, never impossible. */
const unnamed = 0.01;

/** Probability that a panel of the family shows this value; its table made to add up to 1. */
function chance(family: Family, trait: Trait, value: string): number {
  const table = family.traits[trait];
  const values = Object.keys(traits[trait].values);
  if (!table) return 1 / values.length;
  const sum = values.reduce((total, one) => total + (table[one] ?? unnamed), 0);
  return (table[value] ?? unnamed) / sum;
}

/** Outside its years by this much a family is all but ruled out. */
const outOfYears = 0.02;

function yearChance({ years }: Family, year: number | undefined): number {
  if (!years || year === undefined) return 1;
  return year >= years.from && year <= years.to ? 1 : outOfYears;
}

/**
 * Likelihood of each family by naive Bayes: its prior times the chance of each trait seen, made to
 * add up to 1; the likeliest first.
 * @param year of the panel, where known
 */
export function rankFamilies(
  families: readonly Family[],
  seen: Seen,
  year?: number,
): RankedFamily[] {
  const weighed = families.map((family) => {
    let weight = Math.max(family.prior, 1e-6) * yearChance(family, year);
    for (const trait of traitNames) {
      const value = seen[trait];
      if (value !== undefined) weight *= chance(family, trait, value);
    }
    return { family, weight };
  });
  const sum = weighed.reduce((total, one) => total + one.weight, 0);
  return weighed
    .map(({ family, weight }) => ({ family, probability: sum > 0 ? weight / sum : 0 }))
    .sort((a, b) => b.probability - a.probability || (a.family.id < b.family.id ? -1 : 1));
}

const entropyBits = (ranked: readonly RankedFamily[]) =>
  ranked.reduce((bits, { probability: p }) => (p > 0 ? bits - p * Math.log2(p) : bits), 0);

/** The trait not yet seen that is expected to tell most; nothing where all are seen. */
export function nextLook(
  families: readonly Family[],
  seen: Seen,
  year?: number,
): NextLook | undefined {
  const now = rankFamilies(families, seen, year);
  const before = entropyBits(now);
  const looks = traitNames
    .filter((trait) => seen[trait] === undefined)
    .map((trait): NextLook => {
      let expected = 0;
      for (const value of Object.keys(traits[trait].values)) {
        const probability = now.reduce(
          (sum, one) => sum + one.probability * chance(one.family, trait, value),
          0,
        );
        const after = rankFamilies(families, { ...seen, [trait]: value }, year);
        expected += probability * entropyBits(after);
      }
      return { trait, bits: Math.max(0, before - expected) };
    });
  return looks.reduce<NextLook | undefined>((a, b) => (a && a.bits >= b.bits ? a : b), undefined);
}
