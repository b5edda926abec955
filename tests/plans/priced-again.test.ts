import { beforeAll, expect, test } from '@jest/globals';
import type { Highs } from 'highs';
import loadHighs from 'highs';
import { follow, groundOf, namedPlans, prepare, startingSettings } from '@/core';
import { burnedPairFreeApart } from './panels';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const { costBook } = startingSettings('Test office');
const followed = follow(burnedPairFreeApart().entries, startingSettings('Test office'));

/** The least plan where a blank costs so much, some remedy not taken. */
function least(blank: number, forbid?: string) {
  const prices = { low: blank, likely: blank, high: blank };
  const prepared = prepare({
    ground: groundOf(followed),
    book: { ...costBook, parts: { ...costBook.parts, blank: prices } },
  });
  const forbidden = new Set(
    prepared.options.flatMap(({ id, remedy }) => (remedy.id === forbid ? [id] : [])),
  );
  const plan = namedPlans(highs, { ...prepared, forbidden }).plans[0]!;
  const move =
    (plan.placed.flatMap(({ moved }) => moved).length * 15 * costBook.labourRatePerHour) / 60;
  return { ids: plan.chosen.map(({ remedy }) => remedy.id), cost: plan.cost.likely, move };
}

test('of two ways nearly as dear the one without a move is chosen, though the other is cheaper without it', () => {
  const placed = least(0, 'interior');
  const insides = least(0, 'blank-burned-position');
  expect([placed.ids, insides.ids]).toEqual([['blank-burned-position'], ['interior']]);
  expect(placed.move).toBeGreaterThan(0);
  // Two blanks: so dear that without its move it is cheaper than new insides by half a move.
  const level = (insides.cost - (placed.cost - placed.move)) / 2;
  expect(least(level - placed.move / 4).ids).toEqual(['interior']);
  expect(least(level - placed.move).ids).toEqual(['blank-burned-position']);
});
