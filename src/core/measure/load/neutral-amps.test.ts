import { describe, expect, test } from '@jest/globals';
import type { Leg, SystemName } from '../../vocabulary/system';
import { neutralAmps } from './neutral-amps';

describe('current in a shared neutral, by the system', () => {
  test.each<[SystemName, [Leg, number][], number]>([
    [
      'split-phase',
      [
        ['A', 14],
        ['B', 9],
      ],
      5,
    ],
    [
      'split-phase',
      [
        ['A', 14],
        ['A', 9],
      ],
      23,
    ],
    // Against the vector sum at 120 degrees.
    [
      'wye-208',
      [
        ['A', 10],
        ['B', 10],
        ['C', 10],
      ],
      0,
    ],
    [
      'wye-208',
      [
        ['A', 10],
        ['B', 10],
      ],
      10,
    ],
    [
      'wye-208',
      [
        ['A', 12],
        ['B', 8],
        ['C', 5],
      ],
      Math.hypot(12 - 4 - 2.5, (8 - 5) * Math.sin(Math.PI / 3)),
    ],
    [
      'wye-208-two-legs',
      [
        ['A', 16],
        ['B', 16],
      ],
      16,
    ],
    ['wye-480', [['C', 7]], 7],
    [
      'high-leg-delta',
      [
        ['A', 14],
        ['C', 9],
      ],
      5,
    ],
  ])('%s %j: %f A', (system, currents, amps) =>
    expect(
      neutralAmps(
        currents.map(([leg, a]) => ({ leg, amps: a })),
        system,
      ),
    ).toBeCloseTo(amps, 9),
  );
});
