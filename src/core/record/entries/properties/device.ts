import * as v from 'valibot';
import { deviceForms } from '../../../vocabulary/device-forms';
import type { FormName } from '../../../vocabulary/device-forms';
import { choice, property, quantity, text, whole, yesNo } from './spec';

const rating = v.pipe(v.number(), v.integer(), v.minValue(5), v.maxValue(1200));
const column = v.picklist([1, 2]);
const row = v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(42));

const formWords = Object.fromEntries(
  Object.entries(deviceForms).map(([name, { words }]) => [name, words]),
) as Record<FormName, string>;

const atHandles = { act: 'look', stage: 6 } as const;
const tried = { act: 'test', stage: 6 } as const;
const inside = { act: 'open', stage: 8 } as const;

/** What is recorded of a breaker, fuse or other device. */
export const deviceProperties = {
  /** Column and row of its first pole, or the main's own compartment; a half-width one has its half. */
  place: property({
    on: ['device'],
    schema: v.variant('kind', [
      v.strictObject({ kind: v.literal('main') }),
      v.strictObject({
        kind: v.literal('position'),
        column,
        row,
        half: v.optional(v.picklist(['upper', 'lower'])),
      }),
      /** A block beside the main of a fuse panel. */
      v.strictObject({ kind: v.literal('pull-out'), number: v.picklist([1, 2, 3]) }),
    ]),
    label: 'Position',
    input: 'none',
    act: 'look',
  }),
  form: choice(['device'], 'Form', formWords, { act: 'look' }),
  /** One rating for each handle, A. */
  handleRatingsA: property({
    on: ['device'],
    schema: v.pipe(v.array(rating), v.minLength(1), v.maxLength(4)),
    label: 'Rating on the handle',
    input: 'none',
    unit: 'A',
    act: 'look',
  }),
  breakerType: text(['device'], 'Type designation', 40, atHandles),
  protection: choice(
    ['device'],
    'Protection',
    {
      ordinary: 'ordinary',
      'ground-fault': 'ground-fault',
      'arc-fault': 'arc-fault',
      both: 'arc-fault and ground-fault',
    },
    atHandles,
  ),
  handleState: choice(
    ['device'],
    'Handle found',
    { on: 'on', off: 'off', tripped: 'tripped', 'leave-off': 'off, marked to leave off' },
    { ...atHandles, fine: 'on' },
  ),
  tie: choice(
    ['device'],
    'Handle tie',
    {
      none: 'none',
      factory: 'made as one',
      listed: 'listed tie',
      improvised: 'nail, wire or screw',
    },
    atHandles,
  ),
  commonTrip: yesNo(['device'], 'Poles trip together', atHandles),
  testButton: choice(
    ['device'],
    'Test button',
    {
      good: 'trips and resets',
      'does-not-trip': 'does not trip',
      'does-not-reset': 'does not reset',
    },
    tried,
  ),
  wear: choice(
    ['device'],
    'Wear',
    {
      sound: 'sound',
      cracked: 'cracked',
      hot: 'hot to touch',
      'handle-loose': 'handle loose',
      'does-not-reset': 'does not reset',
      'fails-test': 'fails when tested',
    },
    { ...atHandles, act: 'touch', fine: 'sound' },
  ),
  /** As printed by its maker: what a recall names. */
  dateCode: text(['device'], 'Date code', 30, atHandles),
  faultCode: text(['device'], 'Fault code shown, and its maker’s legend', 120, atHandles),
  tripsOnClosing: choice(
    ['device'],
    'Trips when closed',
    {
      no: 'holds',
      'with-load': 'at once, load connected',
      'without-load': 'at once, load off',
      later: 'after minutes',
    },
    tried,
  ),
  /** Conductors each terminal is marked for. */
  terminalTakes: whole(['device'], 'Conductors the screw is marked for', 1, 2, '', inside),
  terminalTakesSizes: property({
    on: ['device'],
    schema: v.pipe(v.array(v.picklist(['14', '12', '10', '8'])), v.minLength(1), v.maxLength(4)),
    label: 'Copper sizes it is marked to take in pairs',
    input: 'choices',
    choices: { '14': '14', '12': '12', '10': '10', '8': '8' },
    ...inside,
  }),
  temperatureMarkC: property({
    on: ['device'],
    schema: v.picklist([60, 75]),
    label: 'Temperature mark, both ends',
    input: 'number',
    unit: '°C',
    ...inside,
  }),
  /** Where the two ends are marked apart. */
  breakerMarkC: property({
    on: ['device'],
    schema: v.picklist([60, 75]),
    label: 'Temperature mark at the breaker',
    input: 'number',
    unit: '°C',
    ...inside,
  }),
  farEndMarkC: property({
    on: ['circuit'],
    schema: v.picklist([60, 75]),
    label: 'Temperature mark at the far end',
    input: 'number',
    unit: '°C',
    act: 'open',
    stage: 11,
  }),
  voltageRating: choice(
    ['device'],
    'Voltage marking',
    {
      slash: 'slash: 120/240',
      straight: 'straight: 240',
      '277': '277',
      'slash-480': 'slash: 480Y/277',
      '480': 'straight: 480',
    },
    inside,
  ),
  /** Another maker's, tested for this panel and marked so. */
  classifiedFor: yesNo(['device'], 'Marked as classified for this panel', inside),
  plugOnNeutral: yesNo(['panel', 'device'], 'Plugs onto the neutral bar', inside),
  fuseKind: choice(
    ['device'],
    'Fuse is',
    { 'time-delay': 'time-delay', 'non-time-delay': 'without time delay' },
    inside,
  ),
  /** Pole to pole at its load side, handle on. */
  poleToPoleV: quantity(['device'], 'Output pole to pole, handle on', 700, 'V', {
    act: 'test',
    stage: 10,
  }),
  /** Line side to load side of one pole, handle on: what is lost in the breaker. */
  acrossV: quantity(['terminal'], 'Lost across its own pole, handle on', 700, 'V', {
    act: 'test',
    stage: 10,
  }),
  backfed: yesNo(['device'], 'Fed from its load side', { ...inside, fine: false }),
  heldDown: yesNo(['device'], 'Held down', inside),
  pigtail: choice(
    ['device'],
    'Its white pigtail',
    { landed: 'on the neutral bar', off: 'not on the neutral bar' },
    inside,
  ),
  loadNeutral: choice(
    ['device'],
    'Its load neutral',
    { 'on-device': 'on the breaker', 'on-bar': 'on the bar', crossed: 'crossed with another’s' },
    inside,
  ),
  offAndTagged: yesNo(['device'], 'Switched off and tagged', atHandles),
  failedTrip: yesNo(['device'], 'Failed to trip when tested', tried),
  protectionTestedGood: yesNo(['device'], 'Its protection tested good', tried),
  loadCurrentA: quantity(['terminal'], 'Load current', 2000, 'A', { act: 'test', stage: 10 }),
  outputV: quantity(['terminal'], 'Output, handle on', 700, 'V', { act: 'test', stage: 10 }),
  terminalFit: choice(
    ['terminal'],
    'Conductor in the terminal',
    {
      fits: 'fits',
      big: 'too big for it',
      small: 'too small for it',
      strands: 'strands cut',
      bare: 'bare beyond the screw',
      insulation: 'insulation under the screw',
    },
    { ...inside, fine: 'fits' },
  ),

  fuseBase: choice(
    ['device'],
    'Fuse base',
    { edison: 'Edison base', 'size-limiting': 'size-limiting insert' },
    inside,
  ),
  insertA: whole(['device'], 'Insert made for', 5, 30, 'A', inside),
  fuseBypassed: choice(
    ['device'],
    'In the fuse’s place',
    {
      fuse: 'a fuse',
      coin: 'coin',
      foil: 'foil',
      wire: 'wire',
      slug: 'oversize slug',
    },
    { ...inside, fine: 'fuse' },
  ),
  fusedNeutral: choice(
    ['device'],
    'In a neutral alone',
    { no: 'no', closed: 'fuse or switch, closed', open: 'fuse or switch, open' },
    { ...inside, fine: 'no' },
  ),
  clips: choice(
    ['device'],
    'Clips and block',
    { sound: 'sound', browned: 'browned by heat', burned: 'burned' },
    { ...inside, fine: 'sound' },
  ),
};
