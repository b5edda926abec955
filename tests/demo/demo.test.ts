import { describe, expect, test } from '@jest/globals';
import { assess, startingSettings } from '@/core';
import { route } from '@/core/show/drawing/route';
import { fold } from '@/core/record/entries/fold';
import { grades } from '@/core/vocabulary/grade';
import { schools } from '@/core/codes/settings/settings';
import { chandlery } from '@/server/demo/chandlery';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { expectedFindings } from './expected-findings';
import { netLoft } from '@/server/demo/net-loft';
import { osierCottage } from '@/server/demo/osier-cottage';
import { quayBakery } from '@/server/demo/quay-bakery';
import { ropewalk } from '@/server/demo/ropewalk';
import { slipway } from '@/server/demo/slipway';

const settings = startingSettings('Demo');
const messy = { lockKeepersHouse, netLoft, chandlery, quayBakery, ropewalk, slipway };
const buildings = { ...messy, osierCottage };

describe.each(Object.entries(buildings))('%s', (_, make) => {
  const { entries } = make('ines');
  test('is recorded whole: nothing unplaced, outside or contradicting', () => {
    const inspection = fold(entries);
    expect(inspection.unplaced).toEqual([]);
    expect(inspection.conflicts).toEqual([]);
    for (const panel of assess(entries, settings).site.panels) expect(panel.outOfRange).toEqual([]);
  });
  test('every conductor that lands is drawn to its screw', () => {
    for (const panel of assess(entries, settings).site.panels) {
      const landed = panel.conductors.filter((wire) => wire.landsOn?.value);
      expect(route(panel).wires).toHaveLength(landed.length);
    }
  });
});

describe.each(Object.entries(messy))('%s', (_, make) => {
  test('gives exactly the findings an inspector lists for it', () => {
    const { inspection, entries } = make('ines');
    const found = assess(entries, settings).findings.map(
      ({ verdict }) => `${verdict.rule.id} · ${verdict.place.label}`,
    );
    expect(found.sort()).toEqual([...expectedFindings[inspection]!].sort());
  });
});

describe('osier cottage, a panel in good order', () => {
  test.each(schools)('gives no finding above Note %s', (school) => {
    const { findings, coverage } = assess(osierCottage('ines').entries, { ...settings, school });
    expect(findings.filter(({ grade }) => grades.indexOf(grade) < grades.indexOf('note'))).toEqual(
      [],
    );
    expect(coverage.seenShare).toBeGreaterThan(0.9);
  });
});

test('the first disconnect follows from the tree', () => {
  const places = (make: (author: string) => { entries: Parameters<typeof assess>[0] }) =>
    Object.fromEntries(
      assess(make('ines').entries, settings).site.panels.map((panel) => [
        panel.name,
        [panel.supply.place, panel.system],
      ]),
    );
  expect(places(chandlery)).toEqual({
    'Shop panel': ['first-disconnect', 'split-phase'],
    'Flat panel': ['downstream', 'split-phase'],
  });
  expect(places(quayBakery)).toEqual({ 'Bakery panel': ['first-disconnect', 'wye-208'] });
  expect(places(lockKeepersHouse)).toEqual({
    'Main panel': ['first-disconnect', 'split-phase'],
    'Boat shed panel': ['downstream', 'split-phase'],
  });
});
