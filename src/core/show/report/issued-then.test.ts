import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { assess } from '../../judge/assess/assess';
import type { Entry } from '../../record/entries/entry';
import type { Facts } from '../../record/entries/properties';
import { parseEntry } from '../../record/entries/versions';
import { highestCounter } from '../../fieldwork/recording/draft';
import { testSettings } from '../../testing/bench';
import { withPlace } from './versions';
import { compareWithIssued, keyOf } from './closing';
import { composeReport } from './compose';
import type { ReportFinding } from './report';

interface IssuedThen {
  name: string;
  entries: unknown[];
  findings: ReportFinding[];
}

/** Records and findings as they were sealed when the findings had other places. Never changed. */
const records = JSON.parse(
  readFileSync('src/core/show/report/issued-then.json', 'utf8'),
) as IssuedThen[];

const entriesOf = ({ entries }: IssuedThen): Entry[] =>
  entries.map((entry) => {
    const parsed = parseEntry(entry);
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.faults));
    return parsed.value;
  });

/** One more thing on the record, said afterwards. */
const added = (entries: readonly Entry[], type: 'ruling' | 'what-if', facts: Facts): Entry => ({
  ...(entries[0] as Extract<Entry, { kind: 'add' }>),
  id: 'added-entry',
  counter: highestCounter(entries) + 1,
  action: 'added',
  kind: 'add',
  thing: 'added',
  type,
  in: 'site',
  facts,
});

describe.each(records.map((one) => [one.name, one] as const))('%s', (_, issued) => {
  const entries = entriesOf(issued);
  const now = assess(entries, testSettings);
  const [before] = issued.findings;
  const key = keyOf(before!);

  test('its place has another key today', () =>
    expect(now.findings.map((one) => one.key)).not.toContain(key));

  test('a return visit finds it by the key it was issued with: not gone, not mended, nothing new beside it', () => {
    const { items, fresh } = compareWithIssued({ findings: issued.findings.map(withPlace) }, now);
    expect(items).toHaveLength(1);
    expect(['still-found', 'changed']).toContain(items[0]!.now);
    expect(fresh.filter((one) => one.key.startsWith(`${before!.rule}|`))).toEqual([]);
  });

  test('an overrule recorded under that key still applies', () => {
    const ruling = added(entries, 'ruling', {
      finding: key,
      overruledTo: 'note',
      overruleReason: 'As judged then.',
    });
    const { findings } = assess([...entries, ruling], testSettings);
    // One place may have become several since: what was said of it holds for each.
    const ruled = findings.filter(({ overrule }) => overrule !== undefined);
    expect(ruled.length).toBeGreaterThan(0);
    expect(new Set(ruled.map(({ verdict }) => verdict.rule.id))).toEqual(new Set([before!.rule]));
  });

  test('so do what was made safe and a what-if kept as its evidence', () => {
    const safe = added(entries, 'ruling', { finding: key, madeSafeHow: 'Switched off, 9:50.' });
    expect(
      assess([...entries, safe], testSettings).findings.some(
        ({ verdict, madeSafe }) => verdict.rule.id === before!.rule && madeSafe !== undefined,
      ),
    ).toBe(true);
    const kept = added(entries, 'what-if', { evidenceFor: key, whatIfSays: 'It carries 4 A.' });
    const { whatIfs, findings } = composeReport(assess([...entries, kept], testSettings), {
      inspection: 'one',
      asOf: '2026-04-14',
      authors: [],
    });
    expect(findings[whatIfs[0]!.finding! - 1]!.rule).toBe(before!.rule);
  });
});
