import { describe, expect, test } from '@jest/globals';
import { neutralAmps } from '../../measure/load/neutral-amps';
import { us2020 } from '../../codes/yardstick/us-2020';
import { conductorOhm } from '../../codes/yardstick/conductor-ohm';
import { firstDisconnect, shedNetwork, wire } from './hand-networks';
import type { Network } from './network';
import { withBranches, without } from './network';
import { sizeOf } from './phasor';
import { ampsIn, faultA, lifted, loadVolts, voltsApart } from './questions';
import { solve } from './solve';
import { windings } from './source';

const solved = (network: Network) => {
  const answer = solve(network);
  if (!answer.ok) throw new Error(answer.reason);
  return answer.solution;
};
/** To four figures. */
const same = (got: number | undefined, wanted: number) => {
  expect(got).toBeDefined();
  expect(Math.abs(got! - wanted)).toBeLessThanOrEqual(Math.abs(wanted) * 5e-5 + 1e-9);
};
const beside = (...ohms: number[]) => 1 / ohms.reduce((sum, ohm) => sum + 1 / ohm, 0);
const wye = (...loads: [string, number][]): Network => ({
  branches: [
    ...windings('wye-208', (end) => `s:${end}`, 0),
    ...loads.map(([leg, ohm]) => wire(`load-${leg}`, `s:${leg}`, 'n', ohm, 'load')),
    wire('neutral', 'n', 's:N', 0, 'neutral'),
  ],
});

describe('a panel downstream, by series and parallel resistances', () => {
  const six = conductorOhm(us2020, '6', 'cu', 40 * 304.8);
  const ten = conductorOhm(us2020, '10', 'cu', 40 * 304.8);
  const total = (back: number) => 120 / (0.01 + six + 12 + back + 0.01);

  test('no joint at the far end: all in the neutral', () => {
    const got = solved(shedNetwork({}));
    const amps = total(six);
    same(ampsIn(got, 'feeder-N'), amps);
    expect(amps.toFixed(3)).toBe('9.951');
    expect(ampsIn(got, 'feeder-G')).toBeLessThan(1e-9);
    same(voltsApart(got, 'p:N', 'p:G'), amps * six);
  });
  test('joined again: neutral and ground share it', () => {
    const got = solved(shedNetwork({ bondOhm: 0.0001 }));
    const back = beside(six, ten + 0.0001);
    const drop = total(back) * back;
    same(ampsIn(got, 'feeder-N'), drop / six);
    same(ampsIn(got, 'feeder-G'), drop / (ten + 0.0001));
    expect(ampsIn(got, 'feeder-N').toFixed(3)).toBe('7.136');
    expect(ampsIn(got, 'feeder-G').toFixed(3)).toBe('2.820');
    expect(voltsApart(got, 'p:N', 'p:G')).toBeLessThan(0.001);
  });
  test('and a copper pipe of 6 mΩ: most of it there', () => {
    const got = solved(shedNetwork({ bondOhm: 0.0001, pipeOhm: 0.006 }));
    const metal = beside(ten, 0.006);
    const back = beside(six, metal + 0.0001);
    const amps = total(back);
    const inMetal = (amps * back) / (metal + 0.0001);
    same(ampsIn(got, 'feeder-N'), (amps * back) / six);
    same(ampsIn(got, 'feeder-G'), (inMetal * metal) / ten);
    same(ampsIn(got, 'pipe'), (inMetal * metal) / 0.006);
    expect(ampsIn(got, 'pipe').toFixed(3)).toBe('6.957');
  });
  test('the feeder neutral open while joined again: all of it in ground', () => {
    const got = solved(without(shedNetwork({ bondOhm: 0.0001 }), 'feeder-N'));
    same(ampsIn(got, 'feeder-G'), total(ten + 0.0001));
  });
});

