import * as v from 'valibot';
import { choice, property, text, thingId, whole, yesNo } from './spec';

/** What is recorded of a panel, its door and its place in the supply. */
export const panelProperties = {
  rows: whole(['panel'], 'Rows of positions', 2, 42),
  numbering: choice(['panel'], 'Numbering', {
    'odd-even': 'odd left, even right',
    'down-columns': 'down each column',
  }),
  maker: text(['panel', 'device'], 'Maker', 60),
  model: text(['panel'], 'Model', 60),
  coverOpened: choice(['panel'], 'Cover', { opened: 'opened', 'not-opened': 'not opened' }),
  coverReason: text(['panel'], 'Why not opened'),
  /** The service, disconnect or feeder device this panel hangs on. */
  fedFrom: property({
    on: ['panel', 'disconnect'],
    schema: thingId,
    label: 'Fed from',
    input: 'none',
  }),
  bond: choice(['panel'], 'Neutral to enclosure', {
    strap: 'joined by a strap',
    screw: 'joined by a screw',
    'bar-in-can': 'joined: neutral bar screwed to the enclosure',
    none: 'not joined',
  }),
  otherFaultReturn: yesNo(['panel'], 'Another path returns a fault'),
  separateBuilding: yesNo(['panel'], 'In a separate building from its supply'),
  feederHasGround: yesNo(['panel'], 'Ground conductor run with the feeder'),
  metalPathBetween: yesNo(['panel'], 'Continuous metal path between the buildings'),
  groundFaultUpstream: yesNo(['panel'], 'Ground-fault protection upstream'),
  supplySize: text(['panel'], 'Supply conductors', 8),
  supplyMetal: choice(['panel'], 'Supply metal', { cu: 'copper', al: 'aluminium' }),
  labelBusA: whole(['panel'], 'Bus rating on the label', 30, 1200, 'A'),
  labelAccepts: property({
    on: ['panel'],
    schema: v.pipe(
      v.array(v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(60))),
      v.maxLength(40),
    ),
    label: 'Breakers the label accepts',
    input: 'list',
  }),
  labelCircuits: whole(['panel'], 'Most circuits on the label', 2, 84),
  labelTandemPositions: property({
    on: ['panel'],
    schema: v.pipe(
      v.array(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(84))),
      v.maxLength(84),
    ),
    label: 'Positions that take tandems',
    input: 'numbers',
  }),
  labelGroundsPerTerminal: whole(['panel'], 'Grounds per terminal on the label', 1, 4),
  opening: choice(['position'], 'Opening', {
    covered: 'closed by the cover',
    blanked: 'closed by a blank',
    open: 'open',
  }),
  liveMetalInPlane: yesNo(['position'], 'Bare live metal in the plane of the opening'),
  busCondition: choice(['position'], 'Bus at the stab', {
    bright: 'bright',
    discoloured: 'discoloured by heat',
    burned: 'pitted, melted or arc-marked',
  }),
};
