/** A pattern of rounds as bits: bit 0 is the first round. */
export type Code = number;

export const weightOf = (code: Code): number => {
  let count = 0;
  for (let rest = code; rest; rest &= rest - 1) count += 1;
  return count;
};
export const distance = (a: Code, b: Code): number => weightOf(a ^ b);

/** Rounds in which each breaker is off. */
const weight = 4;
/** Any two codes differ in this many rounds at least, so that one wrong look is found and named. */
const leastDistance = 4;
const mostRounds = 16;

/**
 * Codes of constant weight, four rounds off, any two at least four rounds apart: what one breaker
 * feeds goes dead in four rounds, one wrong look makes it three or five, two supplies leave two at
 * most (the intersection), two breakers needed together make six at least (the union).
 * Taken in order, each that keeps the distance to all before it (a lexicographic code).
 * @param count from 1 to 90
 * @returns undefined where 16 rounds do not give so many
 */
export function codesFor(count: number): { rounds: number; codes: Code[] } | undefined {
  for (let rounds = weight; rounds <= mostRounds; rounds += 1) {
    const codes: Code[] = [];
    for (const code of patterns(rounds))
      if (codes.length < count && codes.every((one) => distance(one, code) >= leastDistance))
        codes.push(code);
    if (codes.length === count) return { rounds, codes };
  }
  return undefined;
}

/**
 * Codes that only name: every pattern but the empty one, so that k rounds tell 2^k − 1 apart. A wrong
 * look, a joined pair or a second supply is some other breaker's code and cannot be noticed.
 * @example 31 circuits: 5 rounds.
 */
export function namesOnly(count: number): { rounds: number; codes: Code[] } {
  const rounds = Math.max(1, Math.ceil(Math.log2(count + 1)));
  return { rounds, codes: Array.from({ length: count }, (_, index) => index + 1) };
}

/** Patterns of four rounds off, ascending. */
function* patterns(rounds: number): Generator<Code> {
  for (let d = 3; d < rounds; d += 1)
    for (let c = 2; c < d; c += 1)
      for (let b = 1; b < c; b += 1)
        for (let a = 0; a < b; a += 1) yield (1 << a) | (1 << b) | (1 << c) | (1 << d);
}
