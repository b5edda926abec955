import { describe, expect, test } from '@jest/globals';
import { familiesFile, familiesOfRows, familyRow, parseFamiliesFile } from './family-rows';
import { shippedFamilies } from './shipped';

describe('registry of families', () => {
  test('out as rows and in again says the same', () =>
    expect(familiesOfRows(shippedFamilies.map(familyRow))).toEqual({
      ok: true,
      value: shippedFamilies,
    }));
  test('out as a file and in again says the same', () =>
    expect(parseFamiliesFile(JSON.stringify(familiesFile(shippedFamilies, 3)))).toEqual({
      ok: true,
      value: shippedFamilies,
    }));
  test('a fault names its line, what was expected and what was there; nothing is half-read', () => {
    const rows = shippedFamilies.map(familyRow);
    rows[1] = { ...rows[1]!, severity: '9' };
    const result = familiesOfRows(rows);
    expect(result.ok).toBe(false);
    expect(!result.ok && result.faults[0]).toMatchObject({ path: 'line 3.severity', got: '9' });
  });
  test('an unknown trait value and an id used twice are refused', () => {
    const [first] = shippedFamilies.map(familyRow);
    expect(familiesOfRows([{ ...first!, busMetal: 'gold 0.5' }]).ok).toBe(false);
    expect(familiesOfRows([first!, first!]).ok).toBe(false);
    expect(parseFamiliesFile('{').ok).toBe(false);
    expect(parseFamiliesFile('{"format":"other"}').ok).toBe(false);
  });
});
