import { isoTimestamp, picklist, pipe, string } from 'valibot';
import { powerSizes } from '../../../vocabulary/size';
import {
  choice,
  choices,
  length,
  moreThanNone,
  otherThing,
  property,
  quantity,
  text,
  thingId,
  whole,
  yesNo,
} from './spec';

const outside = { act: 'look', stage: 3 } as const;
const supplied = ['panel', 'disconnect', 'meter'] as const;
const conductorSizes = Object.fromEntries(powerSizes.map((size) => [size, size]));

const size = (
  on: readonly ('panel' | 'disconnect' | 'meter' | 'electrode' | 'pipe' | 'outlet')[],
  label: string,
  stage: number,
) =>
  property({
    on,
    schema: picklist(powerSizes),
    label,
    input: 'choice',
    choices: conductorSizes,
    unit: 'AWG',
    act: 'open',
    stage,
    at: 'supply',
  });

/** What can be a danger now, and so be made safe. */
const endangering = [
  'site',
  'building',
  'panel',
  'device',
  'position',
  'terminal',
  'conductor',
  'bar-terminal',
  'meter',
  'source',
  'pipe',
  'lug',
  'bar',
] as const;

const loaded = (label: string) =>
  quantity(['panel'], label, 700, 'V', { act: 'test', stage: 10, at: 'readings' });