describe('split-phase', () => {
  const loads = (a: number, b: number) =>
    withBranches(
      firstDisconnect('split-phase', 0),
      wire('load-A', 'm:A', 'n', a, 'load'),
      wire('load-B', 'm:B', 'n', b, 'load'),
      wire('shared', 'n', 'm:N', 0, 'neutral'),
    );
  const ohm = (watts: number) => 120 ** 2 / watts;

  test('shared neutral lost: 1200 W and 150 W in series on 240 V', () => {
    const got = solved(without(loads(ohm(1200), ohm(150)), 'shared'));
    const [a, b] = [ohm(1200), ohm(150)];
    same(loadVolts(loads(a, b), got).get('load-A'), (240 * a) / (a + b));
    same(loadVolts(loads(a, b), got).get('load-B'), (240 * b) / (a + b));
  });
  test('14 A and 9 A on different legs: 5 A in the neutral', () => {
    const got = solved(loads(120 / 14, 120 / 9));
    same(
      ampsIn(got, 'shared'),
      neutralAmps(
        [
          { leg: 'A', amps: 14 },
          { leg: 'B', amps: 9 },
        ],
        'split-phase',
      ),
    );
    same(ampsIn(got, 'shared'), 14 - 9);
  });
  test('on the same leg: 23 A', () => {
    const both = withBranches(
      firstDisconnect('split-phase', 0),
      wire('load-A', 'm:A', 'n', 120 / 14, 'load'),
      wire('load-a', 'm:A', 'n', 120 / 9, 'load'),
      wire('shared', 'n', 'm:N', 0, 'neutral'),
    );
    same(ampsIn(solved(both), 'shared'), 14 + 9);
  });
  test('balanced: nothing in the neutral', () =>
    expect(ampsIn(solved(loads(10, 10)), 'shared')).toBeLessThan(1e-9));
  test('line to line: 240 V over the load and both conductors', () => {
    const network = withBranches(firstDisconnect(), wire('load-AB', 'm:A', 'm:B', 8, 'load'));
    same(ampsIn(solved(network), 'load-AB'), 240 / (8 + 0.02));
  });
  test('drop in a shared service neutral', () => {
    const network = withBranches(
      firstDisconnect('split-phase', 0.01),
      wire('load-A', 'm:A', 'm:N', 12, 'load'),
      wire('load-B', 'm:B', 'm:N', 24, 'load'),
    );
    // Two meshes: 120 = Ia (12.02) - Ib 0.01; 120 = Ib (24.02) - Ia 0.01, by Cramer's rule.
    const det = 12.02 * 24.02 - 0.01 ** 2;
    const [ia, ib] = [(120 * 24.02 + 120 * 0.01) / det, (120 * 12.02 + 120 * 0.01) / det];
    same(ampsIn(solved(network), 'service-N'), ia - ib);
    same(ampsIn(solved(network), 'service-A'), ia);
  });
  test('neutral lifted under load: the gap, and what a hand would carry', () => {
    const network = withBranches(
      firstDisconnect(),
      wire('load-A', 'm:A', 'n', 12, 'load'),
      wire('back', 'n', 'm:N', 0.02, 'neutral'),
    );
    const answer = lifted(network, 'back', 1000);
    if (!answer.ok) throw new Error(answer.reason);
    same(answer.gapV, 120);
    same(answer.bodyA, 120 / (12 + 1000 + 0.02));
  });
});

describe('three phases', () => {
  test('wye: leg to leg √3 times leg to neutral', () =>
    same(voltsApart(solved(wye(['A', 10])), 's:A', 's:B'), 120 * Math.sqrt(3)));
  test('wye: neutral current by the square-root formula', () => {
    const [a, b, c] = [10, 7, 4];
    const got = solved(wye(['A', 120 / a], ['B', 120 / b], ['C', 120 / c]));
    same(ampsIn(got, 'neutral'), Math.sqrt(a * a + b * b + c * c - a * b - b * c - c * a));
  });
  test('wye: star point adrift, by Millman', () => {
    const ohms = { A: 12, B: 24, C: 60 };
    const network = without(wye(...(Object.entries(ohms) as [string, number][])), 'neutral');
    const share = 1 / 12 + 1 / 24 + 1 / 60;
    const angles = { A: 0, B: (-2 * Math.PI) / 3, C: (2 * Math.PI) / 3 };
    const sum = (part: (angle: number) => number) =>
      (Object.keys(ohms) as (keyof typeof ohms)[]).reduce(
        (total, leg) => total + (120 * part(angles[leg])) / ohms[leg],
        0,
      ) / share;
    same(voltsApart(solved(network), 'n', 's:N'), Math.hypot(sum(Math.cos), sum(Math.sin)));
  });
  test('high leg: 208 V to neutral, 240 V to the others', () => {
    const network: Network = {
      branches: [
        ...windings('high-leg-delta', (end) => `s:${end}`, 0),
        wire('load', 's:B', 's:N', 50, 'load'),
      ],
    };
    const got = solved(network);
    same(voltsApart(got, 's:B', 's:N'), Math.sqrt(240 ** 2 - 120 ** 2));
    same(voltsApart(got, 's:B', 's:A'), 240);
    same(voltsApart(got, 's:B', 's:C'), 240);
  });
  test('delta of like loads: line current √3 times that of a load', () => {
    const network: Network = {
      branches: [
        ...windings('wye-208', (end) => `s:${end}`, 0),
        wire('ab', 's:A', 'm:B', 20, 'load'),
        wire('bc', 'm:B', 's:C', 20, 'load'),
        wire('ca', 's:C', 's:A', 20, 'load'),
        wire('line-B', 's:B', 'm:B', 0),
      ],
    };
    same(ampsIn(solved(network), 'line-B'), (Math.sqrt(3) * 120 * Math.sqrt(3)) / 20);
  });
});

