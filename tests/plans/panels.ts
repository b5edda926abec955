import type { Logbook } from '@/core';
import type { Facts } from '@/core/record/entries/properties';
import { bench } from '@/core/testing/bench';
import type { Bench } from '@/core/testing/bench';

/** A breaker panel of 20 positions at the first disconnect, read and in order, as the six cases begin. */
function inOrder(panel: Facts = {}): Bench {
  return bench({
    rows: 10,
    building: { name: 'House', buildingKind: 'house', yearBuilt: 1996 },
    panel: {
      name: 'Main panel',
      panelKind: 'breaker',
      mainKind: 'breaker',
      coverOpened: 'opened',
      ratingLabel: 'legible',
      labelBusA: 125,
      labelMainA: 125,
      labelCircuits: 24,
      labelTandemPositions: [],
      maker: 'Tarnholt',
      model: 'TL-24',
      labelAccepts: ['Tarnholt'],
      supplySize: '2',
      supplyMetal: 'cu',
      supplyNeutralSize: '2',
      bond: 'screw',
      directory: 'specific',
      ...panel,
    },
  });
}

/** Singles at these positions, one 12 copper wire each. */
const singles = (numbers: readonly number[], rating = 20) =>
  numbers.map((number) => `${number} ${rating} 12cu:b m1 @tarnholt in:nm circuit ${number}`);

const range = (from: number, to: number) =>
  Array.from({ length: to - from + 1 }, (_, step) => from + step);

/** Case 1: a doubled wire, a position is free. */
export function doubledWithRoom(): Logbook {
  const made = inOrder().lines(
    'main 100 @tarnholt',
    ...singles(range(1, 19).filter((number) => number !== 7)),
    '7 20 2x12cu:b m1 @tarnholt in:nm bedroom / hall',
  );
  made
    .facts({ opening: 'covered' }, 'panel/c2r10')
    .facts({ busCondition: 'bright' }, 'panel/c2r10');
  describeCircuit(made, 7, { places: ['bedroom'] });
  return made.book;
}

/** Case 2: the same in a full panel, and the wires must not be joined. */
export function doubledWithoutRoom(): Logbook {
  const made = inOrder({ labelTandemPositions: [17, 18, 19, 20] }).lines(
    'main 100 @tarnholt',
    ...singles(range(1, 20).filter((number) => number !== 7)),
    '7 20 2x12cu:b m1 @tarnholt in:nm counter / lamp',
  );
  describeCircuit(made, 7, { places: ['kitchen'], joinedWith: 'ordinary' });
  return made.book;
}

/** Case 3: a burned pair of stabs in a full panel. */
export function burnedPair(): Logbook {
  const made = inOrder({ labelTandemPositions: range(13, 20) }).lines(
    'main 100 @tarnholt',
    ...singles(range(1, 20).filter((number) => ![9, 11].includes(number))),
    '9+11 30 10cu:b/10cu:r m1 @tarnholt in:nm tied =dryer dryer',
  );
  made
    .facts({ busCondition: 'burned' }, 'panel/c1r5')
    .facts({ busCondition: 'burned' }, 'panel/c1r6');
  return made.book;
}

/** Case 9: the same, and the stab at 17 has no notch. */
export function burnedPairNoNotch(): Logbook {
  const book = burnedPair();
  book.observe('panel/c1r9', { stabTakes: 'full-size' });
  return book;
}

/** Case 10: the same, and the label lists tandems of 15 and 15 A alone. */
export function burnedPairOtherRatings(): Logbook {
  const book = burnedPair();
  book.observe('panel', { labelTandemRatings: ['15/15'] });
  return book;
}

/** Case 3 with every neutral and ground on a screw of its own, the label’s circuits nearly used up. */
export function burnedPairWithBars(): Logbook {
  const made = inOrder({ labelTandemPositions: range(13, 20), labelCircuits: 20 }).lines(
    'main 100 @tarnholt',
    'bar n 22 left',
    'bar g 22 right',
    ...range(1, 20)
      .filter((number) => ![9, 11].includes(number))
      .map((at) => `${at} 20 12cu:b m1 n${at} g${at} @tarnholt in:nm circuit ${at}`),
    '9+11 30 10cu:b/10cu:r m1 n9 g9 @tarnholt in:nm tied =dryer dryer',
  );
  made
    .facts({ busCondition: 'burned' }, 'panel/c1r5')
    .facts({ busCondition: 'burned' }, 'panel/c1r6');
  return made.book;
}

/** Case 4: a full panel that wants a 240 V circuit. */
export function fullPanelWithWish(tandems: readonly number[] = range(13, 20)): Logbook {
  const made = inOrder({
    labelTandemPositions: [...tandems],
    peakLegA: 40,
    peakOver: 'year',
  }).lines('main 100 @tarnholt', ...singles(range(1, 20)));
  made.book.add('wish', 'heater', 'site', {
    wishKind: 'circuit-240',
    wishA: 20,
    wishPanel: 'panel',
  });
  return made.book;
}

