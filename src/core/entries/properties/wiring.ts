import * as v from 'valibot';
import { metals, sizes } from '../../yardstick/size';
import { anyRef, choice, property, quantity, thingId, whole, yesNo } from './spec';

/** What is recorded of conductors, cables and bars. */
export const wiringProperties = {
  function: choice(['conductor'], 'Used as', { hot: 'hot', neutral: 'neutral', ground: 'ground' }),
  size: property({
    on: ['conductor'],
    schema: v.picklist(sizes),
    label: 'Size',
    input: 'none',
    unit: 'AWG',
  }),
  metal: property({
    on: ['conductor'],
    schema: v.picklist(metals),
    label: 'Metal',
    input: 'choice',
    choices: { cu: 'copper', al: 'aluminium' },
  }),
  colour: choice(['conductor'], 'Colour', {
    black: 'black',
    red: 'red',
    blue: 'blue',
    white: 'white',
    grey: 'grey',
    green: 'green',
    bare: 'bare',
  }),
  remarked: yesNo(['conductor'], 'Re-marked as hot'),
  /** Terminal of a device or bar it lands on; null = lands nowhere. */
  landsOn: property({
    on: ['conductor'],
    schema: v.nullable(anyRef),
    label: 'Lands on',
    input: 'none',
  }),
  circuit: property({ on: ['conductor'], schema: thingId, label: 'Circuit', input: 'none' }),
  cableKind: choice(['cable'], 'Wiring method', {
    nm: 'non-metallic cable',
    ac: 'armoured cable',
    uf: 'underground cable',
    se: 'service cable',
    cloth: 'rubber and cloth',
    tw: 'TW in raceway',
    thw: 'THW, THWN or XHHW in raceway',
  }),
  edge: choice(['cable'], 'Enters at', { top: 'top', bottom: 'bottom' }),
  side: choice(['cable', 'bar'], 'Side', { left: 'left', right: 'right' }),
  jacket: choice(['cable'], 'Jacket', {
    woven: 'woven grey',
    white: 'white',
    yellow: 'yellow',
    orange: 'orange',
    black: 'black',
    steel: 'steel',
  }),
  barKind: choice(['bar'], 'Bar', { neutral: 'neutral bar', ground: 'ground bar' }),
  terminalCount: whole(['bar'], 'Terminals', 1, 60),
  takesParallel: yesNo(['bar-terminal'], 'Identified for parallel conductors'),
  /** Terminals the circuit's hots start from. */
  terminals: property({
    on: ['circuit', 'multiwire'],
    schema: v.pipe(v.array(anyRef), v.maxLength(6)),
    label: 'Terminals',
    input: 'none',
  }),
  /** The conductor that is the shared neutral. */
  sharedNeutral: property({
    on: ['multiwire'],
    schema: thingId,
    label: 'Shared neutral',
    input: 'none',
  }),
  loadKind: choice(['load'], 'Load', {
    lighting: 'lighting',
    receptacles: 'receptacles',
    range: 'range or oven',
    dryer: 'dryer',
    'water-heater': 'water heater',
    'air-conditioner': 'air conditioner or heat pump',
    motor: 'motor',
    'low-voltage': 'low-power or low-voltage load',
    other: 'other',
  }),
  minimumCircuitAmpacityA: quantity(['load'], 'Minimum circuit ampacity', 600, 'A'),
  maximumOvercurrentA: quantity(['load'], 'Maximum overcurrent device', 800, 'A'),
  fuseOnly: yesNo(['load'], 'Nameplate says fuse only'),
  fullLoadA: quantity(['load'], 'Full-load current from the table', 600, 'A'),
  listedW: quantity(['load'], 'Nameplate power', 60000, 'W'),
};
