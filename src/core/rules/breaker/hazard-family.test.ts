import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../testing/bench';

const rule = 'breaker/hazard-family';
const of = (panel: object) => outcomes(bench({ panel }).assess(), rule);
const place = 'The panel’s family';

describe(rule, () => {
  test('fires for a nameplate mapped to a family', () =>
    expect(of({ maker: 'dunvarick', model: 'FS-24' })).toEqual({ [place]: 'found: family' }));
  test('clear for a maker without one', () =>
    expect(of({ maker: 'Tarnholt' })).toEqual({ [place]: 'clear' }));
  test('clear for another model of the maker', () =>
    expect(of({ maker: 'Dunvarick', model: 'Q-8' })).toEqual({ [place]: 'clear' }));
  test('not seen: maker or model unread', () => {
    expect(of({})).toEqual({ [place]: 'not-seen' });
    expect(of({ maker: 'Dunvarick' })).toEqual({ [place]: 'not-seen' });
  });
  test('heat anywhere in the panel raises it by one', () => {
    const panel = { maker: 'Dunvarick', model: 'FS-24' };
    const graded = (line: string) =>
      bench({ panel })
        .lines(line)
        .assess()
        .findings.find((one) => one.verdict.rule.id === rule);
    expect(graded('7 20 12cu m1')).toMatchObject({ grade: 'repair', likelihood: 2 });
    expect(graded('7 20 12cu m1 !heat')).toMatchObject({ grade: 'urgent', likelihood: 3 });
  });
});
