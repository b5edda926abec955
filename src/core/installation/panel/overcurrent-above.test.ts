import { describe, expect, test } from '@jest/globals';
import type { Facts } from '../../record/entries/properties';
import { bench } from '../../testing/bench';
import { deviceAbove } from './overcurrent-above';

/** A second panel hung on the first by its lugs, no breaker between. */
function hung(facts: Facts) {
  const one = bench({ panel: facts }).lines('main 100');
  one.book.add('panel', 'second', 'house', { name: 'Second', rows: 4, fedFrom: 'panel' });
  const { site } = one.assess();
  return deviceAbove(
    site,
    site.panels.find(({ id }) => id === 'second')!,
  );
}

describe('what protects a panel hung on another by its lugs', () => {
  test('feed-through lugs: what protects the bus they stand on', () =>
    expect(hung({ feedThroughLugs: true })).toMatchObject({ ratingA: 100, stands: 'feeder' }));
  test.each([
    ['nobody saw such lugs', {}],
    ['there are none', { feedThroughLugs: false }],
  ] as const)('%s: not known', (_, facts) => expect(hung(facts)).toBeUndefined());
});
