import type { Entry } from '@/core/record/entries/entry';
import type { Facts } from '@/core/record/entries/properties';
import { idsFrom, Logbook } from '@/core';
import { askedAt, nothingWrong } from '@/core/fieldwork/walk/asked';
import { stages } from '@/core/fieldwork/walk/stages';

const panelId = 'osier-panel';

/** Marrow Lock, osier cottage: a house of 2021 in good order, walked from end to end. */
export function osierCottage(author: string): { inspection: string; entries: Entry[] } {
  const book = new Logbook({
    newId: idsFrom('osier-'),
    device: 'demo-tablet',
    author,
    at: '2026-04-20T09:10:00+01:00',
  });
  setOut(book);
  supply(book);
  panel(book);
  circuits(book);
  readings(book);
  touched(book);
  for (const { number } of stages) nothingWrongAt(book, number);
  return { inspection: 'osier-cottage', entries: book.entries };
}

function setOut(book: Logbook): void {
  book.add('site', 'osier-site', null, {
    name: 'Osier cottage',
    address: '7 Withy Bank, Marrow Lock',
    client: 'Ansel Reed, buyer',
    clientRole: 'buyer',
    visitKind: 'sale',
    scope: 'tests',
    mayShutOff: 'yes',
  });
  book.add(
    'building',
    'osier-house',
    'osier-site',
    {
      name: 'Cottage',
      yearBuilt: 2021,
      buildingKind: 'house',
      dwellings: 1,
      floorAreaM2: 96,
      permitsKnown: 'permitted',
    },
    'told',
  );
  book.observe('osier-house', {
    otherSupply: false,
    waterPiping: 'none',
    gasPiping: 'none',
    outletsLooked: true,
    electrodeCount: 2,
    intersystemBond: true,
    emergencyDisconnect: true,
    surgeThere: true,
    exposure: 'none',
    splices: 'in-boxes',
    listened: 'quiet',
    metalTouched: 'quiet',
  });
}

function supply(book: Logbook): void {
  book.add('service', 'osier-service', 'osier-site', {
    serviceSystem: 'split-phase',
    supplyWay: 'underground',
    insideRun: 'short',
    availableFaultA: 7800,
  });
  book.add('meter', 'osier-meter', 'osier-house', {
    fedFrom: 'osier-service',
    meterState: 'in-place',
    metersLocation: 'outdoors',
    weatherRating: 'rain',
    meterMounting: 'firm',
  });
  book.add('disconnect', 'osier-disconnect', 'osier-house', {
    name: 'Disconnect outdoors',
    fedFrom: 'osier-meter',
    disconnectRatingA: 100,
    disconnectRole: 'service',
    disconnectFused: true,
    supplySize: '2',
    supplyMetal: 'al',
    bond: 'screw',
    disconnectMarked: true,
    disconnectThrows: 1,
    metersLocation: 'outdoors',
    weatherRating: 'rain',
  });
  for (const [id, kind] of [
    ['osier-encased', 'encased'],
    ['osier-rod', 'rod'],
  ] as const)
    book.add('electrode', id, 'osier-house', {
      electrodeKind: kind,
      electrodeJoined: 'joined',
      electrodeConductor: 'seen-to-end',
      electrodeConductorSize: '4',
      electrodeConductorMetal: 'cu',
      clamp: 'sound',
      ...(kind === 'rod' && {
        nextRod: { value: 3, unit: 'm' as const },
        rodState: 'whole' as const,
        rodLength: { value: 8, unit: 'ft' as const },
      }),
    });
}

function panel(book: Logbook): void {
  book.add('panel', panelId, 'osier-house', {
    name: 'Panel in the hall',
    panelKind: 'breaker',
    mainKind: 'lugs',
    rows: 10,
    numbering: 'odd-even',
    fedFrom: 'osier-disconnect',
    maker: 'Tarnholt',
    model: 'TL-24',
    yearBuilt: 2021,
    coverOpened: 'opened',
    supplySize: '2',
    supplyMetal: 'al',
    supplyNeutralSize: '2',
    supplyGroundSize: '6',
    supplyRaceway: 'cable',
    supplyLength: { value: 6, unit: 'm' },
    wholeDwelling: true,
    separateBuilding: false,
    feederHasGround: true,
    bond: 'none',
    labelBusA: 125,
    labelCircuits: 24,
    labelTandemPositions: [],
    labelGroundsPerTerminal: 2,
    labelAccepts: ['Tarnholt'],
    labelInhibitor: 'not-wanted',
    labelStabA: 140,
    interruptingKa: 10,
    depthMm: 1200,
    clearWidth: 900,
    equipmentWidth: 368,
    highestHandle: 1700,
    metersLocation: 'indoors',
    fillPercent: 10,
    spliceFillPercent: 0,
    bundledOver600: 0,
    meteredTo: 'owner',
    sharedNeutrals: 'none',
    supplyGroundMetal: 'al',
  });
  for (const lug of ['l1', 'l2', 'ln'])
    book.observe(`${panelId}/${lug}`, {
      lugCondition: 'sound',
      lugMechanics: 'sound',
      tightness: 'firm',
      strandsCut: false,
      markedForAl: true,
    });
}

