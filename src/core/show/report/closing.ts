import type { Assessment } from '../../judge/assess/assess';
import { verdictKeys } from '../../judge/examine/verdict';
import type { Finding } from '../../judge/grading/finding';
import { gradeWords } from '../../vocabulary/grade';
import { readRulings } from '../../judge/grading/rulings';
import { eachPlace } from './places';
import type { PlacedFinding } from './places';
import type { ReportData, ReportFinding } from './report';
import { standingsIn } from '../../judge/assess/standing';
import { keyToday } from '../../installation/panel/standing-in';
import { findingWords } from './finding-words';
import type { ItemNow, ReturnComparison, ReturnItem } from './return-comparison';

export const itemWords: Record<ItemNow, string> = {
  mended: 'mended: the rules find nothing now',
  'still-found': 'still found',
  changed: 'found, but changed',
  'not-seen': 'not seen now',
  gone: 'no longer there',
  otherwise: 'not found by today’s rules in the same facts',
};

export const keyOf = ({ rule, ref }: Pick<ReportFinding, 'rule' | 'ref'>) => `${rule}|${ref}`;

type Issued = Pick<ReportData, 'findings'>;

interface Standing {
  state: ItemNow;
  finding: Finding | undefined;
  short: string | undefined;
}

/** How each item of a report stands in an assessment; items are found by older keys too. */
function standings(issued: readonly PlacedFinding[], assessment: Assessment): Standing[] {
  const { settings } = assessment;
  const standing = standingsIn(assessment);
  return issued.map((before): Standing => {
    const { state, finding } = standing(keyOf(before));
    const short = finding && findingWords(finding.verdict, 'short', settings);
    if (finding) {
      const same = short === before.short && finding.grade === before.grade;
      return { state: same ? 'still-found' : 'changed', finding, short };
    }
    return {
      state: state === 'found' || state === 'taken-over' ? 'still-found' : state,
      finding,
      short,
    };
  });
}

/**
 * Holds an issued report against what the rules say now, item by item.
 * @param then today's rules on the facts that were sealed with it: what differs from the report there
 *   already, no work has mended
 */
export function compareWithIssued(
  issued: Issued,
  assessment: Assessment,
  then?: Assessment,
): ReturnComparison {
  const { findings, settings, site } = assessment;
  const rulings = readRulings(site.reader);
  const placed = issued.findings.flatMap(eachPlace);
  const now = standings(placed, assessment);
  const sealed = then && standings(placed, then);
  const items = placed.map((before, index): ReturnItem => {
    const key = keyOf(before);
    const { finding, short } = now[index]!;
    const state = byRulesAlone(now[index]!, sealed?.[index]);
    const ruling = rulings.get(keyToday(site.reader, key));
    const tick = ruling && site.reader.value(ruling.id, 'returnTick');
    const over = state === 'mended' || state === 'gone' || state === 'otherwise';
    return {
      key,
      number: before.number,
      ...(before.letter && { letter: before.letter }),
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
          : tick === 'not' && over && state !== 'otherwise'
            ? 'Ticked as not mended, but by the facts recorded it is.'
            : undefined,
    };
  });
  const known = new Set(placed.map((one) => keyToday(site.reader, keyOf(one))));
  const fresh = findings
    .filter(({ verdict }) => !verdictKeys(verdict).some((key) => known.has(key)))
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
      items.filter(({ now: state }) => !['mended', 'gone', 'otherwise'].includes(state)).length +
      fresh.length,
  };
}

/** What today's rules make otherwise of the facts of that day is no work of anybody's. */
function byRulesAlone(now: Standing, then: Standing | undefined): ItemNow {
  if (!then || then.state === 'still-found') return now.state;
  const away = ({ state }: Standing) => state === 'mended' || state === 'gone';
  if (away(now) && away(then)) return 'otherwise';
  const alike = now.short === then.short && now.finding?.grade === then.finding?.grade;
  return now.state === 'changed' && then.state === 'changed' && alike ? 'still-found' : now.state;
}
