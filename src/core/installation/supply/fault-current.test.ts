import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { us2020 } from '../../codes/yardstick/us-2020';
import { systems } from '../../vocabulary/system';
import type { SystemName } from '../../vocabulary/system';
import { windings } from '../../model/simulation/source';
import { faultA } from '../../model/simulation/questions';
import { faultAtPanelA, faultAtTransformerA, windingOhm } from './fault-current';

const small = { kva: 25, impedancePercent: 2 };
const big = { kva: 112.5, impedancePercent: 2.1 };

describe('fault current', () => {
  test('25 kVA, 2 %, 240 V: 5208 A line to line, half as much again line to neutral', () =>
    expect(faultAtTransformerA('split-phase', small)).toBeCloseTo(5208.333 * 1.5, 0));
  test('112.5 kVA, 2.1 %, 208 V in three phases, over √3', () =>
    expect(faultAtTransformerA('wye-208', big)).toBeCloseTo(
      112_500 / (Math.sqrt(3) * 208 * 0.021),
      6,
    ));
  test('30 m of 3/0 copper, by hand: 0.0766 Ω per 1000 ft, cold, one way, in quadrature', () => {
    const ohm = ((0.0766 * 0.84) / 1000) * (30 / 0.3048);
    const phaseV = 208 / Math.sqrt(3);
    const reactance = phaseV / faultAtTransformerA('wye-208', big);
    expect(
      faultAtPanelA(us2020, 'wye-208', big, {
        size: '3/0',
        metal: 'cu',
        length: { value: 30, unit: 'm' },
      }),
    ).toBeCloseTo(phaseV / Math.sqrt(reactance ** 2 + ohm ** 2), 6);
  });
  test('two legs of 208Y/120 are those of a three-phase transformer', () =>
    expect(faultAtTransformerA('wye-208-two-legs', big)).toBeCloseTo(
      faultAtTransformerA('wye-208', big),
      9,
    ));
  test.each(['wye-208', 'wye-208-two-legs', 'wye-480'] as const)(
    'the winding of the circuit model gives the same fault current: %s',
    (system: SystemName) => {
      const network = {
        branches: windings(system, (end) => `s:${end}`, windingOhm(system, big)),
      };
      const inModel = faultA(network, 's:A', 's:N')!;
      // The model's windings have the nominal voltage to neutral, 120 or 277.
      const nominal = systems[system].legToNeutralV.A * Math.sqrt(3);
      expect(inModel / faultAtTransformerA(system, big)).toBeCloseTo(
        nominal / systems[system].legToLegV,
        6,
      );
    },
  );
  test('law: a longer run never has more, and none has more than the transformer gives', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 200 }), fc.integer({ min: 0, max: 200 }), (a, b) => {
        const at = (metres: number) =>
          faultAtPanelA(us2020, 'split-phase', small, {
            size: '2/0',
            metal: 'al',
            length: { value: metres, unit: 'm' },
          })!;
        expect(at(Math.max(a, b))).toBeLessThanOrEqual(at(Math.min(a, b)) + 1e-9);
        expect(at(a)).toBeLessThanOrEqual(faultAtTransformerA('split-phase', small) + 1e-9);
      }),
    );
  });
});
