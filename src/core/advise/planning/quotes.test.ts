import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bench } from '../../testing/bench';
import type { Quote } from './quotes';
import { compareQuote, quotesOf } from './quotes';

const range = (low: number, high: number) => ({ low, likely: (low + high) / 2, high });
const plan = {
  cost: range(300, 600),
  lines: [
    { id: 'a', says: 'Breaker 5: 20 A out, 15 A in', cost: range(40, 80) },
    { id: 'b', says: 'Blank in 24', cost: range(10, 30) },
  ],
};
const quote = (sum: number, lines: Quote['lines']): Quote => ({
  id: 'q',
  from: 'Lamp & Quay',
  plan: 'p',
  sum,
  lines,
});

describe('a quote held against its plan', () => {
  test('what it leaves out, what it has besides, and each sum against the book', () => {
    const held = compareQuote(
      quote(720, [
        { work: 'a', says: 'Breaker 5: 20 A out, 15 A in', sum: 35 },
        { work: null, says: 'A new panel', sum: 650 },
      ]),
      plan,
    );
    expect(held.against).toBe('above');
    expect(held.misses).toEqual(['Blank in 24']);
    expect(held.adds).toEqual([{ says: 'A new panel', sum: 650 }]);
    expect(held.items.map(({ work, against }) => [work, against])).toEqual([['a', 'below']]);
  });

  test.each([
    [299.99, 'below'],
    [300, 'within'],
    [600, 'within'],
    [600.01, 'above'],
  ])('%d is %s', (sum, against) =>
    expect(compareQuote(quote(sum, []), plan).against).toBe(against),
  );

  test('a work it names without a sum is neither; a plan without cost says nothing of the sum', () => {
    const held = compareQuote(quote(400, [{ work: 'b', says: 'Blank in 24', sum: null }]), {
      lines: plan.lines,
      cost: undefined,
    });
    expect(held.against).toBeUndefined();
    expect(held.items).toMatchObject([{ work: 'b', sum: null, against: undefined }]);
  });

  test('every work of the plan is in it or left out, never both and never neither', () => {
    fc.assert(
      fc.property(fc.subarray(['a', 'b', 'x']), (works) => {
        const held = compareQuote(
          quote(
            100,
            works.map((work) => ({ work, says: work, sum: 1 })),
          ),
          plan,
        );
        expect(held.misses.length + held.items.length).toBe(plan.lines.length);
        expect(held.adds.length).toBe(works.filter((one) => one === 'x').length);
      }),
    );
  });

  test('those of the plan alone, and none that was taken away', () => {
    const { book } = bench({ rows: 4 });
    book.add('plan', 'p', 'site', { planName: 'All defects' });
    book.add('quote', 'one', 'site', { quoteFrom: 'Lamp & Quay', quotePlan: 'p', quoteSum: 400 });
    book.add('quote', 'two', 'site', { quoteFrom: 'Other', quotePlan: 'another', quoteSum: 1 });
    book.add('quote', 'three', 'site', { quoteFrom: 'Gone', quotePlan: 'p', quoteSum: 1 });
    book.observe('three', { removed: true });
    expect(quotesOf(book.site.reader, 'p').map(({ from, sum }) => [from, sum])).toEqual([
      ['Lamp & Quay', 400],
    ]);
  });
});
