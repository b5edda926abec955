import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'breaker/overcurrent';
const at7 = (line: string) => outcomes(bench().lines(line).assess(), rule)['Breaker 7'];

describe(rule, () => {
  test.each([
    ['fires: 20 A on 14 copper', '7 20 14cu', 'found: over'],
    ['fires: 20 A on 12 aluminium', '7 20 12al', 'found: over'],
    ['fires: the thinnest of two wires rules', '7 20 12cu+14cu m2', 'found: over'],
    ['fires whatever the unread size of the other wire', '7 60 10cu', 'found: over'],
    ['clear: 15 A on 14 copper', '7 15 14cu', 'clear'],
    ['clear: 20 A on 12 copper', '7 20 12cu', 'clear'],
    ['clear: 30 A on 10 copper', '7 30 10cu', 'clear'],
    ['clear: 25 A on 10 aluminium', '7 25 10al', 'clear'],
    ['not seen: rating unread', '7 12cu m1', 'not-seen'],
    ['not seen: no conductor recorded', '7 20', 'not-seen'],
    ['not seen: 50 A on 8 copper, temperature marks unread', '7 50 8cu', 'not-seen'],
    ['fires: 50 A on 8 copper in non-metallic cable, 60 °C', '7 50 8cu in:nm', 'found: over'],
  ])('%s', (_, line, expected) => expect(at7(line)).toBe(expected));

  test('clear: 6 copper on 60 A for a range, next size up of 55', () => {
    expect(outcomes(bench().lines('10+12 60 6cu in:nm =range range').assess(), rule)).toEqual({
      'Breaker 10+12': 'clear',
    });
  });
  test('fires: next size up does not serve several receptacles', () => {
    expect(at7('7 60 6cu in:nm =outlets')).toBe('found: over');
  });
  test('a mark of 75 °C at both ends opens the next column', () => {
    const b = bench().lines('7 50 8cu');
    b.facts({ temperatureMarkC: 75 }, b.book.site.panels[0]!.devices[0]!.id);
    expect(outcomes(b.assess(), rule)['Breaker 7']).toBe('not-seen');
    expect(outcomes(bench().lines('7 50 8cu in:thw').assess(), rule)['Breaker 7']).toBe('not-seen');
    const c = bench().lines('7 50 8cu in:thw');
    c.facts({ temperatureMarkC: 75 }, c.book.site.panels[0]!.devices[0]!.id);
    expect(outcomes(c.assess(), rule)['Breaker 7']).toBe('clear');
  });
  test('half as large again is close: Danger now', () => {
    expect(
      bench()
        .lines('7 30 14cu m1')
        .assess()
        .findings.find((one) => one.verdict.rule.id === rule),
    ).toMatchObject({ likelihood: 4, grade: 'danger' });
    expect(
      bench()
        .lines('7 20 14cu m1')
        .assess()
        .findings.find((one) => one.verdict.rule.id === rule),
    ).toMatchObject({ likelihood: 3, grade: 'urgent' });
  });

  describe('air conditioner', () => {
    test.each([
      [
        'clear: 30 A on 12 copper within the nameplate',
        '9+11 30 12cu =ac mca18 mop30 cooling',
        'clear',
      ],
      ['fires: breaker over the nameplate', '9+11 40 12cu =ac mca18 mop30 cooling', 'found: plate'],
      [
        'fires: wire below the nameplate',
        '9+11 30 14cu =ac mca25 mop30 cooling',
        'found: plate-conductor',
      ],
      ['not seen: nameplate unread', '9+11 30 12cu =ac cooling', 'not-seen'],
      ['fires: no plate could make it right', '9+11 50 12cu =ac cooling', 'found: over'],
    ])('%s', (_, line, expected) =>
      expect(outcomes(bench().lines(line).assess(), rule)['Breaker 9+11']).toBe(expected),
    );
  });
  test('motor: conductor at least 125 %, breaker at most 250 % of full load', () => {
    const of = (line: string) => outcomes(bench().lines(line).assess(), rule)['Breaker 9+11'];
    expect(of('9+11 30 12cu =motor fla12 pump')).toBe('clear');
    expect(of('9+11 35 12cu =motor fla12 pump')).toBe('found: plate');
    // 250 % of 13 A is 32.5 A; the next standard size up is 35 A (430.52(C)(1) exception 1).
    expect(of('9+11 35 12cu =motor fla13 pump')).toBe('clear');
    expect(of('9+11 30 12cu =motor fla22 pump')).toBe('found: plate-conductor');
    expect(of('9+11 30 12cu =motor pump')).toBe('not-seen');
  });
});
