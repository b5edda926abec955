import type { Assessment } from '../assess';
import { gradeWords } from '../grading/grade';
import { readRulings } from '../grading/rulings';
import type { ReportData, ReportFinding } from './report';
import { findingWords } from './finding-words';
import type { ItemNow, ReturnComparison, ReturnItem } from './return-comparison';

export const itemWords: Record<ItemNow, string> = {
  mended: 'mended: the rules find nothing now',
  'still-found': 'still found',
  changed: 'found, but changed',
  'not-seen': 'not seen now',
  gone: 'no longer there',
};

export const keyOf = ({ rule, ref }: Pick<ReportFinding, 'rule' | 'ref'>) => `${rule}|${ref}`;

/** Holds an issued report against what the rules say now, item by item. */
export function compareWithIssued(
  issued: Pick<ReportData, 'findings'>,
  assessment: Assessment,
): ReturnComparison {
  const { findings, verdicts, settings, site, inspection } = assessment;
  const rulings = readRulings(inspection, site.reader);
  const now = new Map(findings.map((finding) => [finding.key, finding]));
  const absorbed = new Set(
    findings.flatMap((finding) =>
      finding.absorbed.map(({ rule, place }) => `${rule.id}|${place.ref}`),
    ),
  );
  const outcomes = new Map(
    verdicts.map(({ rule, place, outcome }) => [`${rule.id}|${place.ref}`, outcome.outcome]),
  );
  const items = issued.findings.map((before): ReturnItem => {
    const key = keyOf(before);
    const finding = now.get(key);
    const short = finding && findingWords(finding.verdict, 'short', settings);
    const outcome = outcomes.get(key);
    const state: ItemNow = finding
      ? short === before.short && finding.grade === before.grade
        ? 'still-found'
        : 'changed'
      : absorbed.has(key)
        ? 'still-found'
        : outcome === undefined
          ? 'gone'
          : outcome === 'not-seen' || outcome === 'found'
            ? 'not-seen'
            : 'mended';
    const ruling = rulings.get(key);
    const tick = ruling && site.reader.value(ruling.id, 'returnTick');
    const over = state === 'mended' || state === 'gone';
    return {
      key,
      number: before.number,
      title: before.title,
      place: before.place,
      panel: before.panel,
      ref: before.ref,
      before: { grade: before.grade, short: before.short },
      now: state,
      nowWords:
        state === 'changed' && finding
          ? `${itemWords.changed}: ${gradeWords[finding.grade]}, ${short}`
          : itemWords[state],
      tick,
      words: ruling && site.reader.value(ruling.id, 'returnWords'),
      disagrees:
        tick === 'mended' && !over
          ? 'Ticked as mended, but the facts recorded do not show it.'
          : tick === 'not' && over
            ? 'Ticked as not mended, but by the facts recorded it is.'
            : undefined,
    };
  });
  const known = new Set(issued.findings.map(keyOf));
  const fresh = findings
    .filter(({ key }) => !known.has(key))
    .map(({ key, verdict, grade }) => ({
      key,
      title: verdict.rule.title,
      place: verdict.place.label,
      grade,
      short: findingWords(verdict, 'short', settings),
    }));
  return {
    items,
    fresh,
    open:
      items.filter(({ now: state }) => state !== 'mended' && state !== 'gone').length +
      fresh.length,
  };
}
