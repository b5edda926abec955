import * as v from 'valibot';
import { whatIfSchema } from '../../../vocabulary/what-if';
import { choice, property, quantity, day, text, thingId, whole } from './spec';

const readings = { act: 'test', stage: 10, at: 'readings' } as const;
const measured = [
  'panel',
  'device',
  'terminal',
  'bar-terminal',
  'lug',
  'circuit',
  'electrode',
  'pipe',
] as const;
const dead = (label: string) => quantity(['panel'], label, 700, 'V', readings);

/** Instruments, the proof of dead, tracing rounds, and what-ifs kept as evidence. */
export const readingProperties = {
  instrumentKind: choice(
    ['instrument'],
    'Instrument',
    {
      meter: 'voltage and continuity meter',
      clamp: 'clamp meter',
      tester: 'non-contact tester',
      earth: 'earth resistance meter',
      camera: 'thermal camera',
      torque: 'torque wrench',
    },
    { act: 'none' },
  ),
  instrumentRating: text(['instrument'], 'Rated for', 60, { act: 'look' }),
  lastChecked: day(['instrument'], 'Last checked', { act: 'look' }),
  /** The instrument of the facts of the same entry: said of the entry, so it never contradicts. */
  takenWith: property({
    on: measured,
    schema: thingId,
    label: 'Taken with',
    input: 'none',
    act: 'none',
    ofEntry: true,
  }),
  continuityOhm: quantity(
    ['panel', 'circuit', 'electrode', 'pipe'],
    'Continuity of its way to ground',
    10_000,
    'Ω',
    { act: 'test', stage: 10 },
  ),
  proveBeforeV: dead('Tester on a live source, before'),
  deadAbV: dead('Off: A to B'),
  deadBcV: dead('Off: B to C'),
  deadCaV: dead('Off: C to A'),
  deadAnV: dead('Off: A to neutral'),
  deadBnV: dead('Off: B to neutral'),
  deadCnV: dead('Off: C to neutral'),
  deadAgV: dead('Off: A to ground'),
  deadBgV: dead('Off: B to ground'),
  deadCgV: dead('Off: C to ground'),
  deadNgV: dead('Off: neutral to ground'),
  proveAfterV: dead('Tester on a live source, after'),

  traceWay: choice(
    ['panel'],
    'Traced',
    {
      code: 'by code: several off at once',
      names: 'by code, names only: the least rounds',
      single: 'one at a time',
    },
    { act: 'trace' },
  ),
  roundNumber: whole(['round'], 'Round', 1, 99, '', { act: 'trace' }),
  /** Circuits switched off in this round. */
  switchedOff: property({
    on: ['round'],
    schema: v.pipe(v.array(thingId), v.maxLength(84)),
    label: 'Switched off',
    input: 'none',
    act: 'trace',
  }),
  inRound: choice(
    ['outlet-round'],
    'In this round',
    { dead: 'dead', alive: 'alive' },
    { act: 'trace' },
  ),
  /** Circuits an outlet was found to be fed from: one; two where either feeds it or both are needed. */
  fedBy: property({
    on: ['outlet'],
    schema: v.pipe(v.array(thingId), v.maxLength(2)),
    label: 'Fed by circuits',
    input: 'none',
    act: 'trace',
  }),
  fedHow: choice(
    ['outlet'],
    'Fed by',
    {
      single: 'one breaker',
      'second-supply': 'two supplies, each alone',
      joined: 'two breakers together',
      none: 'none of this panel',
    },
    { act: 'trace' },
  ),
  /** Rooms cannot do without it: never switched off while tracing. */
  staysOn: choice(
    ['circuit'],
    'While tracing',
    {
      'stays-on': 'stays on',
      'may-go-off': 'may go off',
    },
    { act: 'ask' },
  ),

  whatIf: property({
    on: ['what-if'],
    schema: whatIfSchema,
    label: 'What if',
    input: 'none',
    act: 'none',
  }),
  /** What the circuit model said of it, as it was kept. */
  whatIfSays: text(['what-if'], 'It says', 800, { act: 'none' }),
  /** The report a return visit starts from. */
  returnOf: text(['site'], 'Return visit of the report', 60, { act: 'none' }),
  /** What was found of an item on the return visit; the rules decide, not this. */
  returnTick: choice(
    ['ruling'],
    'On the return visit',
    {
      mended: 'mended',
      not: 'not mended',
      changed: 'changed',
    },
    { act: 'none' },
  ),
  returnWords: text(['ruling'], 'What was done', 600, { act: 'none' }),
  /** Key of the finding it is evidence for. */
  evidenceFor: text(['what-if'], 'Evidence for', 180, { act: 'none' }),
};
