import type { Entry } from '@/core/record/entries/entry';
import { idsFrom, Logbook } from '@/core';

/** Marrow Lock, the chandlery with a flat above: split-bus panel of 1968, two meters. */
export function chandlery(author: string): { inspection: string; entries: Entry[] } {
  const book = new Logbook({
    newId: idsFrom('shop-'),
    device: 'demo-tablet',
    author,
    at: '2026-04-16T14:20:00+01:00',
  });
  book.add('site', 'shop-site', null, {
    name: 'Chandlery and flat',
    address: '9 Quayside, Marrow Lock',
    client: 'Perpetua Lamb, landlord',
    clientRole: 'landlord',
    visitKind: 'sale',
    scope: 'tests',
  });
  book.add(
    'building',
    'shop-house',
    'shop-site',
    { name: 'Chandlery', yearBuilt: 1968, buildingKind: 'mixed', dwellings: 1 },
    'told',
  );
  book.add('service', 'shop-service', 'shop-site', {
    serviceSystem: 'split-phase',
    supplyWay: 'underground',
  });
  book.add('meter', 'shop-meter', 'shop-house', {
    name: 'Shop meter',
    fedFrom: 'shop-service',
    meterState: 'in-place',
  });
  book.add('meter', 'flat-meter', 'shop-house', {
    name: 'Flat meter',
    fedFrom: 'shop-service',
    meterState: 'in-place',
  });
  book.add('disconnect', 'flat-disconnect', 'shop-house', {
    name: 'Flat disconnect',
    fedFrom: 'flat-meter',
    disconnectRatingA: 100,
    disconnectMarked: true,
  });
  shopPanel(book);
  flatPanel(book);
  return { inspection: 'chandlery', entries: book.entries };
}

function shopPanel(book: Logbook): void {
  book.add('panel', 'shop-panel', 'shop-house', {
    name: 'Shop panel',
    panelKind: 'split-bus',
    mainKind: 'throws',
    rows: 10,
    upperRows: 4,
    numbering: 'odd-even',
    fedFrom: 'shop-meter',
    maker: 'Tarnholt',
    model: 'TS-20',
    yearBuilt: 1968,
    coverOpened: 'opened',
    supplySize: '2/0',
    supplyMetal: 'al',
    bond: 'strap',
    labelBusA: 150,
    depthMm: 1100,
  });
  for (const line of [
    'bar n 20 left',
    'bar g 8 right',
    '1+3 40 8cu:b/8cu:r m1 n1 @tarnholt =range range',
    '2+4 30 10cu:b/10cu:r m1 n2 @tarnholt =dryer dryer',
    '5+7 60 6cu:b/6cu:r m1 @tarnholt lower section',
    '6+8 30 10cu:b/10cu:w m1 @tarnholt =heater water heater',
    '9 15 14cu:b m1 n3 g1 @tarnholt window lights',
    '10 20 12cu:b m1 n4 g2 @tarnholt till and counter',
    '11 20 12cu:b m1 n5 g3 @tarnholt workshop bench',
    '12 15 14cu:b m1 n6 g4 @tarnholt store lights',
    '13 20 12cu:r m1 n7 g5 @tarnholt splicing table',
    '14 20 12cu:b m1 n8 g6 gf @tarnholt quay outlets',
    '15 15 14cu:b m1 n9 @tarnholt !tripped stair',
    '16 blank',
    '17 open',
    '18 blank',
    '19 blank',
    '20 blank',
  ])
    book.line('shop-panel', line);
  const throws = book.site.panels.find((panel) => panel.id === 'shop-panel')!.devices;
  book.observe('shop-panel', { lowerFedBy: throws.find((one) => one.number === 5)!.id });
}

function flatPanel(book: Logbook): void {
  book.add('panel', 'flat-panel', 'shop-house', {
    name: 'Flat panel',
    rows: 6,
    mainKind: 'lugs',
    numbering: 'down-columns',
    fedFrom: 'flat-disconnect',
    maker: 'Merrowby',
    model: 'M12',
    yearBuilt: 1999,
    coverOpened: 'opened',
    supplySize: '4',
    supplyMetal: 'cu',
    supplyNeutralSize: '4',
    supplyGroundSize: '8',
    feederHasGround: true,
    bond: 'none',
    placedIn: 'clothes-closet',
  });
  for (const line of [
    'bar n 12 left',
    'bar g 12 right',
    '1+2 50 6cu:b/6cu:r m1 n1 g1 in:nm @merrowby =range range',
    '3 15 14cu:b m1 n2 g2 in:nm j:white af @merrowby bedroom',
    '4+5 q20/30 12cu:b/10cu:b/10cu:r/12cu:r n5/6 g7/8 in:nm @merrowby laundry / dryer',
    '6 15 14cu:b m1 n7 g9 in:nm j:white @merrowby hall lights',
    '7 20 12cu:b m1 n3 g3 in:nm j:yellow gf @merrowby bath',
    '8 20 12cu:b m1 n4 g4 in:nm j:yellow @merrowby kitchen left',
    '9 20 12cu:r m1 g5 ~8 in:nm j:yellow @merrowby kitchen right',
    '10+11 30 10cu:b/10cu:w* m1 g6 in:nm j:orange @merrowby =heater water heater',
    '12 covered',
  ])
    book.line('flat-panel', line);
}
