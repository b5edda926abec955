import * as v from 'valibot';
import { powerSizes } from '../../../vocabulary/size';
import { traits } from '../../../codes/families/family';
import { legPatterns } from '../../../vocabulary/system';
import {
  otherThing,
  choice,
  choices,
  length,
  moreThanNone,
  numbers,
  property,
  quantity,
  text,
  torque,
  whole,
  yesNo,
} from './spec';

const front = { act: 'look', stage: 4, at: 'space' } as const;
const door = { act: 'open', stage: 5, at: 'door' } as const;
const handles = { act: 'look', stage: 6, at: 'handles' } as const;
const cover = { act: 'open', stage: 7, at: 'cover' } as const;
const inside = { act: 'open', stage: 8, at: 'inside' } as const;
const grounds = { act: 'open', stage: 9, at: 'bond' } as const;
const readings = { act: 'test', stage: 10, at: 'readings' } as const;
const closing = { act: 'look', stage: 13, at: 'cover' } as const;
const enclosure = { act: 'look', at: 'enclosure' } as const;

/** What is recorded of a panel: its space, door, cover, inside, bond and readings. */
export const panelProperties = {
  panelKind: choice(
    ['panel'],
    'Kind of panel',
    { breaker: 'breaker panel', 'split-bus': 'split-bus', fuse: 'fuse panel' },
    handles,
  ),
  mainKind: choice(
    ['panel'],
    'Main',
    {
      breaker: 'main breaker',
      lugs: 'lugs only',
      throws: 'several throws',
      'pull-out': 'pull-out',
    },
    handles,
  ),
  rows: whole(['panel'], 'Rows of positions', 2, 42, '', handles),
  columns: property({
    on: ['panel'],
    schema: v.picklist([1, 2]),
    label: 'Columns',
    input: 'none',
    ...handles,
  }),
  orientation: choice(
    ['panel'],
    'Hangs',
    { upright: 'upright', sideways: 'sideways: rows run across' },
    handles,
  ),
  numbering: choice(
    ['panel'],
    'Numbering',
    { 'odd-even': 'odd left, even right', 'down-columns': 'down each column', custom: 'its own' },
    handles,
  ),
  legPattern: choice(['panel'], 'Legs', legPatterns, handles),
  /** Rows of the section whose throws are the mains of a split-bus panel. */
  upperRows: whole(['panel'], 'Rows of the upper section', 1, 20, '', handles),
  /** The throw of the upper section that feeds the lower one. */
  lowerFedBy: otherThing(['panel'], 'Lower section fed by', ['device'], handles),
  feedThroughLugs: yesNo(['panel'], 'Feed-through lugs', { act: 'open', stage: 8, at: 'supply' }),
  maker: text(['panel', 'device'], 'Maker', 60, door),
  model: text(['panel'], 'Model', 60, door),

  depthMm: length(['panel'], 'Clear depth in front', front),
  spaceCondition: choice(
    ['panel'],
    'Opposite the panel',
    { '1': 'nothing grounded', '2': 'grounded parts', '3': 'live parts' },
    front,
  ),
  clearWidth: length(['panel'], 'Clear width in front', front),
  headroom: length(['panel'], 'Headroom', front),
  equipmentWidth: length(['panel'], 'Width of the equipment', front),
  equipmentHeight: length(['panel'], 'Height of the equipment', front),
  highestHandle: length(['panel'], 'Highest handle above the floor', front),
  obstructions: choices(
    ['panel'],
    'In the space in front',
    {
      storage: 'storage',
      furniture: 'furniture',
      pump: 'pump or appliance',
      pipe: 'pipe',
      wall: 'shelf or wall',
    },
    { ...front, fine: [] },
  ),
  doorOpens: yesNo(['panel'], 'Door opens 90°', { ...front, fine: true }),
  /** Children come where this panel hangs: a fact of its place, not of the house. */
  childrenNear: yesNo(['panel'], 'Children come where it hangs', { ...front, act: 'ask' }),
  combustiblesNear: yesNo(['panel'], 'Combustibles in the working space', {
    ...front,
    fine: false,
  }),
  placedIn: choice(
    ['panel'],
    'Placed in',
    {
      open: 'none of these places',
      bathroom: 'bathroom',
      'clothes-closet': 'clothes closet',
      'over-steps': 'over steps',
    },
    { ...front, fine: 'open' },
  ),
  waterNearby: choices(
    ['panel'],
    'Water near',
    { piping: 'piping over or under it', pump: 'a pump below', drip: 'drip marks' },
    { ...front, fine: [] },
  ),
  /** Before several could stand side by side. */
  waterNear: choice(
    ['panel'],
    'Water near',
    { none: 'none', piping: 'piping over or under it', pump: 'a pump below', drip: 'drip marks' },
    { act: 'look', retired: true },
  ),
  lightThere: yesNo(['panel'], 'Light at the panel', { ...front, fine: true }),
  occupantReaches: yesNo(['panel'], 'Occupant reaches own devices', { ...front, fine: true }),
  mounting: choice(
    ['panel'],
    'Enclosure on the wall',
    { firm: 'held firmly', loose: 'loose', 'by-raceway': 'held by its raceway alone' },
    { ...enclosure, stage: 4, fine: 'firm' },
  ),
  /** 312.3 and 312.4: of a box sunk into the wall. */
  wallAround: choice(
    ['panel'],
    'Wall around a sunk box',
    {
      closed: 'closed to its edge, or the box stands on the wall',
      gap: 'open beside it by more than 3 mm',
      back: 'the edge of the box lies more than 6 mm behind the wall',
      'back-burns': 'the edge of the box lies behind a wall that burns',
    },
    { ...cover, fine: 'closed' },
  ),
  penetration: choice(
    ['panel'],
    'Screw, nail or drill into the box',
    { none: 'none', 'into-box': 'into the box', touching: 'touches bus or wire' },
    { ...enclosure, stage: 3, fine: 'none' },
  ),

  ratingLabel: choice(
    ['panel'],
    'Rating label',
    { legible: 'legible', illegible: 'illegible', missing: 'missing' },
    { ...door, fine: 'legible' },
  ),
  labelBusA: whole(['panel'], 'Bus rating on the label', 30, 1200, 'A', door),
  labelMainA: whole(['panel'], 'Largest main on the label', 30, 1200, 'A', door),
  labelAccepts: property({
    on: ['panel'],
    schema: v.pipe(
      v.array(v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(60))),
      v.maxLength(40),
    ),
    label: 'Breakers the label accepts',
    input: 'list',
    ...door,
  }),
  labelCircuits: whole(['panel'], 'Most circuits on the label', 2, 84, '', door),
  labelTandemPositions: numbers(['panel'], 'Positions that take tandems', door),
  /** Pairs of ratings, A. An empty list: the label was read and lists none. */
  labelTandemRatings: choices(
    ['panel'],
    'Tandems the label lists',
    {
      '15/15': '15 and 15 A',
      '15/20': '15 and 20 A',
      '20/20': '20 and 20 A',
      '15/30': '15 and 30 A',
      '20/30': '20 and 30 A',
      '30/30': '30 and 30 A',
    },
    door,
  ),
  labelGroundsPerTerminal: whole(['panel'], 'Grounds per terminal on the label', 1, 4, '', door),
  labelStabA: whole(['panel'], 'Most for one stab on the label', 30, 400, 'A', door),
  labelTorqueNm: torque(['panel', 'device', 'lug', 'bar'], 'Torque on the label', door),
  /** By kind of terminal, as labels give it. */
  labelTorqueLug: torque(['panel'], 'Torque on the label: lugs', door),
  labelTorqueMain: torque(['panel'], 'Torque on the label: main', door),
  labelTorqueBreaker: torque(['panel'], 'Torque on the label: breaker screws', door),
  labelTorqueBar: torque(['panel'], 'Torque on the label: bar screws', door),
  labelInhibitor: choice(
    ['panel'],
    'Inhibitor on aluminium, by the label',
    { wanted: 'wanted', 'not-wanted': 'not wanted' },
    door,
  ),
  interruptingKa: moreThanNone(['panel', 'device'], 'Interrupting rating', 200, 'kA', door),
  seriesRatingKa: moreThanNone(['panel'], 'Series rating on the label', 200, 'kA', door),
  directory: choice(
    ['panel'],
    'Circuit directory',
    {
      specific: 'legible and specific',
      vague: 'vague',
      illegible: 'illegible',
      missing: 'missing',
      contradicted: 'contradicted by the trace',
    },
    { ...door, fine: 'specific' },
  ),
  signsOfOpening: choices(
    ['panel'],
    'Opened or changed since',
    {
      scratches: 'scratches',
      paint: 'fresh paint',
      screws: 'odd screws',
      fading: 'fading against its age',
      parts: 'parts younger than the rest',
    },
    { ...door, fine: [] },
  ),
  highLegMarked: yesNo(['panel'], 'High leg marked orange', door),

  mainMarked: yesNo(['panel'], 'Main marked', { ...handles, fine: true }),
  mainThrows: whole(['panel'], 'Throws that turn everything off', 0, 12, '', handles),

  coverOpened: choice(['panel'], 'Cover', { opened: 'opened', 'not-opened': 'not opened' }, cover),
  coverReason: text(['panel'], 'Why not opened', 200, cover),
  deadFront: choice(
    ['panel'],
    'Dead front',
    {
      sound: 'sound, covers all',
      cracked: 'cracked',
      loose: 'loose',
      gaps: 'does not cover',
      missing: 'missing, live parts in reach',
    },
    { ...cover, fine: 'sound' },
  ),
  coverScrews: choice(
    ['panel'],
    'Cover screws',
    { right: 'all there, blunt', missing: 'some missing', pointed: 'pointed', long: 'too long' },
    { ...cover, fine: 'right' },
  ),
  pointedNearConductors: yesNo(['panel'], 'Pointed screws reach conductors', {
    ...cover,
    fine: false,
  }),
  scorchAt: numbers(['panel'], 'Soot or arc mark at positions', cover),
  scorch: choice(
    ['panel'],
    'Soot or arc mark on the cover',
    { none: 'none', wipes: 'wipes off', stays: 'does not wipe off' },
    { ...cover, fine: 'none' },
  ),
  knockoutsClosed: choice(
    ['panel'],
    'Knockouts',
    { closed: 'all closed', open: 'a hole open', pressed: 'one merely pressed back' },
    { ...enclosure, stage: 7, fine: 'closed' },
  ),
  knockoutState: choice(
    ['knockout'],
    'Knockout',
    { closed: 'closed', open: 'open', pressed: 'pressed back' },
    { act: 'look', stage: 7, fine: 'closed' },
  ),
  knockoutSide: choice(
    ['knockout'],
    'In the',
    { top: 'top', bottom: 'bottom', left: 'left side', right: 'right side', back: 'back' },
    { act: 'look', stage: 7 },
  ),
  cameIn: choice(
    ['position', 'knockout'],
    'Came in by that opening',
    {
      none: 'nothing',
      water: 'water',
      insects: 'insects',
    },
    { act: 'look' },
  ),
  busMetal: choice(['panel'], traits.busMetal.words, traits.busMetal.values, inside),
  breakerHold: choice(['panel'], traits.breakerHold.words, traits.breakerHold.values, inside),
  handleTravel: choice(['panel'], traits.handleTravel.words, traits.handleTravel.values, handles),
  handleColour: choice(['panel'], traits.handleColour.words, traits.handleColour.values, handles),
  handleAction: choice(['panel'], traits.handleAction.words, traits.handleAction.values, handles),
  meteredTo: choice(
    ['panel'],
    'On the meter of',
    { tenant: 'one tenant', owner: 'the owner', common: 'the common parts' },
    handles,
  ),
  moistureInside: choice(
    ['panel'],
    'Rust, water or bloom inside',
    { dry: 'none', rust: 'rust', water: 'water', bloom: 'white or green bloom' },
    { ...inside, fine: 'dry' },
  ),
  waterStopped: yesNo(['panel'], 'Where the water came in was found and stopped', inside),
  foreignMatter: choice(
    ['panel'],
    'Foreign matter inside',
    {
      none: 'none',
      dust: 'dust',
      shavings: 'shavings',
      insects: 'insects or nest',
      paint: 'paint or plaster on live parts',
    },
    { ...inside, fine: 'none' },
  ),
  fillPercent: quantity(['panel'], 'Gutter filled by wires passing through', 100, '%', inside),
  spliceFillPercent: quantity(['panel'], 'Gutter filled at splices', 100, '%', inside),
  /** Of the fullest bundle, where nobody said which wires they are. */
  bundledOver600: whole(['panel'], 'Current-carrying wires bundled over 600 mm', 0, 90, '', inside),
  bushing: choice(
    ['panel'],
    'Bushing where 4 AWG or larger enters',
    { fitted: 'fitted, or none needed', missing: 'missing' },
    { ...inside, fine: 'fitted' },
  ),
  /** Whether each leg of the bus has a leg of the supply of its own. */
  legFeed: choice(
    ['panel'],
    'Legs of the bus fed',
    {
      each: 'each by its own leg of the supply',
      one: 'one leg alone, the other not fed',
      jumpered: 'both by one leg, joined by a jumper',
    },
    { ...inside, fine: 'each' },
  ),
  /** Tapped from larger conductors, or from a breaker or fuses of its own. */
  feederStart: choice(
    ['panel', 'disconnect'],
    'Its supply starts at',
    { device: 'a breaker or fuses of its own', tap: 'a tap from larger conductors' },
    { act: 'look', stage: 8, at: 'supply', fine: 'device' },
  ),
  tappedFromA: whole(['panel', 'disconnect'], 'Breaker or fuses ahead of the tap', 15, 4000, 'A', {
    act: 'look',
    stage: 8,
    at: 'supply',
  }),
  /** Of supply conductors side by side. */
  setsDiffer: choices(
    ['panel', 'disconnect', 'meter'],
    'Sets in parallel differ in',
    { length: 'length', size: 'size', metal: 'metal' },
    { ...inside, at: 'supply', fine: [] },
  ),
  supplyNeutralOn: choice(
    ['panel'],
    'Supply neutral lands',
    {
      'neutral-bar': 'on the neutral bar or its lug',
      'ground-bar': 'on a ground bar',
      'through-ground-bar': 'on the neutral bar by way of a ground bar',
    },
    { ...grounds, fine: 'neutral-bar' },
  ),
  neutralSeparates: choice(
    ['panel', 'disconnect'],
    'Service neutral comes apart by',
    { link: 'a link or lug that can be opened', none: 'nothing: it cannot be separated' },
    { ...grounds, fine: 'link' },
  ),
  bondJumper: choice(
    ['panel', 'disconnect'],
    'Neutral joined to the enclosure by',
    { factory: 'the screw or strap made for it', wire: 'a wire' },
    { ...grounds, fine: 'factory' },
  ),
  bondJumperSize: property({
    on: ['panel', 'disconnect'],
    schema: v.picklist(powerSizes),
    label: 'Size of that wire',
    input: 'choice',
    choices: Object.fromEntries(powerSizes.map((size) => [size, size])),
    unit: 'AWG',
    ...grounds,
  }),
  bondJumperMetal: choice(
    ['panel', 'disconnect'],
    'Metal of that wire',
    { cu: 'copper', al: 'aluminium' },
    grounds,
  ),
  legsMarked: choice(
    ['panel'],
    'Hots of each voltage told apart',
    { marked: 'by colour or mark, explained at the panel', not: 'not told apart' },
    { ...inside, fine: 'marked' },
  ),
  verticalHandles: choice(
    ['panel'],
    'Handles that move up and down are on',
    { up: 'when up', down: 'when down', none: 'there are none' },
    { ...handles, fine: 'up' },
  ),
  /** Types of the registry's recalls: looked for on every device of the panel. */
  recalledTypes: choice(
    ['panel'],
    'Types called back, by the list in the library',
    { none: 'looked for, none here', some: 'some, or not sure: read type and code of each' },
    { ...handles, fine: 'none' },
  ),
  coverOf: choice(
    ['panel'],
    'Cover made for',
    { own: 'this panel', other: 'another panel' },
    { ...cover, fine: 'own' },
  ),
  faultCurrentMark: yesNo(
    ['panel', 'disconnect'],
    'Available fault current marked, with its date',
    {
      ...door,
      fine: true,
    },
  ),
  seriesMark: yesNo(['panel'], 'Marked as series rated', door),
  emergencyMark: yesNo(['disconnect'], 'Marked as the emergency disconnect', {
    act: 'look',
    stage: 3,
  }),
  /** Every hot followed to its own neutral, or not. */
  /** Metal that joins the grounds of two panels besides their feeders: a pipe, a raceway, a frame. */
  groundsMeet: otherThing(['panel'], 'Its grounds meet those of another panel', ['panel'], grounds),
  sharedNeutrals: choice(
    ['panel'],
    'Neutrals shared by several hots',
    { none: 'none: each hot has its own', some: 'some' },
    grounds,
  ),
  racewayBonded: choice(
    ['panel'],
    'Metal service raceway',
    { bonded: 'bonded', 'not-bonded': 'no bushing, locknut or jumper', none: 'none' },
    { ...grounds, fine: 'bonded' },
  ),

  bond: choice(
    ['panel', 'disconnect'],
    'Neutral to enclosure',
    {
      strap: 'joined by a strap',
      screw: 'joined by a screw',
      'bar-in-can': 'joined: neutral bar screwed to the enclosure',
      none: 'not joined',
    },
    grounds,
  ),
  otherFaultReturn: yesNo(['panel'], 'Another path returns a fault', grounds),
  separateBuilding: yesNo(['panel'], 'In a separate building from its supply', grounds),
  feederHasGround: yesNo(['panel'], 'Ground conductor run with the feeder', grounds),
  metalPathBetween: yesNo(['panel'], 'Continuous metal path between the buildings', grounds),
  groundFaultUpstream: yesNo(['panel'], 'Ground-fault protection upstream', grounds),
  wholeDwelling: yesNo(['panel'], 'Carries the whole dwelling', grounds),

  enclosureToEarthV: quantity(['panel'], 'Enclosure to earth', 600, 'V', readings),
  enclosureMeter: choice(
    ['panel'],
    'Measured with',
    {
      loading: 'a loading meter',
      'high-impedance': 'a high-impedance meter',
      tester: 'a non-contact tester',
    },
    readings,
  ),
  abV: quantity(['panel'], 'A to B', 700, 'V', readings),
  bcV: quantity(['panel'], 'B to C', 700, 'V', readings),
  caV: quantity(['panel'], 'C to A', 700, 'V', readings),
  anV: quantity(['panel'], 'A to neutral', 700, 'V', readings),
  bnV: quantity(['panel'], 'B to neutral', 700, 'V', readings),
  cnV: quantity(['panel'], 'C to neutral', 700, 'V', readings),
  ngV: quantity(['panel'], 'Neutral to ground', 700, 'V', readings),
  neutralA: quantity(['panel'], 'Feeder neutral current', 2000, 'A', readings),
  groundA: quantity(['panel'], 'Current on the feeder ground', 2000, 'A', readings),
  serviceDemandA: quantity(['panel'], 'Calculated demand', 2000, 'A', readings),
  unbalancedDemandA: quantity(['panel'], 'Calculated unbalanced demand', 2000, 'A', readings),
  sectionDemandA: quantity(
    ['panel'],
    'Calculated demand of the lower section',
    2000,
    'A',
    readings,
  ),
  /** So that the demand can be worked out from what is recorded. */
  loadsListed: yesNo(['panel'], 'All fixed loads recorded with their power', {
    act: 'ask',
    stage: 11,
    at: 'readings',
  }),
  peakLegA: quantity(['panel'], 'Highest leg, measured peak', 2000, 'A', readings),
  peakOver: choice(
    ['panel'],
    'That peak is of',
    {
      moment: 'a moment',
      days: 'less than 30 days',
      month: '30 days recorded, or more',
      year: 'a year',
    },
    readings,
  ),
  legA: quantity(['panel'], 'Leg A current', 2000, 'A', readings),
  legB: quantity(['panel'], 'Leg B current', 2000, 'A', readings),
  legC: quantity(['panel'], 'Leg C current', 2000, 'A', readings),
  workedOn: yesNo(['panel', 'device', 'bar', 'lug'], 'Worked on at this visit', readings),
  provenDead: choice(
    ['panel', 'device', 'lug'],
    'Proven dead before work',
    {
      proven: 'tester on a live source, all pairs dead, tester again',
      partly: 'not all of these, or another order',
      no: 'no',
    },
    readings,
  ),

  closedUp: choices(
    ['panel'],
    'Not as it should be after closing up',
    {
      screws: 'screws missing',
      'dead-front': 'dead front not back',
      blanks: 'blanks not back',
      electrode: 'electrode cover not back',
      inside: 'things left inside',
      handles: 'handles not as found',
    },
    { ...closing, fine: [] },
  ),

  opening: choice(
    ['position'],
    'Opening',
    {
      covered: 'closed by the cover',
      blanked: 'closed by a blank',
      taped: 'closed by tape or card',
      unfit: 'closed by a part not made for it',
      open: 'open',
    },
    { act: 'look' },
  ),
  liveMetalInPlane: yesNo(['position'], 'Bare live metal in the plane of the opening', {
    act: 'look',
  }),
  busCondition: choice(
    ['position'],
    'Bus at the stab',
    {
      bright: 'bright',
      discoloured: 'discoloured by heat',
      burned: 'pitted, melted or arc-marked',
    },
    { act: 'touch', stage: 8, fine: 'bright' },
  ),
  /** The notch that lets a half-size breaker on, or the bar without one that keeps it off. */
  stabTakes: choice(
    ['position'],
    'Stab takes',
    { tandem: 'a tandem: notched for it', 'full-size': 'a full-size breaker only: no notch' },
    { act: 'touch', stage: 8 },
  ),
  /** Blanked and marked, so that nobody puts a breaker there again. */
  barred: yesNo(['position'], 'Barred for good, and marked', { act: 'look', stage: 8 }),
  leg: choice(
    ['position'],
    'Leg, where it is not the panel’s pattern',
    { A: 'A', B: 'B', C: 'C' },
    { act: 'test' },
  ),

  lugCondition: choice(
    ['lug'],
    'Lug',
    { sound: 'sound', discoloured: 'discoloured', melted: 'melted or charred', pitted: 'pitted' },
    { act: 'open', stage: 8, fine: 'sound' },
  ),
  lugMechanics: choice(
    ['lug'],
    'Hold of the lug',
    {
      sound: 'sound',
      cracked: 'cracked',
      stripped: 'stripped',
      insulation: 'insulation under it',
    },
    { act: 'open', stage: 8, fine: 'sound' },
  ),
  inhibitor: choice(
    ['lug', 'terminal'],
    'Inhibitor',
    { present: 'present', absent: 'absent' },
    { act: 'open', stage: 8 },
  ),
  lugTakes: whole(['lug'], 'Conductors the lug is marked for', 1, 6, '', { act: 'open', stage: 8 }),
  lugHolds: whole(['lug'], 'Conductors in the lug', 1, 6, '', { act: 'open', stage: 8 }),
  /** What else starts at the lug or ahead of the main. */
  besideSupply: choice(
    ['lug'],
    'Besides the supply, at this lug or ahead of the main',
    {
      none: 'nothing else',
      permitted: 'a meter, surge device, fire pump or the like',
      solar: 'a solar or battery supply',
      circuit: 'wires to a circuit or panel',
      unknown: 'a wire nobody followed',
    },
    { act: 'open', stage: 8, fine: 'none' },
  ),
  strandsCut: yesNo(['lug'], 'Strands cut', { act: 'open', stage: 8, fine: false }),
  markedForAl: yesNo(['lug', 'device'], 'Marked for aluminium', { act: 'open', stage: 8 }),
  torqueNm: torque(['lug', 'terminal', 'bar-terminal'], 'Torque measured', {
    act: 'test',
    stage: 10,
  }),
  temperatureC: quantity(['lug', 'terminal', 'bar-terminal', 'device'], 'Temperature', 300, '°C', {
    act: 'test',
    stage: 10,
  }),
};
