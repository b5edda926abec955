import type { Examination } from '../examine/examine';
import type { Verdict } from '../examine/verdict';
import { verdictKeys } from '../examine/verdict';
import type { Scene } from '../check/rule';
import type { School } from '../../codes/settings/settings';
import { absorb } from './absorb';
import type { Finding } from './finding';
import { grades, graver } from '../../vocabulary/grade';
import { gradeOne, lineOf } from './grade-one';
import { riskPoints } from './matrix';
import { applyRuling } from './overrule';
import type { Ruling } from './rulings';
import { readRulings } from './rulings';

/** Grades every finding of an examination in one school, gravest first. */
export function judge(
  { site, scenes, open }: Examination,
  school?: School,
  /** Gives a grading known from before, or has it done. */
  known: (verdict: Verdict, grade: () => Finding) => Finding = (_, grade) => grade(),
): Finding[] {
  const found = open.filter((verdict) => verdict.outcome.outcome === 'found');
  const { kept, absorbed } = absorb(found);
  const rulings = readRulings(site.reader);
  const hot = found.filter((verdict) => verdict.rule.id === 'reading/hot-part');
  const graded = (verdict: Verdict) => {
    const scene: Scene = scenes.get(verdict.panel)!;
    return known(verdict, () =>
      gradeOne(verdict, scene, school ?? scene.settings.school, found, hot),
    );
  };
  const findings = kept.map((verdict) => {
    const finding = graded(verdict);
    const others = absorbed.get(finding.key) ?? [];
    return others.length > 0 ? withAbsorbed(finding, others, others.map(graded)) : finding;
  });
  return merged(findings, rulings)
    .map((finding) => applyRuling(finding, rulingOf(finding, rulings), site.reader))
    .sort(byPriority);
}

/** What the inspector said of a finding, under its key or one it had before. */
const rulingOf = (finding: Finding, rulings: ReadonlyMap<string, Ruling>): Ruling | undefined =>
  verdictKeys(finding.verdict)
    .map((key) => rulings.get(key))
    .find(Boolean);

/** Grade, then the inspector's own order, then risk points, then panel and position. */
function byPriority(a: Finding, b: Finding): number {
  return (
    grades.indexOf(a.grade) - grades.indexOf(b.grade) ||
    (a.reportPlace ?? Infinity) - (b.reportPlace ?? Infinity) ||
    b.points - a.points ||
    (a.verdict.panel < b.verdict.panel ? -1 : a.verdict.panel > b.verdict.panel ? 1 : 0) ||
    a.verdict.place.order - b.verdict.place.order ||
    (a.key < b.key ? -1 : 1)
  );
}

/** Findings the inspector reports under another one. */
function merged(findings: Finding[], rulings: ReadonlyMap<string, Ruling>): Finding[] {
  const target = (finding: Finding) => {
    const into = rulingOf(finding, rulings)?.mergedInto;
    const other =
      into === undefined
        ? undefined
        : findings.find((one) => verdictKeys(one.verdict).includes(into));
    return other && other !== finding && !rulingOf(other, rulings)?.mergedInto ? other : undefined;
  };
  const under = new Map<Finding, Finding[]>();
  for (const finding of findings) {
    const into = target(finding);
    if (into) under.set(into, [...(under.get(into) ?? []), finding]);
  }
  return findings
    .filter((finding) => !target(finding))
    .map((finding) => {
      const own = under.get(finding);
      return own
        ? withAbsorbed(
            finding,
            own.flatMap((one) => [one.verdict, ...one.absorbed]),
            own,
          )
        : finding;
    });
}

/** The cause keeps at least the gravest grade of what it took over. */
function withAbsorbed(finding: Finding, taken: Verdict[], theirs: readonly Finding[]): Finding {
  const absorbed = [...finding.absorbed, ...taken];
  const pressing = [
    ...finding.pressing,
    ...theirs.flatMap((one) => [
      ...(one.grade === 'danger' || one.grade === 'urgent' ? [one.verdict] : []),
      ...one.pressing,
    ]),
  ];
  const gravest = theirs.reduce((a, b) => (byPriority(a, b) <= 0 ? a : b));
  const grade = graver(finding.grade, gravest.grade);
  if (grade === finding.grade) return { ...finding, absorbed, pressing };
  const { severity, likelihood } = gravest;
  return {
    ...finding,
    absorbed,
    pressing,
    grade,
    computed: grade,
    severity,
    likelihood,
    points: riskPoints(severity, likelihood),
    due: gravest.due,
    trace: [
      ...finding.trace,
      lineOf(`takes over ${gravest.verdict.rule.id}`, 'one cause', true, {
        severity,
        likelihood,
        grade,
      }),
    ],
  };
}
