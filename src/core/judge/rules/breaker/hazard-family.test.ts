import { describe, expect, test } from '@jest/globals';
import { bench, outcomes, testSettings } from '../../../testing/bench';

const rule = 'breaker/hazard-family';
const of = (panel: object) => outcomes(bench({ panel }).assess(), rule);
const place = 'The panel’s family';

describe(rule, () => {
  test('fires for a nameplate mapped to a family', () =>
    expect(of({ maker: 'dunvarick', model: 'FS-24' })).toEqual({ [place]: 'found: family' }));
  test('clear for a family without a history', () =>
    expect(of({ maker: 'Tarnholt', model: 'TL-24' })).toEqual({ [place]: 'clear' }));
  test('not seen: a model or a maker nobody has judged', () => {
    expect(of({ maker: 'Dunvarick', model: 'Q-8' })).toEqual({ [place]: 'not-seen' });
    expect(of({ maker: 'Skerrow', model: 'S1' })).toEqual({ [place]: 'not-seen' });
  });
  test('a maker mapped as a whole is found without its model', () => {
    const families = testSettings.families.map((family) =>
      family.id === 'friction-stab'
        ? { ...family, nameplates: [{ maker: 'Skerrow', models: ['*'] }] }
        : family,
    );
    const made = bench({ panel: { maker: 'Skerrow' } }).assess({ ...testSettings, families });
    expect(outcomes(made, rule)).toEqual({ [place]: 'found: family' });
  });
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
