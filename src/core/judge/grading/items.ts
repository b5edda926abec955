import type { Settings } from '../../codes/settings/settings';
import type { Grade } from '../../vocabulary/grade';
import { grades } from '../../vocabulary/grade';
import { fill, namesIn } from '../../vocabulary/fill';
import type { Finding } from './finding';

/** One thing told once: like findings under one number, each place with its letter. */
export interface FindingItem {
  /** From 1, in the order of the report. */
  number: number;
  /** Of its first place: names the item while it lasts. */
  key: string;
  grade: Grade;
  /** Words, grade and reasons are those of the first; in the order of panel and place. */
  places: readonly ItemPlace[];
}

export interface ItemPlace {
  /** "a", "b", …; nothing where there is one place. */
  letter: string;
  finding: Finding;
}

/**
 * Findings of the same rule, message, remedy and grade, gathered: a place that grades otherwise, is
 * ruled otherwise or was split off is an item of its own.
 * @param findings in the order of the report
 */
export function itemsOf(
  findings: readonly Finding[],
  { wording }: Pick<Settings, 'wording'>,
  /** What else must be alike. */
  besides: (finding: Finding) => string = () => '',
): FindingItem[] {
  const alike = new Map<string, Finding[]>();
  for (const finding of findings) {
    const same = finding.apart ? finding.key : `${sameness(finding, wording)}|${besides(finding)}`;
    const known = alike.get(same);
    if (known) known.push(finding);
    else alike.set(same, [finding]);
  }
  return [...alike.values()].map((gathered, index) => {
    const inOrder = [...gathered].sort(byPlace);
    return {
      number: index + 1,
      key: inOrder[0]!.key,
      grade: inOrder[0]!.grade,
      places: inOrder.map((finding, at) => ({
        letter: inOrder.length > 1 ? letterOf(at) : '',
        finding,
      })),
    };
  });
}

/** a … z, then aa, ab …. */
export const letterOf = (at: number): string =>
  (at >= 26 ? letterOf(Math.floor(at / 26) - 1) : '') + String.fromCharCode(97 + (at % 26));

/** How many things of each grade, each told once. */
export const countByGrade = (
  findings: readonly Finding[],
  { wording }: Pick<Settings, 'wording'>,
): Record<Grade, number> => {
  const counts = Object.fromEntries(grades.map((grade) => [grade, 0])) as Record<Grade, number>;
  const told = new Set<string>();
  for (const finding of findings) {
    // What is alike is of one grade.
    const same = finding.apart ? finding.key : sameness(finding, wording);
    if (told.has(same)) continue;
    told.add(same);
    counts[finding.grade] += 1;
  }
  return counts;
};

const byPlace = ({ verdict: a }: Finding, { verdict: b }: Finding): number =>
  a.panel === b.panel ? a.place.order - b.place.order || (a.place.ref < b.place.ref ? -1 : 1) : 0;

/** What must be the same for two findings to be told as one. */
function sameness(finding: Finding, wording: Settings['wording']): string {
  const { verdict, outcome, overrule } = finding;
  const { rule } = verdict;
  const data = { ...outcome.data, place: '·' };
  const own = wording[rule.id]?.[outcome.message]?.ask;
  const known = own !== undefined && namesIn(own).every((name) => name in data);
  return JSON.stringify([
    rule.id,
    outcome.message,
    fill(known ? own : rule.messages[outcome.message]!.ask, data),
    finding.grade,
    finding.computed,
    finding.severity,
    finding.likelihood,
    finding.due ?? null,
    overrule ? [overrule.to, overrule.reason, overrule.refused] : null,
    finding.madeSafe ?? null,
    outcome.presumes ?? [],
    finding.pressing.map((one) => one.rule.id),
  ]);
}
