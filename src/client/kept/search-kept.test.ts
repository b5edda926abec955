import { expect, test } from '@jest/globals';
import { searchKept } from './search-kept';

const kept = {
  member: 'ines',
  path: '/api/today',
  at: '2026-04-14T09:00:00+01:00',
  opened: '2026-04-14T09:00:00+01:00',
  sent: {
    who: { member: 'ines' },
    due: [{ id: 'weir' }],
    inspections: [
      { id: 'weir', place: 'Weir cottage', address: '7 Withy Bank', issuedAs: null },
      { id: 'quay', place: 'Quay bakery', address: '2 Quayside', issuedAs: '2026-0001' },
      { id: 'none' },
    ],
  },
};

test.each([
  ['weir', ['weir']],
  ['WEIR cot', ['weir']],
  ['withy', ['weir']],
  ['qua', ['quay']],
  ['2026-0001', ['quay']],
  ['bakery weir', []],
  ['eir', []],
  ['', ['weir', 'quay', 'none']],
])('%j is looked for on the device', (asked, ids) => {
  const found = searchKept(kept, asked, `/api/today?q=${asked}`);
  const sent = found.sent as { inspections: { id: string }[]; due: unknown[]; who: unknown };
  expect(sent.inspections.map(({ id }) => id)).toEqual(ids);
  expect([sent.due, sent.who, found.at]).toEqual([[], kept.sent.who, kept.at]);
});
