import type { Choice } from './choice';
import { coverOf, coveredBy, leave } from './choice';
import type { Cut } from './cut';
import { choiceName } from './cut';
import type { Problem } from './problem';
import { costOfWork, leavesItBelowUrgent } from './problem';

/** A yes or no, what it costs and what risk it leaves. */
export interface Variable {
  /** Name in cuts: a remedy of a finding, a global remedy. */
  name: string;
  cost: number;
  risk: number;
  says?: { finding: string; what: string } | { global: string };
}

/** lower ≤ Σ coefficient × variable ≤ upper. */
export interface Row {
  lower: number;
  upper: number;
  terms: [variable: number, coefficient: number][];
}

/** The problem as yes-or-no variables and rows; money and risk are sums over the variables. */
export interface Model {
  problem: Problem;
  variables: Variable[];
  rows: Row[];
}

/** What a problem is short of when nothing satisfies it: each lack may be bought at its price. */
export interface Slack {
  /** Finding or kind of room. */
  findingId?: string;
  kind?: string;
  price: number;
}

/**
 * Sets the problem up: each finding is left, mended by one remedy or covered by a chosen global
 * remedy; what must be mended is not left; room holds at the end; call-out and the utility's fee once.
 */
export function modelOf(
  problem: Problem,
  cuts: readonly Cut[] = [],
  slackFor?: (lack: { findingId: string } | { kind: string }) => Slack | undefined,
): Model & { slacks: { variable: number; slack: Slack }[] } {
  const variables: Variable[] = [];
  const rows: Row[] = [];
  const byName = new Map<string, number>();
  const slacks: { variable: number; slack: Slack }[] = [];
  const variable = (one: Variable) => {
    if (one.name) byName.set(one.name, variables.length);
    return variables.push(one) - 1;
  };
  const lacking = (lack: { findingId: string } | { kind: string }): number | undefined => {
    const slack = slackFor?.(lack);
    if (!slack) return undefined;
    const at = variable({ name: '', cost: slack.price, risk: 0 });
    slacks.push({ variable: at, slack });
    return at;
  };
  const working: number[] = [];
  const byUtility: number[] = [];
  const room = new Map<string, [number, number][]>();
  const work = (at: number, of: { uses: Amounts; frees: Amounts; needsUtility: boolean }) => {
    working.push(at);
    if (of.needsUtility) byUtility.push(at);
    for (const kind of new Set([...Object.keys(of.uses), ...Object.keys(of.frees)])) {
      const net = (of.uses[kind] ?? 0) - (of.frees[kind] ?? 0);
      if (net !== 0) room.set(kind, [...(room.get(kind) ?? []), [at, net]]);
    }
  };

  const globals = new Map(
    problem.globalRemedies.map((global) => {
      const at = variable({
        name: global.id,
        cost: costOfWork(global, problem),
        risk: 0,
        says: { global: global.id },
      });
      work(at, global);
      return [global.id, at] as const;
    }),
  );
  for (const { id, excludes } of problem.globalRemedies)
    for (const other of excludes)
      rows.push({
        lower: -Infinity,
        upper: 1,
        terms: [
          [globals.get(id)!, 1],
          [globals.get(other)!, 1],
        ],
      });

  for (const finding of problem.findings) {
    const one: number[] = [];
    if (!finding.mustMend)
      one.push(
        variable({
          name: '',
          cost: 0,
          risk: finding.riskPoints,
          says: { finding: finding.id, what: leave },
        }),
      );
    for (const remedy of finding.remedies) {
      if (finding.mustMend && !leavesItBelowUrgent(remedy)) continue;
      const at = variable({
        name: choiceName(finding.id, remedy.id),
        cost: costOfWork(remedy, problem),
        risk: remedy.riskLeftPoints,
        says: { finding: finding.id, what: remedy.id },
      });
      one.push(at);
      work(at, remedy);
    }
    for (const global of problem.globalRemedies) {
      const residue = global.covers[finding.id];
      if (!residue || (finding.mustMend && !leavesItBelowUrgent(residue))) continue;
      const at = variable({
        name: '',
        cost: 0,
        risk: residue.riskLeftPoints,
        says: { finding: finding.id, what: coveredBy(global.id) },
      });
      one.push(at);
      rows.push({
        lower: -Infinity,
        upper: 0,
        terms: [
          [at, 1],
          [globals.get(global.id)!, -1],
        ],
      });
    }
    const lack = lacking({ findingId: finding.id });
    if (lack !== undefined) one.push(lack);
    rows.push({ lower: 1, upper: 1, terms: one.map((at) => [at, 1]) });
  }

  for (const [kind, terms] of room) {
    const lack = lacking({ kind });
    rows.push({
      lower: -Infinity,
      upper: problem.room[kind] ?? 0,
      terms: lack === undefined ? terms : [...terms, [lack, -1]],
    });
  }
  const once = (cost: number, of: readonly number[]) => {
    if (cost <= 0 || of.length === 0) return;
    const at = variable({ name: '', cost, risk: 0 });
    for (const one of of)
      rows.push({
        lower: -Infinity,
        upper: 0,
        terms: [
          [one, 1],
          [at, -1],
        ],
      });
  };
  once(problem.callOutFee, working);
  once(problem.utilityFee, byUtility);

  for (const { together, unless } of cuts) {
    const at = (names: readonly string[]) =>
      [...new Set(names)].flatMap((name) => byName.get(name) ?? []);
    const all = at(together);
    if (all.length < new Set(together).size) continue;
    rows.push({
      lower: -Infinity,
      upper: all.length - 1,
      terms: [
        ...all.map((one): [number, number] => [one, 1]),
        ...at(unless).map((one): [number, number] => [one, -1]),
      ],
    });
  }
  return { problem, variables, rows, slacks };
}

type Amounts = Readonly<Record<string, number>>;

/** The choice that values of the variables say; of several covers the one that leaves least counts. */
export function choiceOf({ problem, variables }: Model, values: ArrayLike<number>): Choice {
  const choice: Choice = { globalRemedies: [], byFinding: {} };
  variables.forEach(({ says }, at) => {
    if (!says || values[at]! < 0.5) return;
    if ('global' in says) choice.globalRemedies.push(says.global);
    else choice.byFinding[says.finding] = says.what;
  });
  const chosen = problem.globalRemedies.filter(({ id }) => choice.globalRemedies.includes(id));
  for (const finding of problem.findings) {
    const cover = coverOf(finding, chosen);
    if (cover && choice.byFinding[finding.id]?.startsWith('covered by '))
      choice.byFinding[finding.id] = coveredBy(cover.global.id);
  }
  return choice;
}
