import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'ground/bond-downstream';
const of = (
  panel: object,
  fedBy: 'service' | 'disconnect' | null = 'disconnect',
  building: object = {},
) => outcomes(bench({ panel, fedBy, building }).assess(), rule);

/** Every condition of the permitted older three-wire feeder. */
const permitted = {
  bond: 'strap',
  separateBuilding: true,
  feederHasGround: false,
  metalPathBetween: false,
  groundFaultUpstream: false,
  yearBuilt: 1971,
};

describe(rule, () => {
  test('fires within one building', () =>
    expect(of({ bond: 'strap', separateBuilding: false })).toEqual({ Bond: 'found: joined' }));
  test('clear: kept apart', () => expect(of({ bond: 'none' })).toEqual({ Bond: 'clear' }));
  test('not seen: bond, or supply', () => {
    expect(of({})).toEqual({ Bond: 'not-seen' });
    expect(of({ bond: 'strap' }, null)).toEqual({ Bond: 'not-seen' });
  });
  test('does not apply at the first disconnect', () =>
    expect(of({ bond: 'strap' }, 'service')).toEqual({ Bond: 'does-not-apply' }));
  test('a disconnect outdoors makes the indoor panel downstream', () =>
    expect(of({ bond: 'screw', separateBuilding: false }, 'disconnect')).toEqual({
      Bond: 'found: joined',
    }));
  test('clear: older three-wire feeder to another building', () =>
    expect(of(permitted)).toEqual({ Bond: 'clear' }));
  test.each([
    ['a ground runs with the feeder', { feederHasGround: true }],
    ['metal joins the buildings', { metalPathBetween: true }],
    ['ground-fault protection upstream', { groundFaultUpstream: true }],
    ['the panel is of 2008 or later', { yearBuilt: 2008 }],
  ])('fires: %s', (_, change) =>
    expect(of({ ...permitted, ...change })).toEqual({ Bond: 'found: joined' }),
  );
  test('not seen, likely: a condition of the exception is not known', () => {
    const { metalPathBetween: _, ...unknown } = permitted;
    expect(of(unknown)).toEqual({ Bond: 'not-seen' });
    const { yearBuilt: __, ...noYear } = permitted;
    expect(of(noYear)).toEqual({ Bond: 'not-seen' });
    expect(of(noYear, 'disconnect', { yearBuilt: 1960 })).toEqual({ Bond: 'not-seen' });
    expect(of(noYear, 'disconnect', { yearBuilt: 2012 })).toEqual({ Bond: 'found: joined' });
  });
  test('never advises to just remove it', () => {
    const message = bench({
      panel: { bond: 'strap', separateBuilding: false },
      fedBy: 'disconnect',
    }).assess().findings[0]!.verdict.rule.messages.joined!;
    expect(message.ask).toMatch(/licensed check.*only then.*Nobody should just remove it/);
  });
});
