import type { Entry } from '@/core/record/entries/entry';
import { idsFrom, Logbook } from '@/core';

/** Marrow Lock, the net loft: fuse panel of 1952, single wires on porcelain, half walked. */
export function netLoft(author: string): { inspection: string; entries: Entry[] } {
  const book = new Logbook({
    newId: idsFrom('loft-'),
    device: 'demo-tablet',
    author,
    at: '2026-04-15T10:05:00+01:00',
  });
  book.add('site', 'loft-site', null, {
    name: 'Net loft',
    address: '4 Tarry Steps, Marrow Lock',
    client: 'The Withy Trust, owner',
    clientRole: 'owner',
    visitKind: 'round',
    scope: 'opens',
    mayShutOff: 'yes',
    symptoms: ['dead-rooms', 'enlarged'],
  });
  book.add(
    'building',
    'loft-house',
    'loft-site',
    { name: 'Net loft', yearBuilt: 1952, buildingKind: 'shop', permitsKnown: 'unknown' },
    'told',
  );
  book.add('service', 'loft-service', 'loft-site', {
    serviceSystem: 'split-phase',
    supplyWay: 'overhead',
    mast: 'frayed',
  });
  book.add('meter', 'loft-meter', 'loft-house', {
    fedFrom: 'loft-service',
    meterState: 'in-place',
  });
  book.add('electrode', 'loft-pipe', 'loft-house', {
    electrodeKind: 'water-pipe',
    clamp: 'corroded',
    electrodeConductor: 'out-of-sight',
  });
  book.add('panel', 'loft-panel', 'loft-house', {
    name: 'Fuse panel',
    panelKind: 'fuse',
    mainKind: 'pull-out',
    rows: 2,
    numbering: 'down-columns',
    fedFrom: 'loft-meter',
    maker: 'Oskelund',
    model: 'F4',
    yearBuilt: 1952,
    coverOpened: 'opened',
    supplySize: '6',
    supplyMetal: 'cu',
    bond: 'bar-in-can',
  });
  for (const line of [
    'bar n 8 left',
    'main 60 fuses @oskelund',
    'pullout 1 40 8cu:b range',
    '1 f15 14cu:b edison n1 in:porcelain lights, loft',
    '2 f30 14cu:b edison n2 in:porcelain outlets, bench',
    '3 f20 12cu:b insert20 n3 in:porcelain winch',
    '4 f15 2x14cu:b edison n4+5 in:porcelain !heat lights, store',
  ])
    book.line('loft-panel', line);
  return { inspection: 'net-loft', entries: book.entries };
}
