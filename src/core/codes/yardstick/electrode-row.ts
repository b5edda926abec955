import type { Metal, Size } from '../../vocabulary/size';
import type { AreaLimit, Yardstick } from './yardstick';

/**
 * 250.66: the row for a service conductor, the areas of parallel sets added up.
 * @example two sets of 3/0 copper, 335.6 kcmil: 2 copper.
 */
export function electrodeRow(
  yardstick: Yardstick,
  size: Size,
  metal: Metal,
  sets = 1,
): { cu: Size; al: Size } {
  const area = sets * yardstick.areaKcmil[size];
  const upTo = (limit: AreaLimit) =>
    limit === 'more'
      ? Infinity
      : limit in yardstick.areaKcmil
        ? yardstick.areaKcmil[limit as Size]
        : Number(limit);
  return yardstick.electrodeConductor.find(
    (row) => area <= upTo(metal === 'cu' ? row.cuUpTo : row.alUpTo) + 1e-9,
  )!;
}
