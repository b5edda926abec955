import type { SystemName } from '../../vocabulary/system';
import { systems } from '../../vocabulary/system';
import type { Yardstick } from './yardstick';

/** A voltage that is read: a leg to neutral, or two legs. */
export const voltageReadings = {
  anV: { words: 'A to neutral', part: 'van', legs: ['A'] },
  bnV: { words: 'B to neutral', part: 'vbn', legs: ['B'] },
  cnV: { words: 'C to neutral', part: 'vcn', legs: ['C'] },
  abV: { words: 'A to B', part: 'vab', legs: ['A', 'B'] },
  bcV: { words: 'B to C', part: 'vbc', legs: ['B', 'C'] },
  caV: { words: 'C to A', part: 'vca', legs: ['C', 'A'] },
} as const satisfies Record<string, { words: string; part: string; legs: readonly string[] }>;
export type VoltageReading = keyof typeof voltageReadings;

/** The voltages of a system that are read, legs to neutral first. */
export const readingsOfSystem = (system: SystemName): VoltageReading[] => {
  const legs: readonly string[] = systems[system].legs;
  return (Object.keys(voltageReadings) as VoltageReading[]).filter((name) =>
    voltageReadings[name].legs.every((leg) => legs.includes(leg)),
  );
};

/**
 * Range A and range B of a reading, V: those of 120 V in the share its nominal voltage has of it. The
 * high leg of a delta has one range of its own.
 * @example B to neutral of a high-leg delta: 197 to 218. A to B of 208Y/120 at the service: 197.6 to 218.4.
 */
export function voltageLimits(
  { voltage }: Pick<Yardstick, 'voltage'>,
  system: SystemName,
  reading: VoltageReading,
  downstream: boolean,
): { a: [number, number]; b: [number, number] } {
  const { legToLegV, legToNeutralV } = systems[system];
  if (system === 'high-leg-delta' && reading === 'bnV')
    return { a: voltage.highLeg, b: voltage.highLeg };
  const nominal =
    voltageReadings[reading].legs.length === 2
      ? legToLegV
      : (legToNeutralV as Partial<Record<string, number>>)[voltageReadings[reading].legs[0]]!;
  const range = voltage[downstream ? 'panel' : 'service'];
  const scaled = ([low, high]: [number, number]): [number, number] => [
    (low * nominal) / 120,
    (high * nominal) / 120,
  ];
  return { a: scaled(range.a), b: scaled(range.b) };
}
