import { describe, expect, test } from '@jest/globals';
import { add } from '../../../fieldwork/recording/draft';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'neutral/double';
const counted = (count: number, ...lines: string[]) =>
  bench()
    .lines(...lines)
    .facts({ conductorCount: count }, 'nbar');

describe(rule, () => {
  test('fires: two neutrals under one screw; the others clear once the bar is counted', () => {
    expect(
      outcomes(counted(3, '1 15 14cu n3', '3 15 14cu n3', '5 15 14cu n4').assess(), rule),
    ).toEqual({
      'Neutral 3': 'found: neutrals',
      'Neutral 4': 'clear',
    });
  });
  test('not seen: one neutral means at least one until counted', () => {
    expect(outcomes(bench().lines('1 15 14cu n3').assess(), rule)).toEqual({
      'Neutral 3': 'not-seen',
      'Neutral bar': 'not-seen',
    });
  });
  test('not seen: no bar recorded', () => {
    expect(outcomes(bench({ bars: false }).assess(), rule)).toEqual({ 'Neutral bar': 'not-seen' });
  });
  test('fires: neutral with ground', () => {
    expect(outcomes(bench().lines('1 15 14cu n3 g3@n').assess(), rule)).toMatchObject({
      'Neutral 3': 'found: with-ground',
    });
  });
  test('a shared neutral among them raises severity and likelihood by one: Urgent', () => {
    const { findings } = counted(2, '2 20 12cu n12', '4 20 12cu ~2', '6 15 14cu n12').assess();
    const finding = findings.find((one) => one.verdict.rule.id === rule);
    expect(finding).toMatchObject({
      grade: 'urgent',
      severity: 4,
      likelihood: 3,
      outcome: { message: 'shared' },
    });
  });
  test('legacy is said and not counted by the label; the floor holds at Repair', () => {
    const b = bench({ building: { yearBuilt: 1964 } }).lines('1 15 14cu n3', '3 15 14cu n3');
    const finding = b.assess().findings.find((one) => one.verdict.rule.id === rule)!;
    expect(finding).toMatchObject({
      grade: 'repair',
      legacy: { state: 'legacy', year: 1964, since: 2002 },
    });
    expect(
      finding.trace.find((line) =>
        line.because.includes('the listing of the equipment never allowed it'),
      ),
    ).toMatchObject({ counted: false });
  });
  test('clear: parallel conductors of one circuit in a terminal identified for them', () => {
    const b = bench().lines('1 15 14cu n3 porch');
    const [cable] = b.book.site.panels[0]!.cables;
    const [circuit] = b.book.site.panels[0]!.circuits;
    b.book.record([
      add('conductor', 'second', cable!.id, {
        function: 'neutral',
        landsOn: 'nbar/t3',
        circuit: circuit!.id,
      }),
    ]);
    b.facts({ conductorCount: 2 }, 'nbar');
    expect(outcomes(b.assess(), rule)).toEqual({ 'Neutral 3': 'found: neutrals' });
    b.facts({ takesParallel: true }, 'nbar/t3');
    expect(outcomes(b.assess(), rule)).toEqual({ 'Neutral 3': 'clear' });
  });
});
