import { describe, expect, test } from '@jest/globals';
import { us2020 } from '../../codes/yardstick/us-2020';
import { bench } from '../../testing/bench';
import type { Bench } from '../../testing/bench';
import { additionFits, ampsOf, breakerForA, joinedLoad } from './addition';
import { loadSheet } from './load-sheet';
import { roomCard } from './room-card';

const views = (one: Bench) => {
  const { site } = one.assess();
  return { site, panel: site.panels[0]! };
};
const loaded = () => {
  const one = bench().lines(
    'main 100',
    '1 20 12cu m1 n1 g1 kitchen',
    '3 20 12cu m1 n2 g2 hall',
    '2 20 12cu m1 ~1 bench',
  );
  const { panel } = views(one);
  const ref = (label: string) =>
    [...panel.terminals.values()].find((terminal) => terminal.label === label)!.ref;
  return one
    .facts({ loadCurrentA: 14 }, ref('1'))
    .facts({ loadCurrentA: 9 }, ref('3'))
    .facts({ loadCurrentA: 6 }, ref('2'));
};
const sheetOf = (one: Bench) => {
  const { site, panel } = views(one);
  return loadSheet(site, panel, us2020);
};
const charger = {
  words: 'vehicle charger',
  amps: 32,
  volts: 240,
  continuous: true,
  kind: 'charger' as const,
};

describe('load of a panel', () => {
  test('each circuit in amps and share of its breaker; each leg summed', () => {
    const { site, panel } = views(loaded());
    const sheet = loadSheet(site, panel, us2020);
    expect(sheet.circuits.map(({ name, amps, share }) => [name, amps, share])).toEqual([
      ['Kitchen', 14, 0.7],
      ['Hall', 9, 0.45],
      ['Bench', 6, 0.3],
    ]);
    expect(sheet.legs.map(({ leg, knownA }) => [leg, knownA])).toEqual([
      ['A', 20],
      ['B', 9],
    ]);
    expect(sheet.deviceA).toBe(100);
    expect(sheet.wanted).toBe('the highest peak of a leg over a year, or recorded for 30 days');
  });
  test('a shared neutral on one leg carries the sum', () =>
    expect(sheetOf(loaded()).neutrals[0]!.amps).toBe(20));
  test('room: free positions, screws; unread labels are not read as room', () => {
    const { site, panel } = views(loaded());
    const card = roomCard(site, panel);
    // Nobody recorded the other positions: none of them is known to be free.
    expect(card.freePositions).toEqual([]);
    expect(card).toMatchObject({
      freeNeutrals: 22,
      freeGrounds: 22,
      circuitsLeft: undefined,
      tandemPositions: undefined,
    });
    const read = views(
      loaded()
        .lines('17 blank')
        .facts({ labelCircuits: 30, labelTandemPositions: [17, 18] }),
    );
    expect(roomCard(read.site, read.panel)).toMatchObject({
      circuitsLeft: 27,
      freePositions: [17],
      // 18 was never recorded.
      tandemPositions: [17],
    });
  });
  test('a burned position is no room', () => {
    const { site, panel } = views(
      loaded().lines('10 blank').facts({ busCondition: 'burned' }, 'panel/c2r5'),
    );
    expect(roomCard(site, panel).freePositions).not.toContain(10);
  });
});

describe('an addition', () => {
  test('a 32 A charger on a measured peak of 40 A: 50 + 40 A fit 100 A', () => {
    const { site, panel } = views(loaded().facts({ peakLegA: 40, peakOver: 'year' }));
    expect(additionFits(site, panel, [charger], us2020).answers).toEqual([
      { method: '220.87', amps: 90, ratingA: 100, fits: true, leftA: 10 },
    ]);
    expect(additionFits(site, panel, [charger, charger], us2020).answers[0]).toMatchObject({
      fits: false,
      leftA: -30,
    });
  });
  test('without a peak or the loads it says what is wanted, and gives no number', () => {
    const { site, panel } = views(loaded());
    expect(additionFits(site, panel, [charger], us2020)).toEqual({
      answers: [],
      wanted: 'peakLegA',
    });
  });
  test('its own breaker: 125 % of what runs for hours', () => {
    expect(breakerForA(us2020, charger)).toBe(40);
    expect(breakerForA(us2020, { ...charger, continuous: false })).toBe(35);
  });
  test('watts to amps', () => {
    const { panel } = views(loaded());
    expect(ampsOf(4800, panel, 2)).toBe(20);
    expect(ampsOf(1200, panel, 1)).toBe(10);
  });
});

describe('circuits proposed to be joined', () => {
  const join = (...names: string[]) => {
    const one = loaded();
    const kitchen = views(one).panel.circuits.find(({ name }) => name === 'Kitchen')!;
    const { site, panel } = views(one.facts({ places: ['kitchen'] }, kitchen.id));
    return joinedLoad(
      site,
      panel,
      panel.circuits.filter(({ name }) => names.includes(name!)),
      us2020,
    );
  };
  test('hall and bench: 15 A on 20', () =>
    expect(join('Hall', 'Bench')).toEqual({ amps: 15, leastA: 20, against: [] }));
  test('a kitchen circuit is never joined, and the sum is too much besides', () =>
    expect(join('Kitchen', 'Hall').against).toEqual([
      'Kitchen feeds kitchen: never joined',
      'together 23.0 A, more than 20 A',
    ]));
});
