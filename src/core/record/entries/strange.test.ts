import { describe, expect, test } from '@jest/globals';
import { describeFault } from '../../vocabulary/fault';
import { Logbook } from '../../fieldwork/recording/logbook';
import { asOfDay } from '../../show/report/dates';
import { isReadAtOnce, parseIncoming } from './incoming';
import type { Entry, Json } from './entry';
import { compareEntries } from './entry';
import { strangeWords } from './strange';

const entry = (counter: number, at = '2026-04-14T09:41:00+01:00', id = `e${counter}`): Entry => ({
  v: 1,
  id,
  counter,
  device: 'tablet',
  author: 'ines',
  at,
  action: id,
  kind: 'add',
  thing: id,
  type: 'site',
  in: null,
  facts: {},
  certainty: 'seen',
});

describe('an entry nobody can believe the counter or the clock of', () => {
  test.each([
    [entry(7), undefined, undefined],
    [
      entry(Number.MAX_SAFE_INTEGER),
      undefined,
      'its counter is no count: it is read before all others',
    ],
    [entry(7, '1970-01-01T00:00:00+00:00'), undefined, 'the clock of the device was wrong'],
    [entry(7, '9999-12-31T00:00:00+00:00'), undefined, 'the clock of the device was wrong'],
    [
      entry(7, '2026-04-20T09:41:00+01:00'),
      '2026-04-14T12:00:00Z',
      'the clock of the device was wrong',
    ],
    [entry(7, '2026-04-14T23:41:00+01:00'), '2026-04-14T12:00:00Z', undefined],
  ])('%j received %s: %s', (one, received, words) =>
    expect(strangeWords(one, received)).toBe(words),
  );

  test('stands before all others, and what follows is counted from those', () => {
    const all = [entry(3), entry(Number.MAX_SAFE_INTEGER), entry(1)];
    expect([...all].sort(compareEntries).map(({ counter }) => counter)).toEqual([
      Number.MAX_SAFE_INTEGER,
      1,
      3,
    ]);
    let made = 0;
    const book = new Logbook(
      { newId: () => `n${(made += 1)}`, device: 'phone', author: 'ines', at: all[0]!.at },
      all,
    );
    book.observe('e1', { name: 'Next' });
    expect(book.entries.at(-1)!.counter).toBe(4);
  });

  test('does not date a report, unless there is no other day', () => {
    const wrong = entry(2, '9999-12-31T00:00:00+00:00');
    expect(asOfDay([entry(1), wrong])).toBe('2026-04-14');
    expect(asOfDay([wrong])).toBe('9999-12-31');
    // Nobody speaks as of a day to come.
    const ahead = entry(3, '2041-01-01T09:00:00+00:00');
    expect(asOfDay([entry(1), ahead], new Date('2026-04-15T00:00:00Z'))).toBe('2026-04-14');
    expect(asOfDay([entry(1, '2026-02-30T09:00:00+00:00')])).toBeUndefined();
  });
});

describe('a new entry', () => {
  test.each([
    ['as any', {}, undefined],
    [
      'with a day that does not exist',
      { at: '2026-02-30T09:00:00+00:00' },
      /at: expected a day and time that exist/,
    ],
    ['with eleven levels', { facts: { name: [[[[[[[[[1]]]]]]]]] } }, /at most 10 levels/],
    ['with a text of a book', { facts: { name: 'x'.repeat(20_001) } }, /at most 20000 characters/],
    ['with a NUL', { facts: { name: '\0' } }, /NUL/],
  ])('%s', (_, over, fault) => {
    const read = parseIncoming({ ...entry(1), ...over });
    if (fault) expect(read.ok ? '' : read.faults.map(describeFault).join()).toMatch(fault);
    else expect(read.ok).toBe(true);
  });
  test('what is read at once is plain and within bounds; nested without end is looked at all the same', () => {
    let deep: Json = 'x';
    for (let level = 0; level < 200_000; level += 1) deep = [deep];
    expect(isReadAtOnce(entry(1))).toBe(true);
    expect(isReadAtOnce({ ...entry(1), facts: { remark: deep } })).toBe(false);
    expect(isReadAtOnce({ ...entry(1), facts: { remark: 'x'.repeat(30_000) } })).toBe(false);
    expect(isReadAtOnce({ ...entry(1), more: 1 })).toBe(false);
  });
});
