import { describe, expect, test } from '@jest/globals';
import { agreedDaysPast } from './agreed-days';

const now = new Date('2026-04-30T09:00:00Z');
const kept = (at: string, sent: unknown = {}) => ({ at, sent });

describe('for how long a device shows what it keeps', () => {
  test.each([
    ['heard today', [kept('2026-04-30T08:00:00Z')], undefined],
    ['a month, where the office said nothing', [kept('2026-03-31T08:00:00Z')], undefined],
    ['a day more', [kept('2026-03-30T08:00:00Z')], 30],
    [
      'as many days as the office agreed',
      [kept('2026-04-20T08:00:00Z'), kept('2026-04-20T08:00:00Z', { deviceDays: 7 })],
      7,
    ],
    [
      'counted from whatever was heard last',
      [kept('2026-02-01T08:00:00Z'), kept('2026-04-29T08:00:00Z', { deviceDays: 7 })],
      undefined,
    ],
    [
      'also where the list of Today is the older one',
      [kept('2026-04-29T08:00:00Z'), kept('2026-02-01T08:00:00Z', { deviceDays: 7 })],
      undefined,
    ],
    ['without the list', [kept('2026-04-29T08:00:00Z'), undefined], undefined],
    ['days that are none', [kept('2026-04-20T08:00:00Z', { deviceDays: 'many' })], undefined],
  ])('%s', (_, all, days) => expect(agreedDaysPast(all, now)).toBe(days));
});
