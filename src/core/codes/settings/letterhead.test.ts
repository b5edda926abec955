import { expect, test } from '@jest/globals';
import * as v from 'valibot';
import { countedUp, letterheadSchema, linesOf, plainLetterhead } from './letterhead';

/** As the first version stored it. This never changes. */
const first = {
  version: 1,
  address: 'Lock House\nMarrow Lock',
  licence: 'Office licence 12',
  insurance: 'Insured with Heron Mutual, policy 4',
  logo: { digest: 'a'.repeat(64), width: 400, height: 120 },
  terms: { version: 2, text: 'Pay within 30 days.' },
  covers: { version: 1, text: 'The panel alone.' },
  paper: 'letter',
  dates: 'month-first',
};

test('the first version is read as it stands', () =>
  expect(v.parse(letterheadSchema, structuredClone(first))).toEqual(first));

test('a text that changed has its next version, another keeps its own', () => {
  const before = v.parse(letterheadSchema, first);
  const after = countedUp(before, {
    ...before,
    terms: { version: 99, text: 'Pay within 14 days.' },
  });
  expect([after.terms, after.covers]).toEqual([
    { version: 3, text: 'Pay within 14 days.' },
    before.covers,
  ]);
});

test.each([
  ['another size of paper', { paper: 'a3' }],
  ['a logo that is no digest', { logo: { digest: 'x', width: 1, height: 1 } }],
  ['a date nobody knows', { dates: '04/05/06' }],
  ['more than it has', { more: 1 }],
  ['terms without end', { terms: { version: 1, text: 'x'.repeat(8001) } }],
])('%s is refused', (_, over) =>
  expect(v.is(letterheadSchema, { ...plainLetterhead, ...over })).toBe(false),
);

test('lines are told apart, empty ones dropped', () =>
  expect(linesOf(' a \n\n b')).toEqual(['a', 'b']));
