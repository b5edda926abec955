import type { Metal, Size } from '../../vocabulary/size';
import { powerSizes } from '../../vocabulary/size';
import { electrodeRow } from './electrode-row';
import type { Yardstick } from './yardstick';

/**
 * 250.102(C): least main or supply-side bonding jumper for a supply, the areas of parallel sets added up. As the
 * table of electrode conductors up to 1100 kcmil copper or 1750 aluminium; beyond it a share of the area.
 * @example three sets of 500 copper, 1500 kcmil: 187.5 kcmil, so 4/0 copper.
 */
export function bondingJumper(
  yardstick: Yardstick,
  size: Size,
  metal: Metal,
  sets = 1,
): { cu: Size; al: Size } {
  const area = sets * yardstick.areaKcmil[size];
  const beyond = metal === 'cu' ? 1100 : 1750;
  if (area <= beyond) return electrodeRow(yardstick, size, metal, sets);
  const least = powerSizes.find((one) => yardstick.areaKcmil[one] >= yardstick.jumperShare * area);
  const last = least ?? powerSizes.at(-1)!;
  return { cu: last, al: last };
}
