import type { PropertyValue } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const circuit = (
  places: PropertyValue<'places'>,
  yearBuilt: number,
  kind = 'plain',
  upstreamProtection: PropertyValue<'upstreamProtection'> = 'none',
  buildingKind: PropertyValue<'buildingKind'> = 'house',
): Given => ({
  building: { yearBuilt, buildingKind },
  lines: [`7 20 12cu ${kind} room`],
  facts: { 'circuit 7': { places, upstreamProtection } },
});

const gf = 'Circuit 7, ground-fault';
const af = 'Circuit 7, arc-fault';

export const cases: readonly RuleCase[] = [
  ['bathroom of 1994', circuit(['bathroom'], 1994), 'found: ground-fault', gf],
  ['bedroom of 2005', circuit(['bedroom'], 2005), 'found: arc-fault', af],
  ['laundry of 2016, neither', circuit(['laundry'], 2016), 'found: ground-fault', gf],
  ['laundry of 2016, neither: both are said', circuit(['laundry'], 2016), 'found: arc-fault', af],
  [
    'bathroom of 1960: not asked for when built',
    circuit(['bathroom'], 1960),
    'found: ground-fault',
    gf,
  ],
  ['ground-fault breaker', circuit(['bathroom'], 1994, 'gf'), 'clear', gf],
  ['a tested device upstream', circuit(['bathroom'], 1994, 'plain', 'ground-fault'), 'clear', gf],
  ['ground-fault is no arc-fault', circuit(['laundry'], 2016, 'gf'), 'found: arc-fault', af],
  ['rooms not traced', { lines: ['7 20 12cu plain room'] }, 'not-seen'],
  [
    'upstream not looked for',
    { lines: ['7 20 12cu plain room'], facts: { 'circuit 7': { places: ['bathroom'] } } },
    'not-seen',
    gf,
  ],
  ['nowhere that asks for it', circuit(['common-area'], 1994), 'does-not-apply'],
  [
    'bedroom lights of a shop: arc-fault is asked of dwellings',
    circuit(['bedroom'], 2016, 'plain', 'none', 'shop'),
    'does-not-apply',
    af,
  ],
  [
    'bathroom lights: ground-fault protection is asked of receptacles',
    {
      building: { yearBuilt: 2016, buildingKind: 'house' },
      lines: ['7 20 12cu plain =lights room'],
      facts: { 'circuit 7': { places: ['bathroom'], upstreamProtection: 'none' } },
    },
    'does-not-apply',
    gf,
  ],
  [
    'a 240 V dryer in the laundry of 2016',
    {
      building: { yearBuilt: 2016, buildingKind: 'house' },
      lines: ['7+9 30 10cu plain dryer'],
      facts: { 'circuit 7': { places: ['laundry'], upstreamProtection: 'none' } },
    },
    'does-not-apply',
    'Circuit 7+9, arc-fault',
  ],
  ['dining room of 2010', circuit(['dining'], 2010), 'found: arc-fault', af],
  [
    'a bedroom on 30 A: asked to 20 A',
    {
      building: { yearBuilt: 2016, buildingKind: 'house' },
      lines: ['7 30 10cu plain room'],
      facts: { 'circuit 7': { places: ['bedroom'], upstreamProtection: 'none' } },
    },
    'does-not-apply',
    af,
  ],
];
