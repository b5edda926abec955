import type { Entry } from '@/core/record/entries/entry';
import { idsFrom, Logbook } from '@/core';

/** Marrow Lock, the quay bakery: 208Y/120, three phases, 30 positions. */
export function quayBakery(author: string): { inspection: string; entries: Entry[] } {
  const book = new Logbook({
    newId: idsFrom('bake-'),
    device: 'demo-tablet',
    author,
    at: '2026-04-17T06:30:00+01:00',
  });
  book.add('site', 'bake-site', null, {
    name: 'Quay bakery',
    address: '2 Quayside, Marrow Lock',
    client: 'Orla Crumb, owner',
    clientRole: 'owner',
    visitKind: 'permit',
    permitNumber: 'ML-2026-0117',
    permitScope: 'Second oven',
    scope: 'tests',
  });
  book.add(
    'building',
    'bake-house',
    'bake-site',
    { name: 'Bakery', yearBuilt: 1986, buildingKind: 'shop' },
    'told',
  );
  book.add('service', 'bake-service', 'bake-site', {
    serviceSystem: 'wye-208',
    supplyWay: 'underground',
    transformerKva: 112.5,
    transformerImpedancePercent: 2.1,
  });
  book.add('meter', 'bake-meter', 'bake-house', {
    fedFrom: 'bake-service',
    meterState: 'in-place',
  });
  book.add('panel', 'bake-panel', 'bake-house', {
    name: 'Bakery panel',
    rows: 15,
    mainKind: 'breaker',
    numbering: 'odd-even',
    fedFrom: 'bake-meter',
    maker: 'Tarnholt',
    model: 'T3-30',
    yearBuilt: 1986,
    coverOpened: 'opened',
    supplySize: '3/0',
    supplyMetal: 'cu',
    bond: 'screw',
    labelBusA: 225,
    labelAccepts: ['Tarnholt'],
    interruptingKa: 10,
    depthMm: { value: 40, unit: 'in' },
  });
  for (const line of [
    'bar n 24 left',
    'bar g 24 right',
    'main 200 3p @tarnholt',
    '1+3+5 60 6cu:b/6cu:r/6cu:u m1 g1 in:thw @tarnholt first oven',
    '2+4+6 60 6cu:b/6cu:r/6cu:u m1 g2 in:thw @tarnholt second oven',
    '7+9+11 40 8cu:b/8cu:r/8cu:u m1 g3 in:thw @tarnholt mixer',
    '8 20 12cu:b m1 n1 g4 in:thw @tarnholt proofing lights',
    '10 20 12cu:r m1 n2 g5 in:thw gf @tarnholt wash-up outlets',
    '12 20 12cu:u m1 n3 g6 in:thw @tarnholt bench outlets',
    '13 20 12cu:b m1 n4 g7 in:thw @tarnholt shop lights',
    '15 20 12cu:r m1 ~13 in:thw @tarnholt shop outlets',
    '17 20 12cu:u m1 ~13 in:thw @tarnholt till',
    '14+16 30 10cu:b/10cu:r m1 g8 in:thw @tarnholt slicer',
    '18 20 12cu:u m1 n5 g9 in:thw @oskelund cold room fan',
    '19+21+23 30 10cu:b/10cu:r/10cu:u m1 g10 in:thw @tarnholt cold room',
    '20+22 surge @tarnholt',
    '24 covered',
    '25 blank',
    '26 covered',
    '27 blank',
    '28 covered',
    '29 blank',
    '30 covered',
  ])
    book.line('bake-panel', line);
  const oven = book.site.panels[0]!.devices.find((device) => device.number === 2)!;
  book.observe(oven.id, { inPermitScope: true });
  return { inspection: 'quay-bakery', entries: book.entries };
}
