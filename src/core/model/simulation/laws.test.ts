import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { wire } from './hand-networks';
import type { Branch, Network } from './network';
import { minus, scaled, sizeOf, wattsOf, zero } from './phasor';
import { ampsIn, voltsApart } from './questions';
import type { Solution } from './solve';
import { solve } from './solve';
import { windings } from './source';

/** A network of up to twelve joints with one to three sources. */
const networks = fc
  .record({
    joints: fc.integer({ min: 2, max: 12 }),
    ways: fc.array(
      fc.record({
        from: fc.nat(11),
        to: fc.nat(11),
        ohm: fc.double({ min: 0.001, max: 100, noNaN: true }),
      }),
      { minLength: 1, maxLength: 30 },
    ),
    sources: fc.array(
      fc.record({
        from: fc.nat(11),
        to: fc.nat(11),
        re: fc.integer({ min: -240, max: 240 }),
        im: fc.integer({ min: -240, max: 240 }),
      }),
      { minLength: 1, maxLength: 3 },
    ),
  })
  .map(({ joints, ways, sources }): Network => {
    const name = (index: number) => `j${index % joints}`;
    return {
      branches: [
        ...ways.map(({ from, to, ohm }, index) => wire(`w${index}`, name(from), name(to), ohm)),
        ...sources.map(({ from, to, re, im }, index) => ({
          ...wire(`s${index}`, name(from), name(to), 0.01, 'winding'),
          emf: { re, im },
        })),
      ].filter(({ from, to }) => from !== to),
    };
  });

const solved = (network: Network): Solution => {
  const answer = solve(network);
  if (!answer.ok) throw new Error(answer.reason);
  return answer.solution;
};
const power = (network: Network, { amps, volts }: Solution) => {
  let [given, taken] = [0, 0];
  for (const { id, from, to, ohm, emf = zero } of network.branches) {
    const through = amps.get(id)!;
    given += wattsOf(emf, through);
    taken += ohm === 0 ? 0 : sizeOf(through) ** 2 * ohm;
    expect(minus(volts.get(from)!, volts.get(to)!).re).not.toBeNaN();
  }
  return { given, taken };
};

describe('laws of a network', () => {
  test('currents at every joint sum to zero', () =>
    fc.assert(
      fc.property(networks, (network) => {
        const { amps } = solved(network);
        const sums = new Map<string, number>();
        let largest = 1;
        for (const { id, from, to } of network.branches) {
          const { re } = amps.get(id)!;
          largest = Math.max(largest, Math.abs(re));
          sums.set(from, (sums.get(from) ?? 0) + re);
          sums.set(to, (sums.get(to) ?? 0) - re);
        }
        for (const sum of sums.values()) expect(Math.abs(sum) / largest).toBeLessThan(1e-6);
      }),
      { numRuns: 200 },
    ));
  test('power given is power taken', () =>
    fc.assert(
      fc.property(networks, (network) => {
        const { given, taken } = power(network, solved(network));
        expect(Math.abs(given - taken)).toBeLessThanOrEqual(1e-6 * Math.max(1, taken));
      }),
      { numRuns: 200 },
    ));
  test('scaling the sources scales the currents', () =>
    fc.assert(
      fc.property(networks, fc.double({ min: 0.1, max: 10, noNaN: true }), (network, by) => {
        const more: Network = {
          branches: network.branches.map((one) => ({
            ...one,
            emf: one.emf && scaled(one.emf, by),
          })),
        };
        const [one, other] = [solved(network), solved(more)];
        const largest = Math.max(1, ...network.branches.map(({ id }) => ampsIn(other, id)));
        for (const { id } of network.branches)
          expect(Math.abs(ampsIn(other, id) - by * ampsIn(one, id)) / largest).toBeLessThan(1e-6);
      }),
      { numRuns: 100 },
    ));
});

