import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const feeder = (facts: Facts): Given => ({
  fedBy: 'disconnect',
  disconnect: { disconnectRatingA: 60 },
  panel: facts,
});
const electrode = (facts: Facts, supplySize: '4' | '2/0' = '2/0'): Given => ({
  panel: { supplySize, supplyMetal: 'cu' },
  things: [['electrode', 'e', 'house', { electrodeConductorMetal: 'cu', ...facts }]],
});
const cable = (size: '14' | '10', handle = 30): Given => ({
  things: [
    [
      'device',
      'a',
      'panel',
      { place: { kind: 'position', column: 1, row: 1 }, handleRatingsA: [handle] },
    ],
    ['cable', 'c', 'panel', {}],
    ['conductor', 'h', 'c', { function: 'hot', size: '10', metal: 'cu', landsOn: 'a/t1' }],
    ['conductor', 'g', 'c', { function: 'ground', size, metal: 'cu' }],
  ],
});

export const cases: readonly RuleCase[] = [
  [
    '14 copper on a 60 A feeder',
    feeder({ supplyGroundSize: '14', supplyMetal: 'cu' }),
    'found: small',
    'Feeder ground',
  ],
  [
    '10 copper on a 60 A feeder',
    feeder({ supplyGroundSize: '10', supplyMetal: 'cu', supplyGroundMetal: 'cu' }),
    'clear',
    'Feeder ground',
  ],
  ['feeder ground unread', feeder({}), 'not-seen', 'Feeder ground'],
  ['first disconnect', {}, 'does-not-apply', 'Feeder ground'],
  [
    '8 copper to a water pipe from a 2/0 service',
    electrode({ electrodeKind: 'water-pipe', electrodeConductorSize: '8' }),
    'found: small',
    'Electrode',
  ],
  [
    '6 copper to a rod from a 2/0 service',
    electrode({ electrodeKind: 'rod', electrodeConductorSize: '6' }),
    'clear',
    'Electrode',
  ],
  [
    '8 copper to a rod from a 4 service',
    electrode({ electrodeKind: 'rod', electrodeConductorSize: '8' }, '4'),
    'clear',
    'Electrode',
  ],
  ['electrode conductor unread', electrode({ electrodeKind: 'rod' }), 'not-seen', 'Electrode'],
  ['14 ground in a 30 A cable', cable('14'), 'found: small', 'Cable at 1'],
  ['never larger than the circuit’s own wires', cable('10', 100), 'clear', 'Cable at 1'],
  [
    'an aluminium ground beside copper hots',
    feeder({ supplyGroundSize: '10', supplyMetal: 'cu', supplyGroundMetal: 'al' }),
    'found: small',
    'Feeder ground',
  ],
  [
    'metal of the ground unread: enough in copper, too small in aluminium',
    feeder({ supplyGroundSize: '10', supplyMetal: 'cu' }),
    'not-seen',
    'Feeder ground',
  ],
  [
    'two sets of 3/0 copper: 335.6 kcmil, 4 copper to the water pipe',
    {
      panel: { supplySize: '3/0', supplyMetal: 'cu', parallelSets: 2 },
      things: [
        [
          'electrode',
          'e',
          'house',
          {
            electrodeKind: 'water-pipe',
            electrodeConductorSize: '4',
            electrodeConductorMetal: 'cu',
          },
        ],
      ],
    },
    'found: small',
    'Electrode',
  ],
  [
    'the last rows of the table: 1/0 copper from two sets of 300',
    {
      panel: { supplySize: '300', supplyMetal: 'cu', parallelSets: 2 },
      things: [
        [
          'electrode',
          'e',
          'house',
          {
            electrodeKind: 'water-pipe',
            electrodeConductorSize: '1/0',
            electrodeConductorMetal: 'cu',
          },
        ],
      ],
    },
    'clear',
    'Electrode',
  ],
];