describe('faults, earth and bridges', () => {
  const service = (windingOhm: number): Network => ({
    branches: [
      ...windings('split-phase', (end) => `s:${end}`, windingOhm),
      ...(['A', 'B', 'N'] as const).map((end) =>
        wire(`service-${end}`, `s:${end}`, `m:${end}`, 0.01),
      ),
      wire('main-bond', 'm:N', 'm:G', 0, 'bond'),
    ],
  });
  test('to neutral: one winding and out and back', () =>
    same(faultA(service(0.023), 'm:A', 'm:N'), 120 / (0.023 + 0.02)));
  test('leg to leg: both windings', () =>
    same(faultA(service(0.023), 'm:A', 'm:B'), 240 / (0.046 + 0.02)));
  test('to the enclosure by the main joint: as to neutral', () =>
    same(faultA(service(0.023), 'm:A', 'm:G'), 120 / (0.023 + 0.02)));
  test('earth alone: 25 Ω on 120 V is 4.8 A', () => {
    const network = withBranches(
      without(service(0), 'main-bond'),
      wire('rod', 'm:G', 'earth', 25, 'electrode'),
      wire('utility', 'earth', 's:N', 0, 'electrode'),
    );
    same(faultA(network, 'm:A', 'm:G'), 120 / (25 + 0.01));
    expect(faultA(network, 'm:A', 'm:G')!).toBeCloseTo(4.8, 2);
  });
  test('two rods side by side, and the utility’s own', () => {
    const network = withBranches(
      without(service(0), 'main-bond'),
      wire('rod-1', 'm:G', 'earth', 25, 'electrode'),
      wire('rod-2', 'm:G', 'earth', 40, 'electrode'),
      wire('utility', 'earth', 's:N', 5, 'electrode'),
    );
    same(faultA(network, 'm:A', 'm:G'), 120 / (beside(25, 40) + 5.01));
  });
  test('a bridge out of balance, by Thévenin', () => {
    const network: Network = {
      branches: [
        { ...wire('source', 'b', 'a', 0, 'winding'), emf: { re: 12, im: 0 } },
        wire('r1', 'a', 'c', 10),
        wire('r2', 'c', 'b', 20),
        wire('r3', 'a', 'd', 30),
        wire('r4', 'd', 'b', 15),
        wire('bridge', 'c', 'd', 5),
      ],
    };
    const open = 12 * (20 / 30 - 15 / 45);
    same(ampsIn(solved(network), 'bridge'), open / (beside(10, 20) + beside(30, 15) + 5));
  });
  test('two panels whose grounds meet: the ground of one carries current of the other', () => {
    const network = withBranches(
      firstDisconnect('split-phase', 0),
      wire('n1', 'm:N', 'p:N', 0.02, 'neutral'),
      wire('g1', 'm:G', 'p:G', 0.05, 'ground'),
      wire('g2', 'm:G', 'q:G', 0.08, 'ground'),
      wire('bond', 'p:N', 'p:G', 0, 'bond'),
      wire('pipe', 'p:G', 'q:G', 0.01, 'pipe'),
      wire('load', 'm:A', 'p:N', 12, 'load'),
    );
    const back = beside(0.02, 0.05, 0.09);
    const drop = (120 / (12 + back)) * back;
    same(ampsIn(solved(network), 'g2'), drop / 0.09);
    same(ampsIn(solved(network), 'g1'), drop / 0.05);
  });
});

describe('what has no answer', () => {
  test('a part with no path back: no number', () => {
    const network = withBranches(firstDisconnect(), wire('fence', 'x', 'y', 1, 'pipe'));
    expect(voltsApart(solved(network), 'x', 'm:N')).toBeUndefined();
    expect(voltsApart(solved(network), 'x', 'y')).toBe(0);
  });
  test('a wire lifted off its only way: the gap is no number, and it says what came loose', () => {
    const network = withBranches(firstDisconnect(), wire('spur', 'm:A', 'z', 1));
    expect(lifted(network, 'spur')).toMatchObject({ ok: true, gapV: undefined, loose: ['z'] });
  });
  test('a loop without resistance, and a resistance that is none', () => {
    const loop = withBranches(firstDisconnect(), wire('again', 'm:N', 'm:G', 0, 'bond'));
    expect(solve(loop)).toMatchObject({ ok: false, branch: 'again' });
    expect(solve({ branches: [wire('bad', 'a', 'b', -1)] })).toMatchObject({
      ok: false,
      branch: 'bad',
    });
    expect(solve({ branches: [] }).ok).toBe(true);
  });
  test('phasors keep their size', () => expect(sizeOf({ re: 3, im: 4 })).toBe(5));
});
