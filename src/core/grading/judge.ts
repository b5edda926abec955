import type { Certainty } from '../entries/entry';
import { certainties } from '../entries/entry';
import type { Fact } from '../entries/inspection';
import type { Examination } from '../examine/examine';
import type { Verdict } from '../examine/verdict';
import { verdictKey } from '../examine/verdict';
import type { FoundOutcome, Likelihood, Scene, Severity } from '../rules/rule';
import { absorb } from './absorb';
import type { Grade } from './grade';
import { grades, graver } from './grade';
import type { Legacy } from './legacy';
import { legacyOf } from './legacy';
import { gradeOf, riskPoints } from './matrix';
import { pairSteps } from './pairs';
import type { Step } from './steps';
import { evidenceSteps } from './steps';

/** One line of a grade's trace. */
export interface TraceLine {
  because: string;
  severity: Severity;
  likelihood: Likelihood;
  grade: Grade;
  moves: string;
  counted: boolean;
  /** Entry the step rests on. */
  entry?: string;
}

/** A finding with its grade and the reasons for it. */
export interface Finding {
  key: string;
  verdict: Verdict;
  outcome: FoundOutcome;
  grade: Grade;
  severity: Severity;
  likelihood: Likelihood;
  points: number;
  certainty: Certainty;
  trace: TraceLine[];
  legacy: Legacy | undefined;
  /** Findings of the same cause, taken over as evidence. */
  absorbed: Verdict[];
}

/** Grades every finding of an examination, gravest first. */
export function judge({ scenes, verdicts }: Examination): Finding[] {
  const found = verdicts.filter((verdict) => verdict.outcome.outcome === 'found');
  const { kept, absorbed } = absorb(found);
  const graded = (verdict: Verdict) => gradeOne(verdict, scenes.get(verdict.panel)!);
  return kept
    .map((verdict) => {
      const finding = graded(verdict);
      const others = absorbed.get(finding.key) ?? [];
      return others.length > 0 ? withAbsorbed(finding, others, others.map(graded)) : finding;
    })
    .sort(byPriority);
}

/** Grade, then risk points, then panel and position. */
function byPriority(a: Finding, b: Finding): number {
  return (
    grades.indexOf(a.grade) - grades.indexOf(b.grade) ||
    b.points - a.points ||
    (a.verdict.panel < b.verdict.panel ? -1 : a.verdict.panel > b.verdict.panel ? 1 : 0) ||
    a.verdict.place.order - b.verdict.place.order ||
    (a.key < b.key ? -1 : 1)
  );
}

/** Base, rises, "at least", clamp once, matrix, label floor, Danger now. */
function gradeOne(verdict: Verdict, scene: Scene): Finding {
  const outcome = verdict.outcome as FoundOutcome;
  const { rule, place } = verdict;
  const base = outcome.base ?? { ...rule.base, because: `rule ${rule.id}, base` };
  const steps = [...evidenceSteps(rule, place, outcome.facts, scene), ...pairSteps(verdict, scene)];
  const trace: TraceLine[] = [];
  let [s, l, least] = [base.severity as number, base.likelihood as number, 1];
  const note = (because: string, moves: string, counted: boolean, fact?: Fact) =>
    trace.push({
      because,
      moves,
      counted,
      ...clamped(s, Math.max(l, least)),
      ...(fact && { entry: fact.entry }),
    });
  note(base.because, '', true, outcome.facts[0]);
  for (const step of steps) {
    const counted = step.kind === 'rise';
    if (counted) {
      s += step.severity;
      l += step.likelihood;
      least = Math.max(least, step.atLeast ?? 1);
    }
    note(step.because, movesOf(step), counted, step.fact);
  }
  const legacy = legacyOf(rule, place, scene);
  if (legacy?.state === 'legacy')
    note(
      `allowed when built (${legacy.year}, said in words since ${legacy.since})`,
      'L−1',
      false,
      legacy.fact,
    );

  const { severity, ...from } = clamped(s, Math.max(l, least));
  let { likelihood, grade } = from;
  if (rule.outsideListing) {
    const floored = graver(grade, 'repair');
    trace.push({
      because: 'outside the listing or label: at least Repair',
      moves: 'floor',
      counted: floored !== grade,
      severity,
      likelihood,
      grade: floored,
    });
    grade = floored;
  }
  if (outcome.danger) {
    grade = 'danger';
    likelihood = Math.max(likelihood, 4) as Likelihood;
    trace.push({
      because: outcome.danger,
      moves: 'Danger now',
      counted: true,
      severity,
      likelihood,
      grade,
    });
  }
  return {
    key: verdictKey(verdict),
    verdict,
    outcome,
    grade,
    severity,
    likelihood,
    points: riskPoints(severity, likelihood),
    certainty: leastSure(outcome.facts),
    trace,
    legacy,
    absorbed: [],
  };
}

function clamped(s: number, l: number) {
  const severity = Math.min(Math.max(s, 1), 4) as Severity;
  const likelihood = Math.min(Math.max(l, 1), 5) as Likelihood;
  return { severity, likelihood, grade: gradeOf(severity, likelihood) };
}

function movesOf(step: Step): string {
  const signed = (letter: string, n: number) =>
    n === 0 ? [] : [`${letter}${n > 0 ? '+' : '−'}${Math.abs(n)}`];
  const parts = [...signed('S', step.severity), ...signed('L', step.likelihood)];
  if (step.atLeast) parts.push(`L at least ${step.atLeast}`);
  return parts.join(' ');
}

/** A finding is as sure as the least sure fact it rests on. */
function leastSure(facts: readonly Fact[]): Certainty {
  const worst = Math.max(0, ...facts.map((fact) => certainties.indexOf(fact.certainty)));
  return certainties[facts.length === 0 ? certainties.indexOf('inferred') : worst]!;
}

/** The cause keeps at least the gravest grade of what it took over. */
function withAbsorbed(finding: Finding, absorbed: Verdict[], theirs: readonly Finding[]): Finding {
  const gravest = theirs.reduce((a, b) => (byPriority(a, b) <= 0 ? a : b));
  const grade = graver(finding.grade, gravest.grade);
  if (grade === finding.grade) return { ...finding, absorbed };
  const { severity, likelihood, points } = gravest;
  const line = {
    because: `takes over ${gravest.verdict.rule.id}`,
    moves: 'one cause',
    counted: true,
  };
  return {
    ...finding,
    absorbed,
    grade,
    severity,
    likelihood,
    points,
    trace: [...finding.trace, { ...line, severity, likelihood, grade }],
  };
}
