import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'bus/burned-position';

describe(rule, () => {
  test('fires where burned, clear where bright or only discoloured, not seen elsewhere', () => {
    const b = bench({ rows: 2 }).lines('1 20 12cu !burned');
    b.facts({ busCondition: 'bright' }, 'panel/c2r1').facts(
      { busCondition: 'discoloured' },
      'panel/c1r2',
    );
    expect(outcomes(b.assess(), rule)).toEqual({
      'Position 1': 'found: burned',
      'Position 2': 'clear',
      'Position 3': 'clear',
      'Position 4': 'not-seen',
    });
  });
  test('is Danger now by the matrix', () => {
    const finding = bench({ rows: 2 })
      .lines('1 20 12cu !burned')
      .assess()
      .findings.find((one) => one.verdict.rule.id === rule);
    expect(finding).toMatchObject({ grade: 'danger', severity: 4, likelihood: 4 });
  });
});