/** A sound tree of panels: each with neutral and ground of its own to the one above, joined once, at the first. */
const trees = fc
  .array(
    fc.record({
      above: fc.nat(5),
      a: fc.integer({ min: 5, max: 200 }),
      b: fc.integer({ min: 5, max: 200 }),
    }),
    {
      minLength: 1,
      maxLength: 6,
    },
  )
  .map((panels): Network => ({
    branches: [
      ...windings('split-phase', (end) => `s:${end}`, 0.02),
      ...(['A', 'B', 'N'] as const).map((end) => wire(`f0-${end}`, `s:${end}`, `p0:${end}`, 0.01)),
      wire('bond-0', 'p0:N', 'p0:G', 0.0001, 'bond'),
      ...panels.flatMap(({ above, a, b }, index): Branch[] => {
        const [own, from] = [`p${index + 1}`, `p${Math.min(above, index)}`];
        return [
          ...(['A', 'B', 'N'] as const).map((end) =>
            wire(`${own}-${end}`, `${from}:${end}`, `${own}:${end}`, 0.03),
          ),
          wire(`ground-${own}`, `${from}:G`, `${own}:G`, 0.05, 'ground'),
          wire(`a-${own}`, `${own}:A`, `${own}:N`, a, 'load'),
          wire(`b-${own}`, `${own}:B`, `${own}:N`, b, 'load'),
        ];
      }),
    ],
  }));

describe('a sound tree of panels', () => {
  test('with neutral and ground joined once no ground carries current, joined anywhere again one does', () =>
    fc.assert(
      fc.property(trees, fc.nat(5), (tree, at) => {
        const grounds = tree.branches.filter(({ kind }) => kind === 'ground');
        const carried = (network: Network) => grounds.map(({ id }) => ampsIn(solved(network), id));
        for (const amps of carried(tree)) expect(amps).toBeLessThan(1e-6);
        const own = `p${1 + (at % grounds.length)}`;
        const joined = {
          branches: [...tree.branches, wire('again', `${own}:N`, `${own}:G`, 0.0001, 'bond')],
        };
        // The joint bridges this voltage; currents along the way may cancel in it.
        const bridged = voltsApart(solved(tree), `${own}:N`, `${own}:G`)!;
        if (bridged > 0.05) expect(Math.max(...carried(joined))).toBeGreaterThan(0.01);
        const undone = { branches: joined.branches.filter(({ id }) => id !== 'again') };
        for (const amps of carried(undone)) expect(amps).toBeLessThan(1e-6);
      }),
      { numRuns: 60 },
    ));
});

describe('currents and answers at the edge of the figures', () => {
  test('a way of 1e-18 Ω is a way without resistance: an answer, never an exception', () =>
    fc.assert(
      fc.property(networks, fc.nat(11), fc.nat(11), (network, a, b) => {
        const solved = solve({
          branches: [...network.branches, wire('none', `j${a}`, `j${b}`, 1e-18)],
        });
        expect(solved.ok || solved.reason.length > 0).toBe(true);
      }),
      { numRuns: 100 },
    ));

  test('a part that is far smaller than another is held to its own figures', () => {
    const small = [
      wire('s', 'x', 'y', 100),
      { ...wire('e', 'y', 'x', 1), emf: { re: 0.001, im: 0 } },
    ];
    const large = [
      wire('l', 'm', 'n', 0.001),
      { ...wire('f', 'n', 'm', 0.001), emf: { re: 240, im: 0 } },
    ];
    const got = solved({ branches: [...small, ...large] });
    expect(ampsIn(got, 's')).toBeCloseTo(0.001 / 101, 12);
    expect(ampsIn(got, 'l')).toBeCloseTo(120_000, 3);
  });

  test('a current under the noise of its own part is none', () => {
    const got = solved({
      branches: [
        wire('load', 'a', 'n', 10, 'load'),
        { ...wire('source', 'n', 'a', 0.01, 'winding'), emf: { re: 120, im: 0 } },
        // A loop that hangs on one joint alone carries nothing.
        wire('loop-1', 'n', 'g', 0.1),
        wire('loop-2', 'g', 'h', 0.1),
        wire('loop-3', 'h', 'n', 0.1),
      ],
    });
    for (const id of ['loop-1', 'loop-2', 'loop-3']) expect(ampsIn(got, id)).toBe(0);
  });
});
