import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bench } from '../../testing/bench';
import type { Facts } from '../../record/entries/properties';
import type { Logbook } from '../../fieldwork/recording/logbook';
import type { DeviceView, PanelView } from '../../installation/panel/views';
import { condense } from '../remedies/panel-work/condense';
import { moveAll } from '../remedies/panel-work/moves';
import { spotKey } from '../remedies/panel-work/pieces';
import { Work } from '../remedies/work';
import { movesBetween } from './moves';

const rows = 4;
const seen = ({ site }: Logbook) => ({ site, panel: site.panels[0]! });
const occupied = (panel: PanelView) =>
  panel.positions
    .filter(({ devices, opening }) => devices.length > 0 || (opening?.value ?? 'open') !== 'open')
    .map(spotKey)
    .sort();

/** A panel of eight positions: singles at some, blanks at the others. */
function panelWith(taken: readonly number[]) {
  const numbers = Array.from({ length: 2 * rows }, (_, at) => at + 1);
  return bench({ rows }).lines(
    ...numbers.map((number) =>
      taken.includes(number) ? `${number} 20 hall ${number}` : `${number} blank`,
    ),
  );
}

/** The same with every single at another of the positions. */
function rearranged(taken: readonly number[], to: readonly number[]) {
  const work = new Work(panelWith(taken).book.entries);
  const { positions } = work.site.panels[0]!;
  const at = (number: number) => positions.find((one) => one.number === number)!;
  moveAll(
    work,
    'panel',
    new Map(taken.map((number, index) => [at(number).devices[0]!.id, spotKey(at(to[index]!))])),
  );
  return { site: work.site, panel: work.site.panels[0]! };
}

describe('moves', () => {
  test('never put two things in one place, and end at the panel as it will be', () => {
    const numbers = Array.from({ length: 2 * rows }, (_, at) => at + 1);
    let rings = 0;
    fc.assert(
      fc.property(
        fc.shuffledSubarray(numbers, { minLength: 1 }),
        fc.shuffledSubarray(numbers, { minLength: 2 * rows }),
        (taken, order) => {
          const to = order.slice(0, taken.length);
          const before = seen(panelWith(taken).book);
          const after = rearranged(taken, to);
          const steps = movesBetween(before, after);
          const now = new Set(occupied(before.panel));
          const inHand = new Set<string>();
          for (const { kind, from, to: places, device } of steps) {
            for (const key of from) expect(now.delete(key)).toBe(true);
            if (kind === 'lift') {
              rings += 1;
              inHand.add(device.before!);
            } else if (device.before !== undefined) inHand.delete(device.before);
            for (const key of places) {
              expect(now.has(key)).toBe(false);
              now.add(key);
            }
          }
          expect(inHand.size).toBe(0);
          expect([...now].sort()).toEqual(occupied(after.panel));
        },
      ),
      { numRuns: 80, seed: 17 },
    );
    expect(rings).toBeGreaterThan(5);
  });

  test('two that change places: one is laid aside first', () => {
    const says = movesBetween(
      seen(panelWith([1, 2, 3, 4, 5, 6, 7, 8]).book),
      rearranged([1, 2, 3, 4, 5, 6, 7, 8], [3, 2, 1, 4, 5, 6, 7, 8]),
    ).map((one) => one.says);
    expect(says).toEqual([
      'Breaker 1 (Hall 1): out and laid aside with its wires',
      'Breaker 3 (Hall 3) to 1, with its wires',
      'Breaker 1 (Hall 1) to 3, with its wires',
    ]);
  });

  test('what nobody has seen of wires, stab and breaker is looked at first', () => {
    const steps = (positions: Facts, devices: Facts) => {
      const made = bench({ rows }).lines('1 15 14cu hall', '3 20 12cu bath', '5 blank');
      for (const row of [1, 2, 3]) made.facts(positions, `panel/c1r${row}`);
      for (const { id } of made.book.site.panels[0]!.devices) made.facts(devices, id);
      const before = seen(made.book);
      const [hall, bath] = before.panel.devices as [DeviceView, DeviceView];
      const work = new Work(made.book.entries);
      condense(work, before.panel, { stays: hall, goes: bath });
      moveAll(work, 'panel', new Map([[work.today(hall.id), 'c1r3']]));
      const after = { site: work.site, panel: work.site.panels[0]! };
      return movesBetween(before, after).flatMap(({ asks }) => asks ?? []);
    };
    expect(steps({}, {})).toEqual([
      'see whether the wires of 1 reach, the stab at 5 is sound, the stab at 5 takes a tandem and 1 is an ordinary breaker without a tie',
      'see whether the wires of 3 reach and 3 is an ordinary breaker without a tie',
    ]);
    expect(
      steps(
        { busCondition: 'bright', stabTakes: 'tandem' },
        { protection: 'ordinary', tie: 'none' },
      ),
    ).toEqual(['see whether the wires of 1 reach', 'see whether the wires of 3 reach']);
  });

  test('a neutral to another screw is told, screw by screw', () => {
    const lines = ['bar n 6 left', '1 20 12cu n1 hall', '3 20 12cu n1 bath'];
    const before = bench({ rows }).lines(...lines);
    const after = bench({ rows }).lines(...lines);
    const { conductors } = after.book.site.panels[0]!;
    const second = conductors.filter(({ function: use }) => use?.value === 'neutral')[1]!;
    after.facts({ landsOn: second.landsOn!.value!.replace(/t1$/, 't4') }, second.id);
    expect(movesBetween(seen(before.book), seen(after.book)).map(({ says }) => says)).toEqual([
      'Neutral off screw 1 of the neutral bar to screw 4 of the neutral bar',
    ]);
  });
});
