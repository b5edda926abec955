import type { Certainty } from '../../record/entries/entry';
import { certainties } from '../../record/entries/entry';
import type { Fact } from '../../record/entries/inspection';
import type { Verdict } from '../examine/verdict';
import { verdictKey } from '../examine/verdict';
import type { FoundOutcome, Scene } from '../check/rule';
import type { Likelihood, Severity } from '../../vocabulary/severity';
import type { School } from '../../codes/settings/settings';
import type { Due } from './due';
import { nextVisit, renewalDay } from './due';
import type { Grade } from '../../vocabulary/grade';
import { grades, graver } from '../../vocabulary/grade';
import type { Finding, TraceLine } from './finding';
import { legacyBecause, legacyOf } from './legacy';
import { gradeOf, riskPoints } from './matrix';
import { pairSteps } from './pairs';
import type { Step } from './steps';
import { evidenceSteps } from './steps';

interface Standing {
  severity: Severity;
  likelihood: Likelihood;
  grade: Grade;
}

export const lineOf = (
  because: string,
  moves: string,
  counted: boolean,
  standing: Standing,
): TraceLine => ({ because, moves, counted, ...standing });

/**
 * Base, rises, reductions where the school counts them, "at least", clamp once, matrix, label
 * floor, Danger now, the school's date; each named in the trace.
 */
export function gradeOne(
  verdict: Verdict,
  scene: Scene,
  school: School,
  found: readonly Verdict[],
  /** Of them, those of parts hotter than their like. */
  hot: readonly Verdict[],
): Finding {
  const outcome = verdict.outcome as FoundOutcome;
  const { rule, place } = verdict;
  const base = outcome.base ?? { ...rule.base, because: `rule ${rule.id}, base` };
  const steps = [
    ...evidenceSteps(rule, place, outcome.facts, scene, hot),
    ...pairSteps(verdict, scene, found),
  ];
  const legacy = legacyOf(rule, place, outcome, scene);
  const trace: TraceLine[] = [];
  let [s, l, least] = [base.severity as number, base.likelihood as number, 1];
  const note = (because: string, moves: string, counted: boolean, fact?: Fact) =>
    trace.push({
      ...lineOf(because, moves, counted, clamped(s, Math.max(l, least))),
      ...(fact && { entry: fact.entry }),
    });

  note(base.because, '', true, outcome.facts[0]);
  const reduces = school !== 'by-the-label';
  const ordered = [
    ...steps.filter((step) => step.kind === 'rise'),
    ...steps.filter((step) => step.kind === 'reduction'),
  ];
  for (const step of ordered) {
    const counted = step.kind === 'rise' || reduces;
    if (counted) {
      s += step.severity;
      l += step.likelihood;
      least = Math.max(least, step.atLeast ?? 1);
    }
    note(step.because, movesOf(step), counted, step.fact);
  }
  if (legacy?.state === 'legacy') {
    const symptom = steps.find((step) => step.symptom);
    const counted = reduces && !symptom;
    if (counted) l -= 1;
    const so = symptom ? `, but ${symptom.because}` : '';
    note(`${legacyBecause(legacy)}${so}`, 'L−1', counted, legacy.fact);
  }

  let standing: Standing = clamped(s, Math.max(l, least));
  const surrounding = steps.filter((step) => step.surrounding);
  const bare = clamped(
    s - surrounding.reduce((sum, step) => sum + step.severity, 0),
    Math.max(l - surrounding.reduce((sum, step) => sum + step.likelihood, 0), least),
  );
  const step = (because: string, moves: string, next: Standing) => {
    trace.push(
      lineOf(because, moves, next.grade !== standing.grade || moves === 'Danger now', next),
    );
    standing = next;
  };
  if (standing.grade === 'danger' && bare.grade !== 'danger')
    step('what surrounds it never makes Danger now alone', 'at most Urgent', {
      ...standing,
      grade: 'urgent',
    });
  if (rule.outsideListing && school === 'by-the-label')
    step('outside the listing or label: at least Repair', 'floor', {
      ...standing,
      grade: graver(standing.grade, 'repair'),
    });
  if (outcome.most && grades.indexOf(standing.grade) < grades.indexOf(outcome.most.grade))
    step(outcome.most.because, 'ceiling', { ...standing, grade: outcome.most.grade });
  let due: Due | undefined;
  if (school === 'by-the-calendar' && !outcome.danger) {
    const sound = rule.obsolete && !steps.some((one) => one.kind === 'rise');
    if (sound && standing.grade !== 'note' && standing.grade !== 'danger') {
      due = renewalDay(scene);
      step('sound but obsolete: planned for', due ? `by ${due.on}` : 'Plan', {
        ...standing,
        grade: 'plan',
      });
    } else if (standing.grade === 'repair') due = nextVisit(scene.site.reader, scene.site.site);
  }
  if (outcome.danger)
    step(outcome.danger, 'Danger now', {
      severity: standing.severity,
      likelihood: Math.max(standing.likelihood, 4) as Likelihood,
      grade: 'danger',
    });
  const { severity, likelihood, grade } = standing;
  return {
    key: verdictKey(verdict),
    verdict,
    outcome,
    grade,
    computed: grade,
    severity,
    likelihood,
    points: riskPoints(severity, likelihood),
    certainty: leastSure(outcome.facts),
    trace,
    legacy,
    due,
    overrule: undefined,
    madeSafe: undefined,
    reportPlace: undefined,
    apart: false,
    absorbed: [],
    pressing: [],
  };
}

function clamped(s: number, l: number): Standing {
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
