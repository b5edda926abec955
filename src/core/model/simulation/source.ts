import type { SystemName } from '../../vocabulary/system';
import type { Branch } from './network';
import { phasor } from './phasor';

/** V of each leg over the neutral, with its phase in degrees. */
export const legSources: Record<SystemName, Partial<Record<'A' | 'B' | 'C', [number, number]>>> = {
  'split-phase': { A: [120, 0], B: [120, 180] },
  'wye-208': { A: [120, 0], B: [120, -120], C: [120, 120] },
  'wye-208-two-legs': { A: [120, 0], B: [120, -120] },
  'high-leg-delta': { A: [120, 0], B: [120 * Math.sqrt(3), -90], C: [120, 180] },
  'wye-480': { A: [277, 0], B: [277, -120], C: [277, 120] },
};

/** Windings of a transformer from its neutral point to each leg. */
export function windings(
  system: SystemName,
  joint: (leg: 'A' | 'B' | 'C' | 'N') => string,
  ohm: number,
): Branch[] {
  return Object.entries(legSources[system]).map(([leg, [volts, degrees]]) => ({
    id: `${joint('N')}-winding-${leg}`,
    from: joint('N'),
    to: joint(leg as 'A' | 'B' | 'C'),
    ohm,
    emf: phasor(volts, degrees),
    kind: 'winding',
    words: `winding of leg ${leg}`,
  }));
}
