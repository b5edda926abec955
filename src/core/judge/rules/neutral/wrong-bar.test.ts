import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'neutral/wrong-bar';
const place = 'Ground bar right';

describe(rule, () => {
  test('fires downstream', () => {
    expect(outcomes(bench({ fedBy: 'disconnect' }).lines('1 15 14cu n3@g').assess(), rule)).toEqual(
      { [place]: 'found: on-ground-bar' },
    );
  });
  test('does not apply at the first disconnect', () => {
    expect(outcomes(bench({ fedBy: 'service' }).lines('1 15 14cu n3@g').assess(), rule)).toEqual({
      [place]: 'does-not-apply',
    });
  });
  test('not seen: what feeds the panel', () => {
    expect(outcomes(bench({ fedBy: null }).lines('1 15 14cu n3@g').assess(), rule)).toEqual({
      [place]: 'not-seen',
    });
  });
  test('clear only when the bar was counted', () => {
    const b = bench({ fedBy: 'disconnect' }).lines('1 15 14cu n3 g1');
    expect(outcomes(b.assess(), rule)).toEqual({ [place]: 'not-seen' });
    expect(outcomes(b.facts({ conductorCount: 1 }, 'gbar').assess(), rule)).toEqual({
      [place]: 'clear',
    });
  });
  test('one cause, one finding: a bond downstream takes it over as evidence', () => {
    const { findings } = bench({
      fedBy: 'disconnect',
      panel: { bond: 'strap', separateBuilding: false },
    })
      .lines('1 15 14cu n3@g')
      .assess();
    expect(findings.map(({ verdict }) => verdict.rule.id)).not.toContain(rule);
    const cause = findings.find(({ verdict }) => verdict.rule.id === 'ground/bond-downstream');
    expect(cause?.absorbed.map((one) => one.rule.id)).toEqual([rule]);
  });
});
