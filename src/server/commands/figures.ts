import type { Assessment } from '@/core';
import { assess } from '@/core';
import type { Settings } from '@/core/codes/settings/settings';
import { countByGrade } from '@/core/judge/grading/items';
import type { Entry } from '@/core/record/entries/entry';
import { asOfDay } from '@/core/show/report/dates';
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

/** Entries of which the figures are worked out where they are asked for: of more of them beside. */
export const fewEntries = 60;

export const figuresOf = (entries: readonly Entry[], settings: Settings): Figures =>
  figuresIn(assess(entries, settings), entries);

/** The same of entries that are assessed already. */
export function figuresIn(assessment: Assessment, entries: readonly Entry[]): Figures {
  const { site, findings, visit } = assessment;
  const { reader } = site;
  const asOf = asOfDay(entries, new Date());
  const due = findings
    .flatMap((finding) => dueOn(finding, assessment.settings, asOf) ?? [])
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
    entries: entries.length,
    findings: countByGrade(findings, assessment.settings),
    seen_share: assessment.coverage.seenShare,
    acts_made: visit.made,
    acts_agreed: visit.agreed,
    acts_called: actsWord(visit.scope),
    danger_open: findings.filter(({ grade, madeSafe }) => grade === 'danger' && !madeSafe).length,
    due_on: due,
    returning: site.site !== undefined && reader.value(site.site, 'returnOf') !== undefined,
    words: [...new Set(words.flatMap((one) => one || []))],
  };
}