interface Circuit {
  line: string;
  facts: Facts;
  load?: Facts;
}

const circuitList: readonly Circuit[] = [
  {
    line: '1+3 40 8cu:b/8cu:r m1 n1 g1 in:nm j:black tied plain @tarnholt =range 7000w range',
    facts: { places: [] },
    load: { applianceWires: 'four', outletRatingA: 50, continuous: false },
  },
  {
    line: '2+4 30 10cu:b/10cu:w* m1 g2 in:nm j:orange tied plain @tarnholt =heater 4500w water heater',
    facts: { places: [] },
  },
  {
    line: '5 20 12cu:b m1 n3 g3 in:nm j:yellow afgf @tarnholt =outlets counter left',
    facts: { places: ['kitchen'] },
  },
  {
    line: '6 20 12cu:b m1 n4 g4 in:nm j:yellow afgf @tarnholt =outlets counter right',
    facts: { places: ['kitchen'] },
  },
  {
    line: '7 20 12cu:b m1 n5 g5 in:nm j:yellow afgf @tarnholt =outlets laundry',
    facts: { places: ['laundry'] },
  },
  {
    line: '8 20 12cu:b m1 n6 g6 in:nm j:yellow gf @tarnholt =outlets bath',
    facts: { places: ['bathroom'] },
  },
  {
    line: '9 15 14cu:b m1 n7 g7 in:nm j:white af @tarnholt =lights bedrooms',
    facts: { places: ['bedroom'] },
  },
  {
    line: '10 15 14cu:b m1 n8 g8 in:nm j:white af @tarnholt =lights living room',
    facts: { places: ['living'] },
  },
];

function circuits(book: Logbook): void {
  for (const line of ['bar n 16 left', 'bar g 16 right']) book.line(panelId, line);
  for (const { line } of circuitList) book.line(panelId, line);
  for (const line of [
    '11+13 surge @tarnholt',
    ...[12, 14, 15, 16, 17, 18, 19, 20].map((number) => `${number} blank`),
    'bar n all 7',
    'bar g all 8',
  ])
    book.line(panelId, line);
  const view = book.site.panels[0]!;
  for (const [index, { facts, load }] of circuitList.entries()) {
    const circuit = view.circuits[index]!;
    book.observe(circuit.id, {
      ...facts,
      groundRun: true,
      joinedCables: 1,
      joinedWith: 'no',
      upstreamProtection: 'none',
    });
    const [first] = circuit.loads;
    if (first && load) book.observe(first.id, load);
  }
  for (const device of view.devices) {
    const protection = book.site.reader.value(device.id, 'protection');
    book.observe(device.id, {
      backfed: false,
      ...(protection && protection !== 'ordinary'
        ? { testButton: 'good', pigtail: 'landed', loadNeutral: 'on-device' }
        : {}),
    });
  }
  for (const bar of view.bars)
    if (bar.kind === 'ground') book.observe(bar.id, { barBonded: 'bonded' });
  for (const conductor of view.conductors)
    if (conductor.function?.value === 'ground') book.observe(conductor.id, { colour: 'bare' });
    else if (conductor.function?.value === 'neutral')
      book.observe(conductor.id, { colour: 'white' });
}

function readings(book: Logbook): void {
  book.observe(
    panelId,
    {
      abV: 242,
      anV: 121,
      bnV: 121,
      ngV: 0.3,
      neutralA: 9,
      groundA: 0,
      legA: 22,
      legB: 15,
      peakLegA: 48,
      peakOver: 'month',
      continuityOhm: 0.2,
      enclosureToEarthV: 0,
      enclosureMeter: 'loading',
      closedUp: [],
    },
    'measured',
  );
  for (const { id } of [...book.site.reader.inspection.things.values()].filter(
    (thing) => thing.type === 'electrode',
  ))
    book.observe(id, { pipeCurrentA: 0 }, 'measured');
  const view = book.site.panels[0]!;
  for (const device of view.devices)
    for (const terminal of device.terminals)
      if (terminal.conductors.length > 0)
        book.observe(terminal.ref, { outputV: 121, loadCurrentA: 4 }, 'measured');
}

/** What a qualified hand touches with the supply off: every breaker rocked and pulled, every screw tugged. */
function touched(book: Logbook): void {
  const view = book.site.panels[0]!;
  for (const device of view.devices)
    book.observe(device.id, { tightness: 'firm', wear: 'sound', tripsOnClosing: 'no' });
  for (const { ref } of view.positions) book.observe(ref, { busCondition: 'bright' });
  const screws = [
    ...view.devices.flatMap(({ terminals }) => terminals),
    ...view.bars.flatMap(({ terminals }) => terminals),
  ];
  for (const { ref, conductors } of screws)
    if (conductors.length > 0) book.observe(ref, { tightness: 'firm' });
  for (const cable of view.cables) book.observe(cable.id, { partWork: 'none' }, 'told');
}

/** "Nothing wrong here" at every group of a stage, as the inspector taps it. */
function nothingWrongAt(book: Logbook, stage: number): void {
  const view = book.site.panels[0]!;
  for (const group of askedAt(stage, book.site, view))
    for (const { about, facts } of nothingWrong(group, book.site)) book.observe(about, facts);
}
