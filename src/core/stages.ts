import type { PropertyName } from './entries/properties';

/** A stage of the walk and the facts about the place or panel that are recorded at it. */
export interface Stage {
  number: number;
  name: string;
  facts: readonly {
    about: 'site' | 'building' | 'panel';
    property: PropertyName;
    certainty?: 'measured' | 'told';
  }[];
  /** Leads to opening, touching or measuring: the caution is shown. */
  caution: boolean;
}

const panel = (...properties: PropertyName[]) =>
  properties.map((property) => ({ about: 'panel' as const, property }));

/** The sixteen stages, in the walk's own order. */
export const stages: readonly Stage[] = [
  {
    number: 1,
    name: 'Set out',
    caution: false,
    facts: [
      { about: 'site', property: 'name', certainty: 'told' },
      { about: 'site', property: 'address', certainty: 'told' },
      { about: 'site', property: 'client', certainty: 'told' },
      { about: 'building', property: 'yearBuilt', certainty: 'told' },
      { about: 'building', property: 'childrenInHouse', certainty: 'told' },
    ],
  },
  { number: 2, name: 'Approach', caution: true, facts: [] },
  { number: 3, name: 'Outside', caution: true, facts: [] },
  {
    number: 4,
    name: 'Stand in front',
    caution: false,
    facts: [
      { about: 'panel', property: 'depthMm', certainty: 'measured' },
      ...panel('combustiblesNear'),
    ],
  },
  {
    number: 5,
    name: 'The door',
    caution: false,
    facts: panel(
      'maker',
      'model',
      'yearBuilt',
      'labelBusA',
      'labelAccepts',
      'labelCircuits',
      'labelTandemPositions',
      'labelGroundsPerTerminal',
    ),
  },
  { number: 6, name: 'The handles', caution: false, facts: panel('rows', 'numbering') },
  { number: 7, name: 'Cover off', caution: true, facts: panel('coverOpened', 'coverReason') },
  { number: 8, name: 'Inside', caution: true, facts: panel('supplySize', 'supplyMetal') },
  {
    number: 9,
    name: 'Neutrals, grounds',
    caution: true,
    facts: panel(
      'bond',
      'otherFaultReturn',
      'separateBuilding',
      'feederHasGround',
      'metalPathBetween',
      'groundFaultUpstream',
    ),
  },
  { number: 10, name: 'Measure', caution: true, facts: [] },
  { number: 11, name: 'Trace', caution: true, facts: [] },
  { number: 12, name: 'Judge', caution: false, facts: [] },
  { number: 13, name: 'Close up', caution: true, facts: [] },
  { number: 14, name: 'Advise', caution: false, facts: [] },
  { number: 15, name: 'Report', caution: false, facts: [] },
  { number: 16, name: 'Come back', caution: false, facts: [] },
];
