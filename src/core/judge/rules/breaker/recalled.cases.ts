import type { Facts } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const device = (facts: Facts) => ({ lines: ['7 20 12cu m1 n1'], facts: { 'device 7': facts } });
const type = { maker: 'Tarnholt', breakerType: 'TB-20G' } as const;

export const cases: readonly RuleCase[] = [
  [
    'a code among those called back',
    device({ ...type, dateCode: '1519' }),
    'found: recalled',
    'Breaker 7',
  ],
  ['a later code', device({ ...type, dateCode: '1601' }), 'clear', 'Breaker 7'],
  ['another type', device({ ...type, breakerType: 'TB-20' }), 'clear', 'Breaker 7'],
  ['another maker', device({ ...type, maker: 'Merrowby', dateCode: '1519' }), 'clear', 'Breaker 7'],
  ['the code not read', device(type), 'not-seen', 'Breaker 7'],
  ['a code of another kind', device({ ...type, dateCode: 'W19-15' }), 'not-seen', 'Breaker 7'],
  ['the type not read', device({ maker: 'Tarnholt' }), 'not-seen', 'Breaker 7'],
  [
    'the type not read, of a maker who called none back',
    device({ maker: 'Oskelund' }),
    'clear',
    'Breaker 7',
  ],
  [
    'the types of the list looked for, none here',
    { ...device({ maker: 'Tarnholt' }), panel: { recalledTypes: 'none' } },
    'clear',
    'Breaker 7',
  ],
  [
    'some of them may be here, this one not read',
    { ...device({ maker: 'Tarnholt' }), panel: { recalledTypes: 'some' } },
    'not-seen',
    'Breaker 7',
  ],
  [
    'said that there is none, and one is read',
    { ...device({ ...type, dateCode: '1519' }), panel: { recalledTypes: 'none' } },
    'found: recalled',
    'Breaker 7',
  ],
  [
    'said that there is none, and another beside it is one of them',
    {
      lines: ['7 20 12cu m1 n1', '9 20 12cu m1 n2'],
      facts: { 'device 7': { maker: 'Tarnholt' }, 'device 9': type },
      panel: { recalledTypes: 'none' },
    },
    'not-seen',
    'Breaker 7',
  ],
];
