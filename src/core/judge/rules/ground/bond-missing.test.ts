import { describe, expect, test } from '@jest/globals';
import type { Facts } from '../../../record/entries/properties';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'ground/bond-missing';
const of = (panel: object, fedBy: 'service' | 'disconnect' | null = 'service') =>
  outcomes(bench({ panel, fedBy }).assess(), rule);

describe(rule, () => {
  test('fires', () => expect(of({ bond: 'none' })).toEqual({ Bond: 'found: missing' }));
  test.each(['strap', 'screw', 'bar-in-can'])('clear: joined by %s', (bond) =>
    expect(of({ bond })).toEqual({ Bond: 'clear' }),
  );
  test('not seen: bond not looked for, or the supply unknown', () => {
    expect(of({})).toEqual({ Bond: 'not-seen' });
    expect(of({ bond: 'none' }, null)).toEqual({ Bond: 'not-seen' });
  });
  test('does not apply downstream', () =>
    expect(of({ bond: 'none' }, 'disconnect').Bond).toBe('does-not-apply'));
  test('a separate switch that is service equipment is asked as a panel would be', () => {
    const at = (disconnect: Facts) =>
      outcomes(bench({ fedBy: 'disconnect', disconnect }).assess(), rule).Disconnect;
    expect(at({})).toBe('not-seen');
    expect(at({ bond: 'none' })).toBe('found: missing');
    expect(at({ bond: 'screw' })).toBe('clear');
  });
  test('a meter disconnect does not move the bond indoors', () => {
    const made = bench({
      fedBy: 'disconnect',
      disconnect: { disconnectRole: 'meter', fedFrom: 'service' },
      panel: { bond: 'strap' },
    });
    expect(outcomes(made.assess(), rule)).toEqual({ Bond: 'clear', Disconnect: 'does-not-apply' });
    expect(outcomes(made.assess(), 'ground/bond-downstream')).toEqual({ Bond: 'does-not-apply' });
  });
  test('a disconnect of which nobody said what it is leaves the place of the bond open', () => {
    const made = bench({
      fedBy: null,
      panel: { bond: 'strap' },
    });
    made.book.add('disconnect', 'unsaid', 'house', { fedFrom: 'service' });
    made.facts({ fedFrom: 'unsaid' });
    expect(outcomes(made.assess(), 'ground/bond-downstream')).toEqual({ Bond: 'not-seen' });
    expect(outcomes(made.assess(), rule)).toEqual({ Bond: 'not-seen', 'Disconnect 2': 'not-seen' });
  });
  test('Danger now when nothing else returns a fault', () => {
    const grade = (panel: object) => bench({ panel }).assess().findings[0]?.grade;
    expect(grade({ bond: 'none' })).toBe('urgent');
    expect(grade({ bond: 'none', otherFaultReturn: true })).toBe('urgent');
    expect(grade({ bond: 'none', otherFaultReturn: false })).toBe('danger');
  });
});
