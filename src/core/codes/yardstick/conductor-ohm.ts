import type { ConductorMetal, Size } from '../../vocabulary/size';
import { tableMetal } from '../../vocabulary/size';
import type { Yardstick } from './yardstick';

const mmPerKft = 304_800;

/**
 * Resistance of one conductor at 75 °C, Ω, from chapter 9, table 8. Copper-clad aluminium
 * has the figures of aluminium.
 * @example 40 ft of 6 copper: 0.01964.
 */
export const conductorOhm = (
  { ohmPerKft }: Yardstick,
  size: Size,
  metal: ConductorMetal,
  lengthMm: number,
): number => (ohmPerKft[tableMetal(metal)][size] * lengthMm) / mmPerKft;

/** Of a raceway or pipe by its Ω per 1000 ft. */
export const runOhm = (perKft: number, lengthMm: number): number => (perKft * lengthMm) / mmPerKft;
