import type { Round } from './plan';

export type Seen = 'dead' | 'alive';
/** What was seen of an outlet, by round; a round not walked is missing. */
export type Looks = ReadonlyMap<number, Seen>;

/** What could feed an outlet. */
export type Hypothesis =
  | { kind: 'single'; circuits: readonly [string] }
  /** Needs both: dead with either off. */
  | { kind: 'joined'; circuits: readonly [string, string] }
  /** Either feeds it: dead only with both off. */
  | { kind: 'second-supply'; circuits: readonly [string, string] }
  | { kind: 'none'; circuits: readonly [] };

export type Decoded =
  | { answer: 'exact'; is: Hypothesis }
  /**
   * Several things fit what was seen, or would were one round seen wrong: another round, or those
   * rounds again, tell them apart. What is true is among them where at most one look was wrong.
   */
  | { answer: 'open'; could: readonly Hypothesis[]; rounds: readonly number[] }
  /** Nothing fits. Were this round seen wrong, this alone would: repeat it. */
  | { answer: 'repeat'; rounds: readonly number[]; then: Hypothesis }
  /** Too little was seen, or too much is wrong. */
  | { answer: 'unclear'; because: string };

/** Whether an outlet fed like this is dead with these circuits off. */
export function isDead({ kind, circuits }: Hypothesis, off: ReadonlySet<string>): boolean {
  if (kind === 'none') return false;
  return kind === 'joined'
    ? circuits.some((circuit) => off.has(circuit))
    : circuits.every((circuit) => off.has(circuit));
}

/** Rounds in which what was seen is not what the hypothesis says. */
export function misfits(
  hypothesis: Hypothesis,
  rounds: readonly Round[],
  looks: Looks,
  offs: ReadonlyMap<number, ReadonlySet<string>> = offSets(rounds),
): number[] {
  return rounds
    .filter(({ number }) => {
      const seen = looks.get(number);
      return seen !== undefined && (seen === 'dead') !== isDead(hypothesis, offs.get(number)!);
    })
    .map(({ number }) => number);
}

const offSets = (rounds: readonly Round[]) =>
  new Map(rounds.map(({ number, off }) => [number, new Set(off)] as const));

/** Everything that could feed an outlet from these circuits, the simplest first. */
export function hypothesesOf(circuits: readonly string[]): Hypothesis[] {
  const pairs = circuits.flatMap((one, index) =>
    circuits.slice(index + 1).map((other) => [one, other] as const),
  );
  return [
    ...circuits.map((one): Hypothesis => ({ kind: 'single', circuits: [one] })),
    { kind: 'none', circuits: [] },
    ...pairs.map((two): Hypothesis => ({ kind: 'joined', circuits: two })),
    ...pairs.map((two): Hypothesis => ({ kind: 'second-supply', circuits: two })),
  ];
}

/** Everything a trace that only names can tell. */
export const singlesOf = (circuits: readonly string[]): Hypothesis[] =>
  hypothesesOf(circuits).filter(({ kind }) => kind === 'single' || kind === 'none');

/**
 * Names what feeds an outlet from what was seen of it in the rounds.
 * @param noticing whether the rounds can notice a wrong look; where not, what fits is taken as it is
 */
export function decode(
  circuits: readonly string[],
  rounds: readonly Round[],
  looks: Looks,
  hypotheses: readonly Hypothesis[] = hypothesesOf(circuits),
  noticing = true,
): Decoded {
  if (rounds.some(({ number }) => !looks.has(number)))
    return { answer: 'unclear', because: 'not looked at in every round' };
  const offs = offSets(rounds);
  const fits: Hypothesis[] = [];
  const near: { is: Hypothesis; wrong: number }[] = [];
  let nearest: { is: Hypothesis; wrong: number[] } | undefined;
  for (const hypothesis of hypotheses) {
    const wrong = misfits(hypothesis, rounds, looks, offs);
    if (wrong.length === 0) fits.push(hypothesis);
    else if (wrong.length === 1 && noticing) near.push({ is: hypothesis, wrong: wrong[0]! });
    if (wrong.length > 0 && (!nearest || wrong.length < nearest.wrong.length))
      nearest = { is: hypothesis, wrong };
  }
  const [only] = fits;
  if (fits.length === 1 && near.length === 0) return { answer: 'exact', is: only! };
  const [alone] = near;
  if (fits.length === 0 && near.length === 1)
    return { answer: 'repeat', rounds: [alone!.wrong], then: alone!.is };
  if (fits.length + near.length > 0)
    return {
      answer: 'open',
      could: [...fits, ...near.map(({ is }) => is)],
      rounds: [...new Set(near.map(({ wrong }) => wrong))].sort((a, b) => a - b),
    };
  return {
    answer: 'unclear',
    because: nearest
      ? `no breaker or pair fits; the nearest differs in rounds ${nearest.wrong.join(', ')}`
      : 'no circuit was switched off',
  };
}
