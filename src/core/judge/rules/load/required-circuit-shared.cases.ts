import type { Facts } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const seven = (facts: Facts) => ({ lines: ['7 20 12cu rooms'], facts: { 'circuit 7': facts } });

export const cases: readonly RuleCase[] = [
  ['kitchen and bedrooms', seven({ places: ['kitchen', 'bedroom'] }), 'found: shared'],
  [
    'laundry joined with another',
    seven({ places: ['laundry'], joinedWith: 'ordinary' }),
    'found: joined',
  ],
  ['joined with a required one', seven({ joinedWith: 'required' }), 'found: joined'],
  ['kitchen alone', seven({ places: ['kitchen'], joinedWith: 'no' }), 'clear'],
  ['never traced', seven({}), 'not-seen'],
  ['bedrooms', seven({ places: ['bedroom'] }), 'does-not-apply'],
  [
    'dining room with the counter',
    seven({ places: ['kitchen', 'dining'], joinedWith: 'no' }),
    'clear',
  ],
];
