import { describe, expect, test } from '@jest/globals';
import type { Bench } from '../../testing/bench';
import { bench, testSettings } from '../../testing/bench';
import { assess } from '../../judge/assess/assess';
import { casesByRule } from '../../judge/rules/cases';
import { record } from '../../testing/rule-cases';
import { worthTelling } from './worth-telling';

const told = (made: Bench) =>
  worthTelling(assess(made.book.entries, testSettings)).map(({ title, places }) => [title, places]);
const opened = { panel: { coverOpened: 'opened' as const } };

describe('clear answers worth telling', () => {
  test('a screw marked for two with two under it', () => {
    expect(told(bench(opened).lines('7 20 2x12cu:b m2 kitchen'))).toEqual([
      ['Two wires under one screw, as marked', ['Breaker 7']],
    ]);
    expect(told(bench(opened).lines('7 20 2x12cu:b m1 kitchen'))).toEqual([]);
    expect(told(bench(opened).lines('7 20 12cu:b m2 kitchen'))).toEqual([]);
  });

  test('one electrode shared by two meters; not where one is apart', () => {
    const made = bench();
    made.book.add('meter', 'm1', 'house', {});
    made.book.add('electrode', 'rod', 'house', { electrodeKind: 'rod', electrodeJoined: 'joined' });
    expect(told(made)).toEqual([]);
    made.book.add('meter', 'm2', 'house', {});
    expect(told(made).map(([title]) => title)).toEqual([
      'One grounding electrode for all, and right',
    ]);
    made.book.add('electrode', 'rod2', 'house', {
      electrodeKind: 'rod',
      electrodeJoined: 'not-joined',
    });
    expect(told(made)).toEqual([]);
  });

  test.each([
    ['fuse/interchangeable-base', /^Permitted while untouched: fuse bases/],
    ['ground/three-wire-appliance', /^Permitted while untouched: a three-wire/],
    ['ground/bond-downstream', /^Permitted while untouched: an older three-wire/],
    ['breaker/overcurrent', /^Larger than the wire alone would allow/],
  ] as const)(
    '%s: some clear case of it is worth telling, and says what ends it',
    (rule, title) => {
      const cases = casesByRule.get(rule)!.filter(([, , outcome]) => outcome === 'clear');
      const lines = cases.flatMap(([, facts]) =>
        worthTelling(assess(record(facts).book.entries, testSettings)),
      );
      const [line] = lines.filter((one) => title.test(one.title));
      expect(line).toBeDefined();
      expect(line!.places.length).toBeGreaterThan(0);
      if (/untouched/.test(line!.title)) expect(line!.says).toMatch(/It ends /);
    },
  );
});
