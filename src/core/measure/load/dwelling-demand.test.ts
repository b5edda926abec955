import { describe, expect, test } from '@jest/globals';
import { us2020 } from '../../codes/yardstick/us-2020';
import type { DwellingLoads } from './dwelling-demand';
import * as demand from './dwelling-demand';
import { noClimate, rangeDemandW } from './dwelling-demand';

const optionalDemand = (loads: DwellingLoads) => demand.optionalDemand(loads, us2020);
const existingDemand = (loads: DwellingLoads) => demand.existingDemand(loads, us2020);
const measuredDemand = (peakA: number, volts: number, addedVa = 0) =>
  demand.measuredDemand(peakA, volts, addedVa, us2020);

const house: DwellingLoads = {
  floorArea: { value: 140, unit: 'm²' },
  smallApplianceCircuits: 2,
  laundryCircuits: 1,
  appliancesVa: 20_000,
  climate: { ...noClimate, coolingVa: 5_000, resistanceHeatVa: 9_000, heatUnits: 1 },
  newClimate: noClimate,
};
const withClimate = (climate: Partial<DwellingLoads['climate']>): DwellingLoads => ({
  ...house,
  climate: { ...noClimate, ...climate },
});

describe('demand of a dwelling, against the sums by hand', () => {
  test('220.82: 4620 + 4500 + 20 000, first 10 kVA whole, rest 40 %, heat 65 %', () =>
    expect(optionalDemand(house).va).toBeCloseTo(10_000 + 19_120 * 0.4 + 5_850, 6));
  test('220.82: four units of heat count 40 %, cooling then outranks them', () =>
    expect(
      optionalDemand({ ...house, climate: { ...house.climate, heatUnits: 4 } }).va,
    ).toBeCloseTo(10_000 + 19_120 * 0.4 + 5_000, 6));
  test('220.83: first 8 kVA whole, rest 40 %, the greater of heating and cooling among it', () =>
    expect(existingDemand(house).va).toBeCloseTo(8_000 + (29_120 + 9_000 - 8_000) * 0.4, 6));
  test('220.87: 125 % of the measured peak', () =>
    expect(measuredDemand(72, 240).va).toBe(1.25 * 72 * 240));
  test('220.87 with a charger of 32 A for hours added', () =>
    expect(measuredDemand(40, 240, 32 * 240 * 1.25).va).toBe(1.25 * 40 * 240 + 9600));
  test('220.82: a heat pump in full, its supplementary heat at 65 %', () =>
    expect(
      optionalDemand(withClimate({ heatPumpVa: 5_000, supplementaryVa: 10_000 })).va,
    ).toBeCloseTo(10_000 + 19_120 * 0.4 + 11_500, 6));
  test('220.83: new cooling in full on top, not among the 40 %', () =>
    expect(
      existingDemand({ ...withClimate({}), newClimate: { ...noClimate, coolingVa: 5_000 } }).va,
    ).toBeCloseTo(8_000 + (29_120 - 8_000) * 0.4 + 5_000, 6));
  test('square feet at 3 VA, square metres at 33: each as it was measured', () => {
    const lines = (value: number, unit: 'm²' | 'ft²') =>
      optionalDemand({ ...house, floorArea: { value, unit } }).lines[0]!.va;
    expect(lines(1500, 'ft²')).toBe(4500);
    expect(lines(140, 'm²')).toBe(4620);
  });
  test.each([
    [5_000, 5_000],
    [12_000, 8_000],
    [14_000, 8_800],
  ])('220.55: a range of %d W counts %d W', (nameplate, counts) =>
    expect(rangeDemandW(nameplate, us2020)).toBeCloseTo(counts, 9),
  );
  test('every line is shown, and the counted ones add up', () => {
    const { lines, va } = optionalDemand(house);
    expect(lines.slice(-3).reduce((sum, line) => sum + line.va, 0)).toBeCloseTo(va, 9);
    expect(lines).toHaveLength(7);
  });
});
