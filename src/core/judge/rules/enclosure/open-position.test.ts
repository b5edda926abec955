import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'enclosure/open-position';
const small = () => bench({ rows: 3 });

describe(rule, () => {
  test('fires, is clear, not seen and does not apply, position by position', () => {
    const result = outcomes(small().lines('1 open', '2 blank', '3 20', '4 covered').assess(), rule);
    expect(result).toEqual({
      'Opening 1': 'found: open',
      'Position 2': 'clear',
      'Position 3': 'does-not-apply',
      'Position 4': 'clear',
      'Position 5': 'not-seen',
      'Position 6': 'not-seen',
    });
  });
  test('one opening is Urgent: reach is in the base already', () => {
    const { findings } = small().lines('1 open').assess();
    expect(findings).toMatchObject([{ grade: 'urgent', severity: 4, likelihood: 3 }]);
  });
  test('Danger now: two positions high', () => {
    const { findings } = small().lines('1 open', '3 open').assess();
    expect(findings.map(({ grade, outcome }) => [grade, outcome.message])).toEqual([
      ['danger', 'wide'],
    ]);
    expect(findings[0]!.verdict.place.formerly).toEqual(['panel/c1r2']);
  });
  test('openings opposite each other are not one opening', () => {
    expect(outcomes(small().lines('1 open', '2 open').assess(), rule)).toMatchObject({
      'Opening 1': 'found: open',
      'Opening 2': 'found: open',
    });
  });
  test('Danger now: bare live metal in its plane', () => {
    expect(small().lines('1 open!').assess().findings).toMatchObject([
      { grade: 'danger', outcome: { message: 'live-metal' } },
    ]);
  });
  test('children at its place raise what is in reach, and never to Danger now alone', () => {
    const { findings } = bench({ rows: 3, panel: { childrenNear: true } })
      .lines('1 open')
      .assess();
    expect(findings).toMatchObject([{ grade: 'urgent', likelihood: 4 }]);
    expect(findings[0]!.trace.at(-1)).toMatchObject({ moves: 'at most Urgent', counted: true });
  });
});