/** Stages 2, 3 and 9: the way of the power from the utility to each panel, electrodes and pipes. */
export const supplyProperties = {
  /** The service, meter, disconnect, source or feeder device this hangs on. */
  fedFrom: property({
    on: supplied,
    schema: thingId,
    label: 'Fed from',
    input: 'none',
    act: 'look',
  }),
  supplySize: property({
    on: supplied,
    schema: picklist(powerSizes),
    label: 'Supply conductors',
    input: 'choice',
    choices: conductorSizes,
    act: 'open',
    stage: 8,
    at: 'supply',
  }),
  supplyMetal: choice(
    supplied,
    'Supply metal',
    { cu: 'copper', al: 'aluminium' },
    { act: 'open', stage: 8, at: 'supply' },
  ),
  supplyNeutralSize: size(supplied, 'Supply neutral', 8),
  supplyGroundSize: size(supplied, 'Ground run with the supply', 9),
  supplyGroundMetal: choice(
    supplied,
    'Metal of the ground run with it',
    { cu: 'copper', al: 'aluminium' },
    { act: 'open', stage: 9, at: 'supply' },
  ),
  /** Each leg in so many conductors side by side; the size is of one. */
  parallelSets: whole(supplied, 'Sets in parallel', 1, 6, '', {
    act: 'open',
    stage: 8,
    at: 'supply',
  }),
  supplyLength: length(supplied, 'Length of the supply', { act: 'look', stage: 3, at: 'supply' }),
  supplyRaceway: choice(
    supplied,
    'Supply runs in',
    {
      cable: 'cable',
      'steel-raceway': 'steel raceway',
      'aluminium-raceway': 'aluminium raceway',
      plastic: 'plastic raceway',
      open: 'open air',
    },
    { act: 'look', stage: 3, at: 'supply' },
  ),
  supplyWay: choice(
    ['service'],
    'Comes in',
    { overhead: 'overhead', underground: 'underground' },
    outside,
  ),
  mastStates: choices(
    ['service'],
    'Wrong at drop, mast or weatherhead',
    {
      frayed: 'insulation frayed',
      'no-drip-loop': 'no drip loop',
      'loose-mast': 'mast loose',
      low: 'drop too low',
    },
    { ...outside, fine: [] },
  ),
  /** Before several could stand side by side. */
  mast: choice(
    ['service'],
    'Drop, mast and weatherhead',
    {
      sound: 'sound',
      frayed: 'insulation frayed',
      'no-drip-loop': 'no drip loop',
      'loose-mast': 'mast loose',
      low: 'drop too low',
    },
    { act: 'look', retired: true },
  ),
  /** 230.9, 230.24: of an overhead drop. */
  dropToOpening: length(
    ['service'],
    'Drop to the nearest window or door, beside or below it',
    outside,
  ),
  dropAboveRoof: length(['service'], 'Drop above the roof', outside),
  roofUnderDrop: choice(
    ['service'],
    'Under the drop',
    {
      none: 'no roof',
      flat: 'a roof one can walk on',
      steep: 'a roof of 4 in 12 or steeper',
      overhang: 'an overhang alone, to 1.2 m',
    },
    outside,
  ),
  mastBears: choice(
    ['service'],
    'The mast bears',
    { drop: 'the service drop alone', other: 'other things too' },
    { ...outside, fine: 'drop' },
  ),
  insideRun: choice(
    ['service'],
    'Run inside before the first disconnect',
    { short: 'short: nearest the entry', long: 'long' },
    { ...outside, fine: 'short' },
  ),
  transformerKva: moreThanNone(['service'], 'Transformer', 5000, 'kVA', outside),
  transformerImpedancePercent: moreThanNone(['service'], 'Transformer impedance', 20, '%', outside),
  availableFaultA: moreThanNone(
    ['service', 'panel'],
    'Available fault current',
    200_000,
    'A',
    outside,
  ),
  meterState: choice(
    ['meter'],
    'Meter',
    { 'in-place': 'in place', empty: 'socket empty', bypassed: 'jumped or bypassed' },
    { act: 'look', stage: 2, fine: 'in-place' },
  ),
  meterLug: choice(
    ['meter'],
    'Lugs of the meter socket',
    { sound: 'sound', cracked: 'cracked', loose: 'loose' },
    { act: 'open', stage: 3, fine: 'sound' },
  ),
  loadSideLive: yesNo(['meter'], 'Load side live', { act: 'test', stage: 2 }),
  socketCover: choice(
    ['meter'],
    'Socket cover',
    { fitted: 'fitted', missing: 'missing, live parts in reach' },
    { act: 'look', stage: 2, fine: 'fitted' },
  ),
  meterMounting: choice(
    ['meter'],
    'Meter enclosure on the wall',
    { firm: 'held properly', loose: 'loose', 'by-raceway': 'held by its raceway alone' },
    { ...outside, fine: 'firm' },
  ),
  metersLocation: choice(
    ['meter', 'disconnect', 'panel'],
    'Stands',
    { indoors: 'indoors, dry', damp: 'in a damp place', outdoors: 'outdoors' },
    outside,
  ),
  weatherRating: choice(
    ['meter', 'disconnect', 'panel'],
    'Enclosure made for',
    { indoor: 'indoors', rain: 'rain' },
    outside,
  ),
  /** What its mark, or whoever set it, says it is. */
  disconnectRole: choice(
    ['disconnect'],
    'It is',
    {
      service: 'service equipment: the first disconnect',
      meter: 'a meter disconnect, not service equipment',
      later: 'a switch after the first disconnect',
      'other-panel': 'a breaker of a panel that is not inspected',
    },
    outside,
  ),
  disconnectFused: yesNo(['disconnect'], 'Fuses or a breaker in it', outside),
  disconnectRatingA: whole(['disconnect'], 'Rating of the disconnect', 15, 4000, 'A', outside),
  disconnectGrouping: choice(
    ['disconnect'],
    'Among the disconnects of this service',
    { only: 'it is the only one', together: 'they stand together', apart: 'it stands apart' },
    outside,
  ),
  disconnectMarked: yesNo(['disconnect'], 'Marked as the disconnect', { ...outside, fine: true }),
  disconnectThrows: whole(['disconnect'], 'Throws that turn everything off', 1, 12, '', outside),
  sourceKind: choice(
    ['source'],
    'Second supply',
    {
      generator: 'generator',
      inverter: 'listed utility-interactive inverter',
      battery: 'battery',
      inlet: 'inlet for a portable generator',
      'two-plugs': 'a lead with two plugs',
      unknown: 'kind not read',
    },
    outside,
  ),
  sourceA: moreThanNone(['source'], 'Its output current', 1000, 'A', outside),
  /** Panel the second supply feeds. */
  feeds: otherThing(['source'], 'Feeds', ['panel'], outside),
  sourceTap: choice(
    ['source'],
    'Comes in',
    {
      bus: 'at a breaker of the bus',
      'supply-side': 'tapped ahead of the main',
    },
    outside,
  ),
  interlock: choice(
    ['source'],
    'Interlock with the main',
    { listed: 'listed interlock or transfer switch', none: 'none' },
    { ...outside, fine: 'listed' },
  ),
  /** Of a portable generator, by its label or by the meter. */
  generatorNeutral: choice(
    ['source'],
    'Neutral of the generator',
    { floating: 'not joined to its frame', bonded: 'joined to its frame' },
    outside,
  ),
  neutralSwitched: yesNo(['source'], 'Transfer equipment switches the neutral too', outside),
  /** 705.11: of a connection ahead of the main. */
  tapSwitch: choice(
    ['source'],
    'Fused switch of its own at the tap',
    { near: 'within 3 m of the tap', far: 'farther away', none: 'none' },
    outside,
  ),
  rapidShutdownMark: yesNo(['source'], 'Marked: rapid shutdown', outside),
  bothCanClose: yesNo(['source'], 'Both supplies can be closed now', { ...outside, fine: false }),
  atFarEnd: yesNo(['source'], 'At the far end of the bus from the main', outside),
  electrodeKind: choice(
    ['electrode'],
    'Electrode',
    {
      rod: 'driven rod',
      'water-pipe': 'metal water pipe in earth, 3 m or more',
      encased: 'concrete-encased bar',
      ring: 'ring',
      steel: 'building steel',
      plate: 'plate',
    },
    outside,
  ),
  electrodeJoined: choice(
    ['electrode'],
    'Joined to the others of this building',
    { joined: 'joined', 'not-joined': 'not joined' },
    { ...outside, fine: 'joined' },
  ),
  electrodeOhm: quantity(['electrode'], 'Resistance to earth', 10_000, 'Ω', {
    act: 'test',
    stage: 10,
  }),
  rodState: choice(
    ['electrode'],
    'Rod',
    { whole: 'whole', cut: 'cut off' },
    { ...outside, fine: 'whole' },
  ),
  rodLength: length(['electrode'], 'Driven length', outside),
  nextRod: length(['electrode'], 'Distance to the next rod', outside),
  electrodeConductor: choice(
    ['electrode'],
    'Its conductor',
    {
      'seen-to-end': 'seen from end to end',
      'out-of-sight': 'leaves out of sight',
      cut: 'cut',
      absent: 'absent',
    },
    { ...outside, fine: 'seen-to-end' },
  ),
  electrodeConductorSize: size(['electrode'], 'Size of its conductor', 3),
  electrodeConductorMetal: choice(
    ['electrode'],
    'Metal of its conductor',
    { cu: 'copper', al: 'aluminium' },
    outside,
  ),
  clamp: choice(
    ['electrode', 'pipe'],
    'Clamp',
    {
      sound: 'tight and listed',
      loose: 'loose',
      corroded: 'corroded',
      unlisted: 'buried, not listed for it',
      several: 'several conductors under one',
    },
    { ...outside, fine: 'sound' },
  ),
  pipeKind: choice(
    ['pipe'],
    'Pipe',
    {
      water: 'metal water pipe',
      gas: 'metal gas pipe',
      csst: 'corrugated stainless gas tubing',
      drain: 'metal drain or waste pipe',
    },
    outside,
  ),
  pipeBonded: choice(
    ['pipe'],
    'Bonded',
    { bonded: 'bonded', broken: 'bond broken by plastic or a meter', 'not-bonded': 'not bonded' },
    { ...outside, fine: 'bonded' },
  ),
  bondSize: size(['pipe'], 'Size of its bond', 3),
  /** Panel where the pipe's bond is tied. */
  bondedAt: otherThing(['pipe'], 'Tied at panel', ['panel'], outside),
  groundedAppliance: yesNo(['pipe'], 'A grounded appliance stands on it', outside),
  bondAtEntry: yesNo(['pipe'], 'Bonded within 1.5 m of its entry', { ...outside, fine: true }),
  pipeCurrentA: quantity(['pipe', 'electrode'], 'Current on it', 2000, 'A', {
    act: 'test',
    stage: 10,
  }),
  outletKind: choice(
    ['outlet'],
    'Thing',
    {
      receptacle: 'receptacle',
      box: 'junction box',
      appliance: 'fixed appliance',
      wiring: 'wiring in sight',
    },
    outside,
  ),
  outletPlace: choice(
    ['outlet'],
    'Place',
    {
      outdoors: 'outdoors',
      wet: 'wet place',
      'by-panel': 'by the panel',
      kitchen: 'kitchen counter',
      bath: 'bathroom',
      garage: 'garage',
      basement: 'unfinished basement',
      laundry: 'laundry',
      dining: 'dining room or pantry',
      crawl: 'crawl space',
      bedroom: 'bedroom',
      living: 'living area',
      other: 'elsewhere',
    },
    outside,
  ),
  outletProtection: choice(
    ['outlet'],
    'Ground-fault protection',
    { own: 'its own, tested', upstream: 'upstream, tested', none: 'looked for, none' },
    outside,
  ),
  inUseCover: yesNo(['outlet'], 'In-use cover', { ...outside, fine: true }),
  weatherResistant: yesNo(['outlet'], 'Weather-resistant type', { ...outside, fine: true }),
  boxStates: choices(
    ['outlet'],
    'Wrong at the box',
    {
      'no-cover': 'no cover',
      'receptacle-no-cover': 'receptacle without its cover',
      'open-splice': 'splice without a box',
    },
    { ...outside, fine: [] },
  ),
  /** Before several could stand side by side. */
  boxState: choice(
    ['outlet'],
    'Box',
    { closed: 'closed', 'no-cover': 'no cover', 'open-splice': 'splice without a box' },
    { act: 'look', retired: true },
  ),
  /** 334.30 and its like: outside the panel. */
  runStates: choices(
    ['outlet', 'building'],
    'Wrong at runs outside the panel',
    {
      hanging: 'hanging',
      unsupported: 'supports too far apart',
      exposed: 'exposed to damage',
      'loose-fitting': 'a fitting loose',
      'ground-broken': 'a fitting apart: the ground path is broken',
    },
    { ...outside, fine: [] },
  ),
  disconnectInSight: choice(
    ['outlet'],
    'Appliance can be shut off',
    {
      'in-sight': 'disconnect or panel in sight',
      'locks-off': 'its breaker locks off',
      no: 'neither',
    },
    { ...outside, fine: 'in-sight' },
  ),
  exposure: choice(
    ['outlet', 'building'],
    'Wiring exposed to damage or weather',
    { none: 'none seen', exposed: 'single conductors or cable exposed' },
    { ...outside, fine: 'none' },
  ),
  splices: choice(
    ['outlet', 'building'],
    'Joints in sight',
    {
      'in-boxes': 'in boxes, covered',
      'no-box': 'a joint without a box',
      buried: 'a buried joint',
      'old-to-cable': 'open wiring joined to cable',
    },
    { ...outside, fine: 'in-boxes' },
  ),
  voltageSystems: whole(['building'], 'Different supply voltages here', 1, 6, '', outside),
  otherSupply: yesNo(['building'], 'Another supply: generator, solar or battery', {
    ...outside,
    fine: false,
  }),
  waterPiping: choice(
    ['building'],
    'Water piping',
    { metal: 'metal', none: 'no metal water piping' },
    outside,
  ),
  gasPiping: choice(
    ['building'],
    'Gas piping',
    { metal: 'metal', none: 'no metal gas piping' },
    outside,
  ),
  /** Receptacles, boxes, appliances and wiring in sight were looked at; those not recorded are sound. */
  outletsLooked: yesNo(['building'], 'Outlets and boxes in sight looked at', outside),
  /** All there are, made on purpose: what is not recorded beyond it is absent. */
  electrodeCount: whole(['building'], 'Electrodes here, all told', 0, 20, '', outside),
  rodProof: choice(
    ['electrode'],
    'Proof of 25 Ω or less',
    { shown: 'shown', none: 'asked for, none' },
    outside,
  ),
  emergencyDisconnect: yesNo(['building'], 'Emergency disconnect outdoors', outside),
  intersystemBond: yesNo(['building'], 'Bonding point for telephone and cable', {
    ...outside,
    fine: true,
  }),
  surgeThere: yesNo(['building', 'panel'], 'Surge protection', outside),
  /** With a large load switched on, beside the same reading at rest. */
  anLoadedV: loaded('A to neutral, a large load on'),
  bnLoadedV: loaded('B to neutral, a large load on'),
  abLoadedV: loaded('A to B, a large load on'),
  ngLoadedV: loaded('Neutral to ground, a large load on'),
  metalTouched: choice(
    ['building', 'panel'],
    'Back of hand and tester on the metal',
    { quiet: 'nothing felt, tester quiet', tingle: 'tingle felt', 'tester-on': 'tester lights' },
    { act: 'touch', stage: 2, fine: 'quiet' },
  ),
  listened: choice(
    ['building', 'panel'],
    'Listened and smelled',
    {
      quiet: 'nothing',
      hum: 'plain hum',
      crackle: 'crackling',
      smell: 'warm or burnt smell',
    },
    { act: 'look', stage: 2, fine: 'quiet' },
  ),
  goOn: choice(
    ['building'],
    'Safe to go on',
    { yes: 'go on', outside: 'inspect from outside only', stop: 'stop' },
    { act: 'none', stage: 2 },
  ),
  madeSafe: text(endangering, 'Made safe: what was done', 600, { act: 'none' }),
  toldWhom: text(endangering, 'Told whom, and when', 300, { act: 'none' }),
  takenAt: property({
    on: ['photo'],
    schema: pipe(string(), isoTimestamp()),
    label: 'Taken',
    input: 'none',
    act: 'none',
  }),
};
