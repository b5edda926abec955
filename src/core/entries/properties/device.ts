import * as v from 'valibot';
import { choice, property, quantity, text, whole, yesNo } from './spec';

const rating = v.pipe(v.number(), v.integer(), v.minValue(5), v.maxValue(1200));

/** What is recorded of a breaker. */
export const deviceProperties = {
  /** Column and row of its first pole, or the main's own compartment. */
  place: property({
    on: ['device'],
    schema: v.variant('kind', [
      v.strictObject({ kind: v.literal('main') }),
      v.strictObject({
        kind: v.literal('position'),
        column: v.picklist([1, 2]),
        row: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(42)),
      }),
    ]),
    label: 'Position',
    input: 'none',
  }),
  form: choice(['device'], 'Form', {
    'single-pole': 'single pole',
    'two-pole': 'two poles',
    tandem: 'tandem: two circuits on one position',
  }),
  /** One rating for each handle, A. */
  handleRatingsA: property({
    on: ['device'],
    schema: v.pipe(v.array(rating), v.minLength(1), v.maxLength(4)),
    label: 'Rating on the handle',
    input: 'none',
    unit: 'A',
  }),
  breakerType: text(['device'], 'Type designation', 40),
  protection: choice(['device'], 'Protection', {
    ordinary: 'ordinary',
    'ground-fault': 'ground-fault',
    'arc-fault': 'arc-fault',
    both: 'arc-fault and ground-fault',
  }),
  /** Conductors each terminal is marked for. */
  terminalTakes: whole(['device'], 'Conductors the screw is marked for', 1, 2),
  terminalTakesSizes: property({
    on: ['device'],
    schema: v.pipe(v.array(v.picklist(['14', '12', '10', '8'])), v.minLength(1)),
    label: 'Copper sizes it is marked to take in pairs',
    input: 'none',
  }),
  temperatureMarkC: property({
    on: ['device'],
    schema: v.picklist([60, 75]),
    label: 'Temperature mark, both ends',
    input: 'none',
    unit: '°C',
  }),
  tie: choice(['device'], 'Handle tie', {
    none: 'none',
    factory: 'made as one',
    listed: 'listed tie',
    improvised: 'nail, wire or screw',
  }),
  offAndTagged: yesNo(['device'], 'Switched off and tagged'),
  failedTrip: yesNo(['device'], 'Failed to trip when tested'),
  protectionTestedGood: yesNo(['device'], 'Its protection tested good'),
  loadCurrentA: quantity(['terminal'], 'Load current', 2000, 'A'),
};
