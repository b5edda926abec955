import { coverOf, coveredBy, leave } from './choice';
import type { GlobalRemedy, Problem, ProblemFinding } from './problem';
import { costOfWork, leavesItBelowUrgent } from './problem';

/** Sets of global remedies of which none excludes another. */
export function* compatible(globals: readonly GlobalRemedy[]): Generator<GlobalRemedy[]> {
  const excluded = (a: GlobalRemedy, b: GlobalRemedy) =>
    a.excludes.includes(b.id) || b.excludes.includes(a.id);
  function* from(index: number, chosen: GlobalRemedy[]): Generator<GlobalRemedy[]> {
    if (index === globals.length) return void (yield chosen);
    yield* from(index + 1, chosen);
    const one = globals[index]!;
    if (!chosen.some((other) => excluded(one, other))) yield* from(index + 1, [...chosen, one]);
  }
  yield* from(0, []);
}

/** One way for a finding, as a search goes over it. */
export interface Option {
  what: string;
  cost: number;
  risk: number;
  works: boolean;
  utility: boolean;
  net: number[];
}

/** Room taken less room given, by these kinds. */
export const netBy =
  (kinds: readonly string[]) =>
  ({ uses, frees }: Pick<GlobalRemedy, 'uses' | 'frees'>): number[] =>
    kinds.map((kind) => (uses[kind] ?? 0) - (frees[kind] ?? 0));

/** Kinds of room anything takes or gives. */
export const kindsIn = ({ findings, globalRemedies }: Problem): string[] => [
  ...new Set(
    [...findings.flatMap(({ remedies }) => remedies), ...globalRemedies].flatMap(
      ({ uses, frees }) => [...Object.keys(uses), ...Object.keys(frees)],
    ),
  ),
];

/** Every way for a finding under chosen global remedies. */
export function optionsOf(
  finding: ProblemFinding,
  problem: Problem,
  globals: readonly GlobalRemedy[],
  netOf: (of: Pick<GlobalRemedy, 'uses' | 'frees'>) => number[],
): Option[] {
  const nothing = { cost: 0, works: false, utility: false, net: netOf({ uses: {}, frees: {} }) };
  const cover = coverOf(finding, globals);
  return [
    ...(finding.mustMend ? [] : [{ ...nothing, what: leave, risk: finding.riskPoints }]),
    ...finding.remedies
      .filter((one) => !finding.mustMend || leavesItBelowUrgent(one))
      .map((one) => ({
        what: one.id,
        cost: costOfWork(one, problem),
        risk: one.riskLeftPoints,
        works: true,
        utility: one.needsUtility,
        net: netOf(one),
      })),
    ...(cover
      ? [{ ...nothing, what: coveredBy(cover.global.id), risk: cover.residue.riskLeftPoints }]
      : []),
  ];
}

/** Sums of the least of each, from each index to the end. */
export function suffixSums<T>(lists: readonly (readonly T[])[], of: (one: T) => number): number[] {
  const sums = [0];
  for (const list of [...lists].reverse()) sums.unshift(sums[0]! + Math.min(...list.map(of)));
  return sums;
}
