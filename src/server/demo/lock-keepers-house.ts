import type { Entry } from '@/core/entries/entry';
import type { PropertyValue } from '@/core/entries/properties';
import { terminalRef } from '@/core/entries/thing-types';
import { add, observe } from '@/core/recording/draft';
import { idsFrom, Logbook } from '@/core/recording/logbook';

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

function mainPanel(book: Logbook): void {
  book.add('panel', main, 'lock-house', {
    name: 'Main panel',
    rows: 12,
    numbering: 'odd-even',
    fedFrom: 'lock-service',
    maker: 'Tarnholt',
    model: 'TL-24',
    yearBuilt: 1964,
    coverOpened: 'opened',
    supplySize: '2',
    supplyMetal: 'al',
    bond: 'strap',
    labelBusA: 125,
    labelCircuits: 30,
    labelGroundsPerTerminal: 2,
    labelTandemPositions: [17, 18, 19, 20, 21, 22, 23, 24],
  });
  book.observe(main, { depthMm: 820 }, 'measured');
  book.add('bar', 'lock-n', main, { barKind: 'neutral', side: 'left', terminalCount: 18 });
  book.add('bar', 'lock-g', main, { barKind: 'ground', side: 'right', terminalCount: 12 });
  const lines = [
    'main 100 @tarnholt',
    '1 15 14cu:b m1 n1 @tarnholt porch, stair',
    '3 15 14cu:b m1 n2 @tarnholt bedrooms east',
    '5 20 14cu:b m1 n3 @merrowby bedrooms west',
    '7 20 12cu:b m1 n3 g1 @oskelund kitchen left',
    '9+11 30 10cu:b/10cu:r m1 n4 g2 @tarnholt tied =dryer dryer',
    '13 t15/15 14cu:b/14cu:b m1 n5 @oskelund hall / bath',
    '15 20 2x12cu:b m1 n7 @tarnholt bench, quay lamp',
    '17 15 14cu:b m1 n9 @tarnholt cellar pump',
    '19+21 30 10cu:b/10cu:w m1 g3 @tarnholt tied =heater water heater',
    '23 blank',
    '2 20 12cu:b m1 n12 g4 @oskelund counter left',
    '4 20 12cu:r m1 ~2 @oskelund counter right',
    '6 15 14cu:b m1 n9 @tarnholt parlour',
    '8 15 14cu:b m1 n10 @tarnholt dining room',
    '10+12 40 8cu:b/8cu:r m1 n11 g5 @tarnholt tied =range range',
    '14+16 40 8cu:b/8cu:r m1 n13 g6 @oskelund tied boat shed',
    '18 20 12cu:b m1 n12 g7 @oskelund laundry',
    '20 20 12cu:b m1 n14 g8 @oskelund outside, dock',
    '22 covered',
    '24 open!',
  ];
  for (const line of lines) book.line(main, line);
  landSecondNeutrals(book);
  dressCables(book);
}

/** Neutrals of the tandem's second half and of the bench's second cable; then the count of the bar. */
function landSecondNeutrals(book: Logbook): void {
  const { panels, reader } = book.site;
  const panel = panels.find((one) => one.id === main)!;
  const at = (number: number) => panel.devices.find((device) => device.number === number)!;
  const bathCable = at(13).terminals[1]!.conductors[0]!.cable!.id;
  const lampCable = at(15).terminals[0]!.conductors[1]!.cable!.id;
  book.record([
    add('conductor', 'lock-n-bath', bathCable, {
      function: 'neutral',
      landsOn: terminalRef('lock-n', 6),
    }),
    add('conductor', 'lock-n-lamp', lampCable, {
      function: 'neutral',
      landsOn: terminalRef('lock-n', 8),
    }),
    observe(reader, 'lock-n', { conductorCount: 17 }),
    observe(reader, 'lock-g', { conductorCount: 8 }),
  ]);
}

/** Jackets tell the age: woven of 1964, colours by size from 2001. */
function dressCables(book: Logbook): void {
  const { panels, reader } = book.site;
  const panel = panels.find((one) => one.id === main)!;
  const jackets: Partial<Record<number, PropertyValue<'jacket'>>> = {
    7: 'yellow',
    9: 'orange',
    2: 'yellow',
    4: 'yellow',
    10: 'black',
    14: 'black',
    18: 'yellow',
    20: 'yellow',
    19: 'orange',
  };
  const drafts = panel.devices.flatMap((device) => {
    const cables = new Set(
      device.terminals.flatMap((terminal) =>
        terminal.conductors.flatMap((wire) => wire.cable?.id ?? []),
      ),
    );
    const jacket = jackets[device.number] ?? 'woven';
    return [...cables].map((cable) => observe(reader, cable, { jacket, cableKind: 'nm' }));
  });
  book.record(drafts);
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
