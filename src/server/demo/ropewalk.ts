import type { Entry } from '@/core/record/entries/entry';
import { outletRoundRef } from '@/core/record/entries/thing-types';
import { idsFrom, Logbook } from '@/core';
import { isDead } from '@/core/model/tracing/decode';
import { planRounds } from '@/core/model/tracing/plan';
import { hiddenWiring } from '@/stand-ins/hidden-wiring';

const panel = 'rope-panel';

/** What hangs in the ropewalk, by room. */
export const ropewalkOutlets: Readonly<Record<string, readonly string[]>> = {
  hall: ['lamp', 'outlet by the door', 'bell'],
  'spinning floor': ['lamps north', 'lamps south', 'outlet 1', 'outlet 2', 'outlet 3', 'hoist'],
  'tar house': ['lamp', 'extractor', 'outlet'],
  office: ['lamp', 'desk outlets', 'printer outlet', 'heater'],
  kitchen: ['counter left', 'counter right', 'fridge', 'dishwasher', 'lamp'],
  'wash room': ['lamp', 'mirror outlet', 'water heater'],
  loft: ['lamp', 'outlets', 'fan'],
  yard: ['gate lamp', 'pump', 'outlet'],
};
export const ropewalkOutletId = (room: string, name: string) =>
  `rope-o-${`${room}-${name}`.replaceAll(/[^a-z0-9]+/g, '-')}`;

/** Marrow Lock, the ropewalk: a panel of 28 circuits of which nobody knows what they feed; traced by code. */
export function ropewalk(author: string): { inspection: string; entries: Entry[] } {
  const book = new Logbook({
    newId: idsFrom('rope-'),
    device: 'demo-tablet',
    author,
    at: '2026-04-21T08:15:00+01:00',
  });
  book.add('site', 'rope-site', null, {
    name: 'The ropewalk',
    address: '9 Hemp Lane, Marrow Lock',
    client: 'Petra Sandling, landlord',
    clientRole: 'landlord',
    visitKind: 'service',
    scope: 'tests',
    mayShutOff: 'yes',
  });
  book.add(
    'building',
    'rope-house',
    'rope-site',
    { name: 'Ropewalk', yearBuilt: 1998, buildingKind: 'shop' },
    'told',
  );
  book.add('service', 'rope-service', 'rope-site', { serviceSystem: 'split-phase' });
  book.add('panel', panel, 'rope-house', {
    name: 'Ropewalk panel',
    rows: 16,
    numbering: 'odd-even',
    mainKind: 'breaker',
    fedFrom: 'rope-service',
    maker: 'Dunvarick',
    model: 'D32',
    yearBuilt: 1998,
    coverOpened: 'opened',
    bond: 'strap',
    directory: 'vague',
    labelAccepts: ['Dunvarick'],
  });
  book.line(panel, 'bar n 30 left');
  book.line(panel, 'bar g 30 right');
  book.line(panel, 'main 150 @dunvarick');
  for (let number = 1; number <= 28; number += 1)
    book.line(
      panel,
      `${number} 20 12cu:b m1 n${number} g${number} in:nm j:yellow @dunvarick ${number % 3 === 0 ? 'lights' : 'outlets'}`,
    );
  for (const position of [29, 30, 31, 32]) book.line(panel, `${position} covered`);
  for (const [room, names] of Object.entries(ropewalkOutlets)) {
    const id = `rope-r-${room.replaceAll(' ', '-')}`;
    book.add('room', id, 'rope-house', { name: room });
    for (const name of names) book.add('outlet', ropewalkOutletId(room, name), id, { name });
  }
  walkRounds(book);
  return { inspection: 'ropewalk', entries: book.entries };
}

/** Every round of the plan, walked in the stand-in's own wiring. */
function walkRounds(book: Logbook): void {
  const { circuits } = book.site.panels[0]!;
  const planned = planRounds(
    circuits.map(({ id }) => id),
    [],
  );
  if (!planned.ok) throw new Error(planned.reason);
  const fed = hiddenWiring('ropewalk', book.site.panels[0]!);
  for (const { number, off } of planned.plan.rounds) {
    book.add('round', `rope-round-${number}`, panel, {
      roundNumber: number,
      switchedOff: [...off],
    });
    const set = new Set(off);
    book.record(
      [...fed].map(([outlet, is]) => ({
        kind: 'observe' as const,
        about: outletRoundRef(outlet, number),
        facts: { inRound: isDead(is, set) ? 'dead' : 'alive' },
        certainty: 'seen' as const,
        replaces: [],
      })),
    );
  }
}
