import { describe, expect, test } from '@jest/globals';
import { conductorOhm } from './conductor-ohm';
import { largestDeviceA } from './conductor-limit';
import { sizes } from '../../vocabulary/size';
import { us2020 } from './us-2020';

describe('the largest device a conductor allows is a device that is made', () => {
  const metals = ['cu', 'al', 'cca'] as const;
  test.each(sizes)('%s', (size) => {
    for (const metal of metals)
      for (const column of [60, 75] as const)
        for (const receptacles of [true, false]) {
          const amps = largestDeviceA(us2020, metal, size, column, receptacles);
          if (amps !== undefined && amps >= us2020.standardRatingsA[0]!)
            expect(us2020.standardRatingsA).toContain(amps);
        }
  });
  test.each([
    ['14 copper', 'cu', '14', false, 15],
    ['6 copper, not for several receptacles: 55 A, next size up', 'cu', '6', false, 60],
    ['6 copper for several receptacles: no next size up', 'cu', '6', true, 50],
  ] as const)('%s', (_, metal, size, receptacles, expected) =>
    expect(largestDeviceA(us2020, metal, size, 60, receptacles)).toBe(expected),
  );
});

describe('ohms of a conductor', () => {
  test('small aluminium has its own, copper-clad as aluminium', () => {
    const of = (metal: 'cu' | 'al' | 'cca') => conductorOhm(us2020, '12', metal, 304_800);
    expect(of('al') / of('cu')).toBeCloseTo(3.18 / 1.93, 1);
    expect(of('cca')).toBe(of('al'));
  });
});
