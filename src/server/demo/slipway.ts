import type { Entry } from '@/core/record/entries/entry';
import { idsFrom, Logbook } from '@/core';

const yard = 'slip-yard';
const shed = 'slip-shed';

/** Marrow Lock, the slipway yard: a workshop of 2015 in which much was added, and a spray shed tapped from its feeder. */
export function slipway(author: string): { inspection: string; entries: Entry[] } {
  const book = new Logbook({
    newId: idsFrom('slip-'),
    device: 'demo-tablet',
    author,
    at: '2026-04-21T08:15:00+01:00',
  });
  setOut(book);
  around(book);
  yardPanel(book);
  sprayShed(book);
  return { inspection: 'slipway', entries: book.entries };
}

function setOut(book: Logbook): void {
  book.add('site', 'slip-site', null, {
    name: 'Slipway yard',
    address: '2 Slip Lane, Marrow Lock',
    client: 'Hesper Quill, owner',
    clientRole: 'owner',
    visitKind: 'service',
    scope: 'full',
    mayShutOff: 'yes',
  });
  book.add(
    'building',
    'slip-shop',
    'slip-site',
    { name: 'Workshop', yearBuilt: 2015, buildingKind: 'shop' },
    'told',
  );
  book.observe('slip-shop', { voltageSystems: 2, runStates: ['hanging'] });
}

function around(book: Logbook): void {
  book.add('service', 'slip-service', 'slip-site', {
    serviceSystem: 'split-phase',
    supplyWay: 'overhead',
    mastStates: [],
    dropToOpening: 610,
    roofUnderDrop: 'none',
    mastBears: 'other',
  });
  book.add('meter', 'slip-meter', 'slip-shop', {
    fedFrom: 'slip-service',
    meterState: 'in-place',
    meterLug: 'cracked',
  });
  book.add('source', 'slip-inlet', 'slip-shop', {
    name: 'Inlet by the door',
    sourceKind: 'inlet',
    interlock: 'listed',
    bothCanClose: false,
    generatorNeutral: 'bonded',
    neutralSwitched: false,
    feeds: yard,
  });
  book.add('source', 'slip-solar', 'slip-shop', {
    name: 'Solar on the roof',
    sourceKind: 'inverter',
    sourceTap: 'supply-side',
    sourceA: 32,
    tapSwitch: 'none',
    rapidShutdownMark: false,
    feeds: yard,
  });
}

/** From the door to the bond. */
const yardLines: readonly string[] = [
  'panel 20 odd',
  'maker Tarnholt TL-20',
  'year 2015',
  'cover opened',
  'bar n 20 left',
  'bar g 20 right',
  'main 200 @tarnholt',
  '1 20 12cu:b m1 n1 g1 in:nm gf bench',
  '3 20 12cu:r m1 ~1 g2 in:nm bench, far end',
  '5+7 30 10cu:b/10cu:r m1 n3 g3 in:nm =charger van charger',
  '9+11 50 6al:b/6al:r m1 g4 in:se welder',
  '13+15 40 8cu:b/8cu:r m1 n4 g5 in:nm =pool hot tub',
  '2 20 12cu:b m1 n5 g6 in:nm plain yard lamps',
  '4 taped',
  '6 blank',
];

function yardPanel(book: Logbook): void {
  book.add('panel', yard, 'slip-shop', { name: 'Yard panel', fedFrom: 'slip-meter' });
  for (const line of yardLines) book.line(yard, line);
  book.observe(yard, {
    supplySize: '1',
    supplyMetal: 'cu',
    parallelSets: 2,
    setsDiffer: [],
    bond: 'strap',
    bondJumper: 'wire',
    bondJumperSize: '8',
    bondJumperMetal: 'cu',
    legFeed: 'each',
    supplyNeutralOn: 'neutral-bar',
    neutralSeparates: 'none',
    verticalHandles: 'down',
    legsMarked: 'not',
    coverOf: 'own',
    faultCurrentMark: false,
  });
  book.observe(`${yard}/l1`, { besideSupply: 'circuit', lugHolds: 2, lugTakes: 1 });
  book.observe(`${yard}/l2`, { besideSupply: 'none', lugHolds: 2, lugTakes: 1 });
  book.observe(`${yard}/ln`, { besideSupply: 'solar' });
  const panel = book.site.panels.find(({ id }) => id === yard)!;
  const at = (number: number) => panel.devices.find((one) => one.number === number)!;
  const charger = at(5).terminals[0]!.circuit!;
  book.observe(charger.loads[0]!.id, {
    chargerConnection: 'outlet',
    chargerA: 32,
    chargerOutlet: 'ordinary',
  });
  const tub = at(13).terminals[0]!.circuit!;
  book.observe(at(13).id, { protection: 'ordinary' });
  book.observe(tub.id, { upstreamProtection: 'none' });
  book.observe(tub.loads[0]!.id, { poolBonding: 'hidden' });
  book.observe(at(9).id, { markedForAl: false });
  book.observe(at(2).id, { maker: 'Tarnholt', breakerType: 'TB-20G', dateCode: '1519' });
  const lamps = at(2).terminals[0]!.conductors[0]!.cable!;
  book.observe(lamps.id, { sheathEnds: 'outside', cableClamp: 'clamped' });
  const ground = panel.bars.find(({ kind }) => kind === 'ground')!;
  book.observe(ground.id, { screwTakesFrom: '14', screwTakesTo: '8' });
  book.add('conductor', 'slip-bond-wire', yard, {
    function: 'ground',
    size: '4',
    metal: 'cu',
    colour: 'bare',
    landsOn: `${ground.id}/t12`,
  });
}

/** Its supply starts at the feeder of the yard panel without a breaker; one leg feeds both bars. */
function sprayShed(book: Logbook): void {
  book.add('panel', shed, 'slip-shop', {
    name: 'Spray shed panel',
    panelKind: 'breaker',
    mainKind: 'lugs',
    rows: 4,
    numbering: 'odd-even',
    fedFrom: yard,
    maker: 'Oskelund',
    model: 'K8',
    yearBuilt: 2018,
    coverOpened: 'opened',
    supplySize: '6',
    supplyMetal: 'cu',
    supplyLength: { value: 9, unit: 'm' },
    feederHasGround: true,
    bond: 'none',
    feederStart: 'tap',
    tappedFromA: 200,
    legFeed: 'jumpered',
    supplyNeutralOn: 'through-ground-bar',
    verticalHandles: 'none',
    legsMarked: 'marked',
    coverOf: 'own',
    parallelSets: 1,
  });
  book.add('bar', 'slip-shed-n', shed, { barKind: 'neutral', side: 'left', terminalCount: 8 });
  book.add('bar', 'slip-shed-g', shed, { barKind: 'ground', side: 'right', terminalCount: 8 });
  for (const line of [
    '1+3 20 12cu:b/12cu:r m1 g1 in:nm compressor',
    '2 15 14cu:b m1 n1 g2 in:nm lights',
    '4 blank',
  ])
    book.line(shed, line);
  book.observe(shed, { wallAround: 'gap' });
  const { devices } = book.site.panels.find(({ id }) => id === shed)!;
  const lights = devices.find(({ label }) => label === '2')!;
  for (const screw of [lights.terminals[0]!.ref, `${shed}/l1`, 'slip-shed-g/t1'])
    book.observe(screw, { tightness: 'loose' });
  book.add('electrode', 'slip-rod', 'slip-shop', {
    name: 'Rod by the slip',
    electrodeKind: 'rod',
    rodLength: 1800,
  });
}
