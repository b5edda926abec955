import { describe, expect, test } from '@jest/globals';
import type { Given } from '../../testing/rule-cases';
import { answerOf, record } from '../../testing/rule-cases';
import { osierCottage } from '@/server/demo/osier-cottage';
import { assess } from '../assess/assess';
import { testSettings } from '../../testing/bench';

/** Places where a hasty check is wrong. */
const recorded = (given: Given) => record(given).book.entries;
const trap = (name: string, rule: string, given: Given, expected: string, at?: string) =>
  test(name, () =>
    expect(answerOf(rule, at ? [name, given, expected, at] : [name, given, expected])).toBe(
      expected,
    ),
  );

describe('traps', () => {
  trap(
    '6 Cu on 60 A for a range',
    'breaker/overcurrent',
    { lines: ['10+12 60 6cu in:nm m1 =range range'] },
    'clear',
  );
  trap(
    'air conditioner with nameplate',
    'breaker/overcurrent',
    { lines: ['9+11 30 12cu in:thw m1 =ac mca18 mop30 cooling'] },
    'clear',
  );
  trap(
    'air conditioner with nameplate, breaker above it',
    'breaker/overcurrent',
    { lines: ['9+11 35 12cu =ac mca18 mop30 cooling'] },
    'found: plate',
  );
  trap('breaker marked for two', 'breaker/double-tap', { lines: ['7 20 2x12cu m2'] }, 'clear');
  trap(
    'tandem allowed',
    'breaker/tandem-not-allowed',
    { panel: { labelTandemPositions: [17] }, lines: ['17 t15/15'] },
    'clear',
    'Breaker 17',
  );
  trap(
    'tandem not allowed',
    'breaker/tandem-not-allowed',
    { panel: { labelTandemPositions: [17] }, lines: ['13 t15/15'] },
    'found: tandem',
    'Breaker 13',
  );
  trap(
    'tandem halves sharing a neutral',
    'breaker/shared-neutral-same-leg',
    {
      things: [
        [
          'device',
          'a',
          'panel',
          {
            place: { kind: 'position', column: 1, row: 7 },
            form: 'tandem',
            handleRatingsA: [20, 20],
          },
        ],
        ['multiwire', 'mw', 'panel', { terminals: ['a/t1', 'a/t2'] }],
      ],
    },
    'found: same-leg',
  );
  const shared = (yearBuilt: number): Given => ({
    building: { yearBuilt },
    lines: ['2 20 12cu n12', '4 20 12cu ~2'],
    facts: { 'device 2': { tie: 'none' }, 'device 4': { tie: 'none' } },
  });
  trap(
    'shared neutral before 2008',
    'breaker/shared-neutral-no-common-disconnect',
    shared(1990),
    'found: free',
  );
  trap(
    'shared neutral after 2008',
    'breaker/shared-neutral-no-common-disconnect',
    shared(2015),
    'found: free',
  );
  test('shared neutral before 2008 is legacy and less by the evidence; after it is neither', () => {
    const at = (year: number, school: 'by-the-label' | 'by-the-evidence') =>
      assess(recorded(shared(year)), { ...testSettings, school }).findings.find(
        (one) => one.verdict.rule.id === 'breaker/shared-neutral-no-common-disconnect',
      )!;
    expect(at(1990, 'by-the-evidence').legacy!.state).toBe('legacy');
    expect(at(1990, 'by-the-evidence').likelihood).toBe(1);
    expect(at(2015, 'by-the-evidence').likelihood).toBe(2);
    expect(at(1990, 'by-the-label').likelihood).toBe(2);
  });
  trap(
    'white re-marked',
    'conductor/white-as-hot',
    { lines: ['7+9 30 10cu:b/10cu:w* in:nm'] },
    'clear',
  );
  trap(
    'disconnect outdoors making the indoor panel downstream',
    'ground/bond-downstream',
    { fedBy: 'disconnect', panel: { bond: 'screw', separateBuilding: false } },
    'found: joined',
  );
  trap(
    'disconnect outdoors: a bond wanted there is not missing here',
    'ground/bond-missing',
    { fedBy: 'disconnect', panel: { bond: 'none' } },
    'does-not-apply',
    'Bond',
  );
  const older: Given = {
    fedBy: 'disconnect',
    panel: {
      bond: 'strap',
      separateBuilding: true,
      feederHasGround: false,
      supplyRaceway: 'cable',
      metalPathBetween: false,
      groundFaultUpstream: false,
      yearBuilt: 1971,
    },
  };
  trap(
    'older three-wire feeder to another building: the bond',
    'ground/bond-downstream',
    older,
    'clear',
  );
  trap(
    'older three-wire feeder to another building: no ground',
    'ground/no-feeder-ground',
    older,
    'clear',
  );
  const fuses = (...lines: string[]): Given => ({
    panel: { panelKind: 'fuse', numbering: 'down-columns' },
    rows: 2,
    lines,
  });
  trap(
    'size-limiting inserts',
    'fuse/interchangeable-base',
    fuses('1 f15 14cu m1 insert15', '2 f20 12cu m1 insert20'),
    'clear',
  );
  trap(
    'size-limiting inserts, one too big',
    'fuse/insert-too-big',
    fuses('1 f15 14cu m1 insert20'),
    'found: big',
  );
  trap(
    'split-bus with seven throws',
    'service/no-way-to-shut-off',
    {
      panel: { panelKind: 'split-bus', mainKind: 'throws', upperRows: 4 },
      lines: Array.from({ length: 7 }, (_, index) => `${index + 1} 30 10cu`),
    },
    'found: many',
  );
  trap(
    '2/0 aluminium on a 150 A dwelling main',
    'service/conductor-undersized',
    { panel: { supplySize: '2/0', supplyMetal: 'al', wholeDwelling: true }, lines: ['main 150'] },
    'clear',
  );
  trap(
    'cover not opened: what is behind it is not seen',
    'enclosure/moisture-corrosion',
    { panel: { coverOpened: 'not-opened' } },
    'not-seen',
  );
  trap(
    'cover not opened: handles stay judged',
    'breaker/off-or-tripped',
    { panel: { coverOpened: 'not-opened' }, lines: ['7 20 12cu !tripped'] },
    'found: off',
  );
  trap(
    'cover not opened: what was established otherwise stands',
    'breaker/double-tap',
    { panel: { coverOpened: 'not-opened' }, lines: ['7 20 2x12cu m1'] },
    'found: doubled',
  );
  trap(
    'high leg with a 120 V load',
    'load/high-leg',
    { service: { serviceSystem: 'high-leg-delta' }, lines: ['3 20 12cu n4 bench'] },
    'found: high',
  );
  test('a sound modern panel gives nothing', () =>
    expect(assess(osierCottage('ines').entries, testSettings).findings).toEqual([]));
});
