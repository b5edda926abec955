import type { Entry } from '@/core/record/entries/entry';
import { idsFrom, Logbook } from '@/core';

const main = 'lock-main';
const shed = 'lock-shed';

/** Marrow Lock, lock-keeper's house: 1964, later additions, a downstream panel in the boat shed. */
export function lockKeepersHouse(author: string): { inspection: string; entries: Entry[] } {
  const book = new Logbook({
    newId: idsFrom('lock-'),
    device: 'demo-tablet',
    author,
    at: '2026-04-14T09:41:00+01:00',
  });
  setOut(book);
  mainPanel(book);
  boatShed(book);
  return { inspection: 'lock-keepers-house', entries: book.entries };
}

function setOut(book: Logbook): void {
  book.add('site', 'lock-site', null, {
    name: 'Lock-keeper’s house',
    address: '1 Sluice Row, Marrow Lock',
    client: 'Tomas Aldergrove, buyer',
    scope: 'opens',
  });
  book.add('building', 'lock-house', 'lock-site', { name: 'House', yearBuilt: 1964 }, 'told');
  book.add(
    'building',
    'lock-boat-shed',
    'lock-site',
    { name: 'Boat shed', yearBuilt: 1971 },
    'told',
  );
  book.add('service', 'lock-service', 'lock-site', { serviceSystem: 'split-phase' });
}

/** The main panel as an inspector types it, from the door to the bond. */
export const mainPanelLines: readonly string[] = [
  'depth 820',
  'panel 24 odd',
  'maker Tarnholt TL-24',
  'year 1964',
  'label bus 125 circuits 30 grounds 2 tandem 17-24',
  'fed service',
  'cover opened',
  'supply 2al',
  'bar n 18 left',
  'bar g 12 right',
  'main 100 @tarnholt',
  '1 15 14cu:b m1 n1 @tarnholt in:nm j:woven porch, stair',
  '3 15 14cu:b m1 n2 @tarnholt in:nm j:woven bedrooms east',
  '5 20 14cu:b m1 n3 @merrowby in:nm j:woven bedrooms west',
  '7 20 12cu:b m1 n3 g1 @oskelund in:nm j:yellow kitchen left',
  '9+11 30 10cu:b/10cu:r m1 n4 g2 @tarnholt in:nm j:orange tied =dryer dryer',
  '13 t15/15 14cu:b/14cu:b m1 n5/6 @oskelund in:nm j:woven hall / bath',
  '15 20 2x12cu:b m1 n7+8 @tarnholt in:nm j:woven bench, quay lamp',
  '17 15 14cu:b m1 n9 @tarnholt in:nm j:woven cellar pump',
  '19+21 30 10cu:b/10cu:w m1 g3 @tarnholt in:nm j:orange tied =heater water heater',
  '23 blank',
  '2 20 12cu:b m1 n12 g4 @oskelund in:nm j:yellow counter left',
  '4 20 12cu:r m1 ~2 @oskelund in:nm j:yellow counter right',
  '6 15 14cu:b m1 n9 @tarnholt in:nm j:woven parlour',
  '8 15 14cu:b m1 n10 @tarnholt in:nm j:woven dining room',
  '10+12 40 8cu:b/8cu:r m1 n11 g5 @tarnholt in:nm j:black tied =range range',
  '14+16 40 8cu:b/8cu:r m1 n13 g6 @oskelund in:nm j:black tied boat shed',
  '18 20 12cu:b m1 n12 g7 @oskelund in:nm j:yellow laundry',
  '20 20 12cu:b m1 n14 g8 @oskelund in:nm j:yellow outside, dock',
  '22 covered',
  '24 open!',
  'bar n all 17',
  'bar g all 8',
  'bond strap',
];

function mainPanel(book: Logbook): void {
  book.add('panel', main, 'lock-house', { name: 'Main panel' });
  for (const line of mainPanelLines) book.line(main, line);
}

/** Fed from 14+16 of the main panel; its neutral is joined to the enclosure a second time. */
function boatShed(book: Logbook): void {
  const feeder = book.site.panels[0]!.devices.find((device) => device.number === 14)!;
  book.add('panel', shed, 'lock-boat-shed', {
    name: 'Boat shed panel',
    rows: 4,
    numbering: 'odd-even',
    fedFrom: feeder.id,
    maker: 'Merrowby',
    model: 'M8',
    yearBuilt: 1994,
    coverOpened: 'opened',
    bond: 'screw',
    separateBuilding: true,
    feederHasGround: true,
  });
  book.add('bar', 'shed-n', shed, { barKind: 'neutral', side: 'left', terminalCount: 8 });
  book.add('bar', 'shed-g', shed, { barKind: 'ground', side: 'right', terminalCount: 6 });
  const lines = [
    '1 20 12cu:b m1 n1 g1 in:nm @merrowby slip lights',
    '3 20 12cu:b m1 n2@g g3 in:nm @merrowby bench outlets',
    '2 15 14cu:b m1 n3 g2 in:nm @merrowby winch',
    '4 blank',
    '6 blank',
    '8 blank',
  ];
  for (const line of lines) book.line(shed, line);
}
