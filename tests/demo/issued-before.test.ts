import { describe, expect, test } from '@jest/globals';
import { Logbook, assess, readReportData, startingSettings } from '@/core';
import type { Entry } from '@/core/record/entries/entry';
import type { Facts } from '@/core/record/entries/properties';
import { verdictKeys } from '@/core/judge/examine/verdict';
import { compareWithIssued, keyOf } from '@/core/show/report/closing';
import type { ReportFinding } from '@/core/show/report/report';
import { chandlery } from '@/server/demo/chandlery';
import { issuedBefore } from './issued-before';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { netLoft } from '@/server/demo/net-loft';
import { quayBakery } from '@/server/demo/quay-bakery';
import { ropewalk } from '@/server/demo/ropewalk';

const buildings = { lockKeepersHouse, netLoft, chandlery, quayBakery, ropewalk };
const settings = startingSettings('Demo');
const by = { device: 'tablet', author: 'ines', at: '2026-11-28T09:00:00+00:00' };

/** As a report of that time is read today. */
const asRead = (findings: unknown): ReportFinding[] =>
  readReportData({ version: 5, findings, panels: [] }).findings;

/** The record with a ruling on one finding, given by the key a report was issued with. */
function ruled(entries: readonly Entry[], facts: Partial<Facts>): Entry[] {
  let made = 0;
  const book = new Logbook({ ...by, newId: () => `ruled-${(made += 1)}` }, entries);
  const site = entries.find((entry) => entry.kind === 'add' && entry.type === 'site');
  book.add('ruling', 'ruled', site?.kind === 'add' ? site.thing : '', facts as Facts);
  return [...book.entries];
}

describe.each(Object.entries(buildings))(
  '%s, issued before the rules were corrected',
  (name, make) => {
    const findings = asRead(issuedBefore[name]!);
    const { entries } = make('ines');
    const now = assess(entries, settings);

    test('with the same facts a return visit has no item mended and none gone', () => {
      const { items } = compareWithIssued({ findings }, now, now);
      expect(items).toHaveLength(findings.length);
      expect(
        items.filter((one) => one.now === 'mended' || one.now === 'gone').map(({ key }) => key),
      ).toEqual([]);
    });

    test('each item is found by its key, also where today another finding covers it', () => {
      const { items } = compareWithIssued({ findings }, now);
      expect(items.filter((one) => one.now === 'gone').map(({ key }) => key)).toEqual([]);
    });

    test.each(findings.map((one) => [keyOf(one)]))('an overrule of %s still finds it', (key) => {
      const { findings: after } = assess(
        ruled(entries, { finding: key, overruledTo: 'note', overruleReason: 'As judged then.' }),
        settings,
      );
      const covered = now.findings.some(({ absorbed }) =>
        absorbed.some((verdict) => verdictKeys(verdict).includes(key)),
      );
      expect(after.filter(({ overrule }) => overrule !== undefined)).toHaveLength(covered ? 0 : 1);
    });
  },
);
