import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { assess } from '../assess';
import type { Entry } from '../entries/entry';
import { parseEntry } from '../entries/versions';
import { highestCounter } from '../recording/draft';
import { testSettings } from '../testing/bench';
import { compareWithIssued, keyOf } from './closing';
import type { ReportFinding } from './report';

interface IssuedThen {
  name: string;
  entries: unknown[];
  findings: ReportFinding[];
}

/** Records and findings as they were sealed when the findings had other places. Never changed. */
const records = JSON.parse(
  readFileSync('src/core/report/issued-then.json', 'utf8'),
) as IssuedThen[];

const entriesOf = ({ entries }: IssuedThen): Entry[] =>
  entries.map((entry) => {
    const parsed = parseEntry(entry);
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.faults));
    return parsed.value;
  });

describe.each(records.map((one) => [one.name, one] as const))('%s', (_, issued) => {
  const entries = entriesOf(issued);
  const now = assess(entries, testSettings);
  const [before] = issued.findings;
  const key = keyOf(before!);

  test('its place has another key today', () =>
    expect(now.findings.map((one) => one.key)).not.toContain(key));

  test('a return visit finds it by the key it was issued with: not gone, not mended, nothing new beside it', () => {
    const { items, fresh } = compareWithIssued(issued, now);
    expect(items).toHaveLength(1);
    expect(['still-found', 'changed']).toContain(items[0]!.now);
    expect(fresh.filter((one) => one.key.startsWith(`${before!.rule}|`))).toEqual([]);
  });

  test('an overrule recorded under that key still applies', () => {
    const ruling: Entry = {
      ...(entries[0] as Extract<Entry, { kind: 'add' }>),
      id: 'ruling-entry',
      counter: highestCounter(entries) + 1,
      action: 'ruling',
      kind: 'add',
      thing: 'ruling-1',
      type: 'ruling',
      in: 'site',
      facts: { finding: key, overruledTo: 'note', overruleReason: 'As judged then.' },
    };
    const { findings } = assess([...entries, ruling], testSettings);
    // One place may have become several since: what was said of it holds for each.
    const ruled = findings.filter(({ overrule }) => overrule !== undefined);
    expect(ruled.length).toBeGreaterThan(0);
    expect(new Set(ruled.map(({ verdict }) => verdict.rule.id))).toEqual(new Set([before!.rule]));
  });
});
