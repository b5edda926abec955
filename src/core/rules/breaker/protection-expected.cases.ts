import type { PropertyValue } from '../../entries/properties';
import type { Given, RuleCase } from '../../testing/rule-cases';

const circuit = (
  places: PropertyValue<'places'>,
  yearBuilt: number,
  kind = 'plain',
  upstreamProtection: PropertyValue<'upstreamProtection'> = 'none',
): Given => ({
  building: { yearBuilt },
  lines: [`7 20 12cu ${kind} room`],
  facts: { 'circuit 7': { places, upstreamProtection } },
});

export const cases: readonly RuleCase[] = [
  ['bathroom of 1994', circuit(['bathroom'], 1994), 'found: ground-fault'],
  ['bedroom of 2005', circuit(['bedroom'], 2005), 'found: arc-fault'],
  [
    'bathroom of 1960: not asked for when built',
    circuit(['bathroom'], 1960),
    'found: ground-fault',
  ],
  ['ground-fault breaker', circuit(['bathroom'], 1994, 'gf'), 'clear'],
  ['a tested device upstream', circuit(['bathroom'], 1994, 'plain', 'ground-fault'), 'clear'],
  ['rooms not traced', { lines: ['7 20 12cu plain room'] }, 'not-seen'],
  [
    'upstream not looked for',
    { lines: ['7 20 12cu plain room'], facts: { 'circuit 7': { places: ['bathroom'] } } },
    'not-seen',
  ],
  ['nowhere that asks for it', circuit(['common-area'], 1994), 'does-not-apply'],
];
