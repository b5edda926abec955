import { describe, expect, test } from '@jest/globals';
import { ruleById } from '../rules';
import type { Given } from '../../testing/rule-cases';
import { record } from '../../testing/rule-cases';
import { causes } from './absorb';
import { pairs } from './pairs';

const of = (given: Given) => record(given).assess().findings;
const rulesOf = (given: Given) => of(given).map((one) => one.verdict.rule.id);

describe('one cause, one finding', () => {
  test('every rule named in the lists is there', () => {
    for (const { cause, effects } of causes)
      for (const id of [cause, ...effects]) expect(ruleById.has(id)).toBe(true);
    for (const { rules } of pairs) for (const id of rules) expect(ruleById.has(id)).toBe(true);
  });
  test('a bond downstream takes over the stray current, and keeps its Danger now', () => {
    const given: Given = {
      fedBy: 'disconnect',
      panel: { bond: 'strap', separateBuilding: false },
      things: [['pipe', 'p', 'house', { pipeKind: 'gas', pipeCurrentA: 0.3 }]],
    };
    const [bond, ...rest] = of(given);
    expect(bond).toMatchObject({
      grade: 'danger',
      verdict: { rule: { id: 'ground/bond-downstream' } },
    });
    expect(rest.map((one) => one.verdict.rule.id)).not.toContain('ground/stray-current');
  });
  test('a lost neutral takes over the voltage it spoils', () => {
    const ids = rulesOf({ panel: { anV: 141, bnV: 99, abV: 240 } });
    expect(ids).toContain('reading/lost-neutral');
    expect(ids).not.toContain('reading/voltage-range');
  });
  test('heat at a doubled screw is evidence of the doubling, heat elsewhere its own finding', () => {
    const ids = rulesOf({
      lines: ['7 20 2x12cu m1', '9 20 12cu m1'],
      facts: { 'terminal 7': { heatMark: true }, 'terminal 9': { heatMark: true } },
    });
    expect(ids.filter((id) => id === 'breaker/burned-terminal')).toHaveLength(1);
    expect(ids).toContain('breaker/double-tap');
  });
  test('an improvised tie takes over what it fails to do', () => {
    const ids = rulesOf({
      lines: ['2 20 12cu n12', '4 20 12cu ~2'],
      facts: { 'device 2': { tie: 'improvised' }, 'device 4': { tie: 'improvised' } },
    });
    expect(ids).toContain('breaker/improvised-tie');
    expect(ids).not.toContain('breaker/shared-neutral-no-common-disconnect');
  });
  test('a burned stab and the clip burned on it are one; heat at the screw stays its own', () => {
    const given = (about: string): Given => ({
      lines: ['7 20 12cu m1 !burned'],
      facts: { [about]: { heatMark: true } },
    });
    expect(rulesOf(given('device 7'))).not.toContain('breaker/burned-terminal');
    expect(rulesOf(given('device 7'))).toContain('bus/burned-position');
    expect(rulesOf(given('terminal 7'))).toContain('breaker/burned-terminal');
  });
});

describe('an observation of the panel', () => {
  const traced = (rule: string, panel: object) =>
    of({ lines: ['24 open!'], panel: { directory: 'missing', ...panel } })
      .find((one) => one.verdict.rule.id === rule)!
      .trace.map(({ because }) => because)
      .join('; ');
  test('does not move what merely has the panel as its place', () => {
    expect(traced('labels/directory', { heatMark: true })).toBe(traced('labels/directory', {}));
    expect(traced('labels/directory', { heatMark: true })).not.toContain('heat');
  });

  type Row = [string, string, string, Given];
  test.each<Row>([
    [
      'a tap tells of the second conductor in its lug',
      'service/tap-before-main',
      'service/double-lug',
      { facts: { 'panel/l1': { besideSupply: 'circuit', lugHolds: 2, lugTakes: 1 } } },
    ],
    [
      'a wire nobody followed, where a solar supply comes in ahead of the main, is that supply’s',
      'service/solar',
      'service/tap-before-main',
      {
        facts: { 'panel/l1': { besideSupply: 'unknown' } },
        things: [
          [
            'source',
            's',
            'house',
            {
              sourceKind: 'inverter',
              sourceTap: 'supply-side',
              tapSwitch: 'none',
              rapidShutdownMark: true,
            },
          ],
        ],
      },
    ],
    [
      'two legs that are one tell of the neutral two of their circuits share',
      'bus/one-leg-feed',
      'breaker/shared-neutral-same-leg',
      { panel: { legFeed: 'jumpered' }, lines: ['1 20 12cu m1 n1', '5 20 12cu m1 ~1'] },
    ],
    [
      'a supply neutral on the ground bar tells of the joint it makes',
      'neutral/through-ground-bar',
      'ground/bond-downstream',
      {
        fedBy: 'disconnect',
        panel: { supplyNeutralOn: 'ground-bar', bond: 'strap', separateBuilding: false },
      },
    ],
    [
      'aluminium at a breaker for copper tells how it fits',
      'conductor/aluminium-at-breaker',
      'breaker/terminal-fit',
      {
        lines: ['1+3 50 6al m1 in:se'],
        facts: { 'device 1': { markedForAl: false }, 'terminal 1': { terminalFit: 'strands' } },
      },
    ],
    [
      'a charger tells what its circuit carries',
      'load/vehicle-charger',
      'load/circuit',
      {
        lines: ['1+3 30 10cu m1 =charger'],
        facts: {
          'load 1': { chargerConnection: 'hard-wired', chargerA: 40, listedW: 9600 },
        },
      },
    ],
    [
      'two neutrals under one screw tell that they differ in size',
      'neutral/double',
      'ground/bar-screw',
      { lines: ['1 15 14cu m1 n3 in:nm', '3 20 12cu m1 n3 in:nm'] },
    ],
  ])('%s', (_, cause, effect, given) => {
    const ids = rulesOf(given);
    expect(ids).toContain(cause);
    expect(ids).not.toContain(effect);
    // It is what is absorbed: the rule itself finds it.
    const { verdicts } = record(given).assess();
    expect(
      verdicts.some(({ rule, outcome }) => rule.id === effect && outcome.outcome === 'found'),
    ).toBe(true);
  });
  test('what is not of that cause stays: a tap to a circuit beside a solar supply', () => {
    const ids = rulesOf({
      facts: { 'panel/l1': { besideSupply: 'circuit' } },
      things: [
        [
          'source',
          's',
          'house',
          { sourceKind: 'inverter', sourceTap: 'supply-side', tapSwitch: 'none' },
        ],
      ],
    });
    expect(ids).toEqual(expect.arrayContaining(['service/solar', 'service/tap-before-main']));
  });
});