/** Case 5: a fuse panel with porcelain wiring. */
export function fusesOnPorcelain(): Logbook {
  const made = bench({
    rows: 2,
    building: { name: 'Loft', buildingKind: 'house', yearBuilt: 1952 },
    panel: {
      name: 'Fuse panel',
      panelKind: 'fuse',
      coverOpened: 'opened',
      supplySize: '4',
      supplyMetal: 'cu',
    },
  }).lines(
    '1 f30 14cu in:porcelain lights',
    '2 f15 14cu in:porcelain hall',
    '3 f15 14cu in:nm bath',
    '4 f15 14cu in:nm kitchen',
  );
  for (const device of made.book.site.panels[0]!.devices)
    made.facts({ fuseBase: 'edison', fuseBypassed: 'fuse' }, device.id);
  for (const cable of made.book.site.panels[0]!.cables)
    if (cable.kind?.value === 'porcelain') made.facts({ porcelainState: [] }, cable.id);
  return made.book;
}

/** Case 6: 100 A on an underground service, the demand over it. */
export function overTheMain(wish: boolean): Logbook {
  const made = inOrder({ loadsListed: true }).lines(
    'main 100 @tarnholt',
    ...singles(range(1, 8)),
    '9+11 50 6cu:b/6cu:r m1 @tarnholt in:nm tied =range range',
    '10+12 30 10cu:b/10cu:r m1 @tarnholt in:nm tied =dryer dryer',
    '13+15 60 6cu:b/6cu:r m1 @tarnholt in:nm tied =heat heat',
    '14+16 30 10cu:b/10cu:r m1 @tarnholt in:nm tied =heater water heater',
  );
  made.facts({ supplyWay: 'underground' }, 'service');
  made.facts({ floorAreaM2: 350 }, 'house');
  const listed: [number, number][] = [
    [9, 12000],
    [10, 5500],
    [13, 11500],
    [14, 4500],
  ];
  for (const [number, watts] of listed) made.facts({ listedW: watts }, loadAt(made, number));
  for (const ref of ['panel/c1r9', 'panel/c1r10', 'panel/c2r9', 'panel/c2r10'])
    made.facts({ opening: 'covered' }, ref);
  if (wish)
    made.book.add('wish', 'car', 'site', { wishKind: 'charger', wishA: 48, wishPanel: 'panel' });
  return made.book;
}

const circuitAt = (made: Bench, number: number) =>
  made.book.site.panels[0]!.positions.find((one) => one.number === number)!.devices[0]!
    .terminals[0]!.circuit!;

const loadAt = (made: Bench, number: number) => circuitAt(made, number).loads[0]!.id;

const describeCircuit = (made: Bench, number: number, facts: Facts) =>
  made.facts(facts, circuitAt(made, number).id);

/** Case 7: two free positions apart, no tandem allowed, a 240 V circuit wanted. */
export function freeApart(): Logbook {
  const made = inOrder({ labelTandemPositions: [], peakLegA: 40, peakOver: 'year' }).lines(
    'main 100 @tarnholt',
    ...singles(range(1, 20).filter((number) => ![5, 14].includes(number))),
    '5 covered',
    '14 covered',
  );
  wantHeater(made);
  return made.book;
}

/** Case 8: the same between two-pole breakers. */
export function freeBetweenPairs(): Logbook {
  const pairs = ['1+3', '7+9', '11+13', '15+17', '2+4', '6+8', '10+12', '16+18'];
  const made = inOrder({ labelTandemPositions: [], peakLegA: 40, peakOver: 'year' }).lines(
    'main 100 @tarnholt',
    ...pairs.map((at) => `${at} 30 10cu:b/10cu:r m1 @tarnholt in:nm tied pair ${at}`),
    ...singles([19, 20]),
    '5 covered',
    '14 covered',
  );
  wantHeater(made);
  return made.book;
}

const wantHeater = (made: Bench) =>
  made.book.add('wish', 'heater', 'site', {
    wishKind: 'circuit-240',
    wishA: 20,
    wishPanel: 'panel',
  });

/** Case 11: the burned pair of case 3, two free positions apart, no tandem allowed. */
export function burnedPairFreeApart(): Logbook {
  const made = inOrder({ labelTandemPositions: [] }).lines(
    'main 100 @tarnholt',
    ...singles(range(1, 20).filter((number) => ![5, 9, 11, 14].includes(number))),
    '9+11 30 10cu:b/10cu:r m1 @tarnholt in:nm tied =dryer dryer',
    '5 covered',
    '14 covered',
  );
  made
    .facts({ busCondition: 'burned' }, 'panel/c1r5')
    .facts({ busCondition: 'burned' }, 'panel/c1r6');
  return made.book;
}
