import type { PropertyValue } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const dryer = (
  applianceWires: PropertyValue<'applianceWires'> | undefined,
  more: Given = {},
  cable = 'nm',
): Given => ({
  building: { yearBuilt: 1980 },
  ...more,
  lines: [`9+11 30 10cu in:${cable} =dryer dryer`],
  ...(applianceWires && { facts: { 'load 9': { applianceWires } } }),
});

export const cases: readonly RuleCase[] = [
  [
    'three wires in a building of 2001',
    dryer('three-insulated', { building: { yearBuilt: 2001 } }),
    'found: three',
  ],
  [
    'bare neutral from a panel downstream',
    dryer('three-bare', { fedBy: 'disconnect' }),
    'found: bare',
  ],
  ['bare neutral not in service cable', dryer('three-bare'), 'found: three'],
  ['four wires', dryer('four'), 'clear'],
  ['existing, neutral insulated', dryer('three-insulated'), 'clear'],
  [
    'existing, bare neutral of service cable from the first disconnect',
    dryer('three-bare', {}, 'se'),
    'clear',
  ],
  ['never looked', dryer(undefined), 'not-seen'],
  ['year unknown', dryer('three-insulated', { building: {} }), 'not-seen'],
];
