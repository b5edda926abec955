import type { RuleCase } from '../../../testing/rule-cases';

const supply = (supplySize: '1/0' | '2/0' | '4', wholeDwelling?: boolean) => ({
  supplySize,
  supplyMetal: 'al' as const,
  ...(wholeDwelling !== undefined && { wholeDwelling }),
});

export const cases: readonly RuleCase[] = [
  [
    '1/0 aluminium under 150 A, whole dwelling',
    { panel: supply('1/0', true), lines: ['main 150'] },
    'found: thin',
  ],
  [
    '1/0 aluminium under 150 A, whatever it carries',
    { panel: supply('1/0'), lines: ['main 150'] },
    'found: thin',
  ],
  [
    '2/0 aluminium under 150 A, whole dwelling',
    { panel: supply('2/0', true), lines: ['main 150'] },
    'clear',
  ],
  [
    '2/0 aluminium under 150 A, not a whole dwelling, next size up of 135',
    { panel: supply('2/0', false), lines: ['main 150'] },
    'clear',
  ],
  [
    'never both: 3/0 aluminium under 175 A by the dwelling table',
    { panel: { supplySize: '3/0', supplyMetal: 'al', wholeDwelling: true }, lines: ['main 200'] },
    'found: thin',
  ],
  ['size unread', { lines: ['main 150'] }, 'not-seen'],
  ['rating of the main unread', { panel: supply('2/0') }, 'not-seen'],
  [
    'the only panel of a house carries all of it',
    {
      building: { buildingKind: 'house' },
      panel: { supplySize: '2', supplyMetal: 'al' },
      lines: ['main 100'],
    },
    'clear',
  ],
  [
    'a house of two dwellings: not said which',
    {
      building: { buildingKind: 'house', dwellings: 2 },
      panel: { supplySize: '2', supplyMetal: 'al' },
      lines: ['main 100'],
    },
    'not-seen',
  ],
  [
    'an outbuilding is no dwelling',
    {
      building: { buildingKind: 'outbuilding' },
      panel: { supplySize: '2', supplyMetal: 'al' },
      lines: ['main 100'],
    },
    'found: thin',
  ],
  [
    'what 2 aluminium under 100 A carries not said',
    { panel: { supplySize: '2', supplyMetal: 'al' }, lines: ['main 100'] },
    'not-seen',
  ],
  [
    'several mains, load not calculated',
    { panel: { ...supply('2/0'), panelKind: 'split-bus', mainKind: 'throws', upperRows: 3 } },
    'not-seen',
  ],
  [
    'several mains, calculated load over the wire',
    {
      panel: {
        ...supply('4'),
        panelKind: 'split-bus',
        mainKind: 'throws',
        upperRows: 3,
        serviceDemandA: 120,
      },
    },
    'found: load',
  ],
  [
    'beyond the dwelling table by ampacity: two sets of 3/0 copper under 400 A',
    {
      panel: { supplySize: '3/0', supplyMetal: 'cu', parallelSets: 2, wholeDwelling: true },
      lines: ['main 400'],
    },
    'clear',
  ],
  [
    'one set of 3/0 copper under 400 A',
    { panel: { supplySize: '3/0', supplyMetal: 'cu', wholeDwelling: true }, lines: ['main 400'] },
    'found: thin',
  ],
  [
    'beyond its last row the dwelling table says nothing: 600 copper under 450 A',
    { panel: { supplySize: '600', supplyMetal: 'cu', wholeDwelling: true }, lines: ['main 450'] },
    'clear',
  ],
  [
    '4 copper to a 100 A switch that is service equipment',
    {
      fedBy: 'disconnect',
      disconnect: { disconnectRatingA: 100, supplySize: '6', supplyMetal: 'cu' },
      panel: { wholeDwelling: true },
    },
    'found: thin',
    'Disconnect',
  ],
];
