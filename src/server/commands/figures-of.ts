import type { Assessment } from '@/core';
import { countByGrade } from '@/core/judge/grading/items';
import { visitCounts } from '@/core/judge/scope/visit-counts';
import { grades } from '@/core/vocabulary/grade';
import { dueOn } from '@/core/show/report/deadline';
import { actsWord } from '@/core/show/report/visit';

/** What lists show of an inspection and find it by, as it follows from its entries alone. */
export interface Figures {
  place: string;
  address: string;
  /** YYYY-MM-DD */
  as_of: string | null;
  entries: number;
  findings: Record<string, number>;
  seen_share: number;
  acts_made: number;
  acts_agreed: number;
  acts_called: string;
  danger_open: number;
  /** YYYY-MM-DD of the earliest deadline. */
  due_on: string | null;
  returning: boolean;
  words: string[];
}

/**
 * Figures of an inspection that is assessed already.
 * @param of how many entries it has, and the day it speaks as of, YYYY-MM-DD
 */
export function figuresIn(
  assessment: Assessment,
  of: { entries: number; asOf: string | undefined },
): Figures {
  const { inspection, site, findings, settings, examination } = assessment;
  const { reader } = site;
  const { entries, asOf } = of;
  const acts = visitCounts(inspection, site, examination);
  // By its grade where it has no day of its own: one of each grade stands for all.
  const dated = [
    ...findings.filter((one) => one.due),
    ...grades.flatMap((grade) => findings.find((one) => !one.due && one.grade === grade) ?? []),
  ];
  const due = dated
    .flatMap((finding) => dueOn(finding, settings, asOf) ?? [])
    .reduce<string | null>((a, b) => (a === null || b < a ? b : a), null);
  const words = [
    site.name,
    site.address,
    site.site && reader.value(site.site, 'client'),
    ...site.panels.flatMap(({ id: panel, name }) => [
      name,
      reader.value(panel, 'maker'),
      reader.value(panel, 'model'),
    ]),
    ...findings.map(({ verdict }) => verdict.rule.title),
  ];
  return {
    place: site.name,
    address: site.address,
    as_of: asOf ?? null,
    entries,
    findings: countByGrade(findings, settings),
    seen_share: assessment.coverage.seenShare,
    acts_made: acts.made,
    acts_agreed: acts.agreed,
    acts_called: actsWord(acts.scope),
    danger_open: findings.filter(({ grade, madeSafe }) => grade === 'danger' && !madeSafe).length,
    due_on: due,
    returning: site.site !== undefined && reader.value(site.site, 'returnOf') !== undefined,
    words: [...new Set(words.flatMap((one) => one || []))],
  };
}
