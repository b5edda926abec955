import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'breaker/shared-neutral-same-leg';

describe(rule, () => {
  test('fires: 2 and 6 are one leg; the sum is shown', () => {
    const assessment = bench().lines('2 20 12cu n1', '6 20 12cu ~2').assess();
    expect(outcomes(assessment, rule)).toEqual({ 'Breakers 2 and 6': 'found: same-leg' });
    expect(
      assessment.findings.find((one) => one.verdict.rule.id === rule)?.outcome.data,
    ).toMatchObject({ sumA: 40, differenceA: 0, leg: 'A' });
  });
  test('clear: neighbours down a column are different legs', () => {
    expect(outcomes(bench().lines('2 20 12cu n1', '4 20 12cu ~2').assess(), rule)).toEqual({
      'Breakers 2 and 4': 'clear',
    });
  });
  test('fires: the halves of a tandem are one leg', () => {
    expect(
      outcomes(bench().lines('13 t15/15 14cu/14cu n1', '13 t15/15 ~13').assess(), rule),
    ).toEqual({ 'Breakers 13a and 13b': 'found: same-leg' });
  });
  test('opposite positions share a leg', () => {
    expect(outcomes(bench().lines('1 20 12cu n1', '2 20 12cu ~1').assess(), rule)).toEqual({
      'Breakers 1 and 2': 'found: same-leg',
    });
  });
  test('not seen: only one of the hots is known', () => {
    const b = bench().lines('2 20 12cu n1', '4 20 12cu ~2');
    const { id } = b.book.site.panels[0]!.multiwires[0]!;
    b.facts({ terminals: [b.book.site.panels[0]!.devices[0]!.terminals[0]!.ref] }, id);
    expect(outcomes(b.assess(), rule)).toEqual({ 'Breakers 2': 'not-seen' });
  });
});
