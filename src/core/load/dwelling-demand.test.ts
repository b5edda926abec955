import { describe, expect, test } from '@jest/globals';
import { existingDemand, measuredDemand, optionalDemand } from './dwelling-demand';

const house = {
  floorAreaM2: 140,
  smallApplianceCircuits: 2,
  laundryCircuits: 1,
  appliancesVa: 20_000,
  coolingVa: 5_000,
  heatPumpVa: 0,
  resistanceHeatVa: 9_000,
  heatUnits: 1,
};

describe('demand of a dwelling, against the sums by hand', () => {
  test('220.82: 4620 + 4500 + 20 000, first 10 kVA whole, rest 40 %, heat 65 %', () =>
    expect(optionalDemand(house).va).toBeCloseTo(10_000 + 19_120 * 0.4 + 5_850, 6));
  test('220.82: four units of heat count 40 %, cooling then outranks them', () =>
    expect(optionalDemand({ ...house, heatUnits: 4 }).va).toBeCloseTo(
      10_000 + 19_120 * 0.4 + 5_000,
      6,
    ));
  test('220.83: first 8 kVA whole, rest 40 %, the greater of heating and cooling among it', () =>
    expect(existingDemand(house).va).toBeCloseTo(8_000 + (29_120 + 9_000 - 8_000) * 0.4, 6));
  test('220.87: 125 % of the measured peak', () =>
    expect(measuredDemand(72, 240).va).toBe(1.25 * 72 * 240));
  test('220.87 with a charger of 32 A for hours added', () =>
    expect(measuredDemand(40, 240, 32 * 240 * 1.25).va).toBe(1.25 * 40 * 240 + 9600));
  test('every line is shown, and the counted ones add up', () => {
    const { lines, va } = optionalDemand(house);
    expect(lines.slice(-3).reduce((sum, line) => sum + line.va, 0)).toBeCloseTo(va, 9);
    expect(lines).toHaveLength(7);
  });
});
