import { expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import { entryWords } from './entry-words';

test('a chosen plan is told with its figures, and without any id', () => {
  const made = bench();
  const [entry] = made.book.add('plan', 'p1', 'site', {
    planName: 'All defects',
    planChoices: ['pigtail@breaker/double-tap|x15/t1', 'blank@enclosure/open-position|panel/c2r12'],
    planWorks: ['Opening 24: fit the blank'],
    planBook: 3,
    planCost: { low: 203.2, likely: 266.5, high: 441 },
    planMinutes: { low: 50, likely: 100, high: 190 },
    planDrafts: [{ about: 'panel/c2r12', facts: { opening: 'blanked' } }],
  });
  const { about, says } = entryWords(entry!, made.book.site, new Set());
  expect(about).toBe('Plan chosen');
  expect(says.sort()).toEqual([
    'As it would be recorded: 1 statement',
    'Cost: 203 to 441, likely 267 in the money of the cost book',
    'Minutes: 50 to 190, likely 100 min',
    'Plan: All defects',
    'Version of the cost book: 3',
    'What is done: 2 works',
    'Works: Opening 24: fit the blank',
  ]);
});
