import { describe, expect, test } from '@jest/globals';
import { familiesFile, familiesOfRows, familyRow, parseFamiliesFile } from './family-rows';
import { shippedFamilies } from './shipped';
import { shippedRecalls } from './shipped-recalls';

const shipped = { families: shippedFamilies, recalls: shippedRecalls };

describe('registry of families', () => {
  test('out as rows and in again says the same', () =>
    expect(familiesOfRows(shippedFamilies.map(familyRow))).toEqual({
      ok: true,
      value: shippedFamilies,
    }));
  test('out as a file and in again says the same', () =>
    expect(parseFamiliesFile(JSON.stringify(familiesFile(shipped, 3)))).toEqual({
      ok: true,
      value: shipped,
    }));
  test('a file from before there were recalls is read', () =>
    expect(
      parseFamiliesFile('{"format":"east-gate-families","version":1,"registry":2,"families":[]}'),
    ).toEqual({ ok: true, value: { families: [], recalls: [] } }));
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
