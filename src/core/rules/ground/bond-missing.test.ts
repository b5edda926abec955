import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../testing/bench';

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
    expect(of({ bond: 'none' }, 'disconnect')).toEqual({ Bond: 'does-not-apply' }));
  test('Danger now when nothing else returns a fault', () => {
    const grade = (panel: object) => bench({ panel }).assess().findings[0]?.grade;
    expect(grade({ bond: 'none' })).toBe('urgent');
    expect(grade({ bond: 'none', otherFaultReturn: true })).toBe('urgent');
    expect(grade({ bond: 'none', otherFaultReturn: false })).toBe('danger');
  });
});
