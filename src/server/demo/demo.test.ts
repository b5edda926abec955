import { describe, expect, test } from '@jest/globals';
import { assess } from '@/core/assess';
import { route } from '@/core/drawing/route';
import { fold } from '@/core/entries/fold';
import { startingSettings } from '@/core/settings/settings';
import { chandlery } from './chandlery';
import { lockKeepersHouse } from './lock-keepers-house';
import { netLoft } from './net-loft';
import { quayBakery } from './quay-bakery';

const settings = startingSettings('Demo');
const buildings = { lockKeepersHouse, netLoft, chandlery, quayBakery };

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
