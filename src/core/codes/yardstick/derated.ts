import { largestDeviceA, nextStandardA, standardWithinA } from './conductor-limit';
import { ampacityOf } from './conductor-limit';
import type { ConductorMetal, Size } from '../../vocabulary/size';
import type { AmpacityColumn, Yardstick } from './yardstick';

export interface Surroundings {
  /** Current-carrying conductors together. */
  count: number;
  /** Air around them, °C. */
  ambientC: number;
  /** Column of the insulation the derating starts from. */
  from: AmpacityColumn;
  /** Column of the terminals that caps it. */
  terminals: AmpacityColumn;
  severalReceptacles: boolean;
}

/**
 * Largest ordinary overcurrent device, A, of a conductor bundled with others in warm air: its own
 * column by 310.15(C)(1) and 310.15(B)(1), capped by what the terminal column and 240.4(D) allow.
 * @example nine 12 copper from the 90 °C column at 30 °C: 30 × 0.7 = 21 A, capped at 20 A.
 */
export function deratedDeviceA(
  yardstick: Yardstick,
  metal: ConductorMetal,
  size: Size,
  { count, ambientC, from, terminals, severalReceptacles }: Surroundings,
): number {
  const ampacity = ampacityOf(yardstick, metal, size, from) ?? 0;
  const bundle = yardstick.bundleFactor.find((row) => count <= row.upTo)!.factor;
  const ambient = yardstick.ambientFactor.find((row) => ambientC <= row.upToC)?.[from] ?? 0;
  const leftA = ampacity * bundle * ambient;
  const own = severalReceptacles
    ? standardWithinA(yardstick, leftA)
    : nextStandardA(yardstick, leftA);
  const cap = largestDeviceA(yardstick, metal, size, terminals, severalReceptacles) ?? 0;
  return Math.min(own, cap);
}
