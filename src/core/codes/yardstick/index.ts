import { byId } from '../../vocabulary/by-id';
import type { Amendment } from './amendment';
import { amended } from './amendment';
import { marrowLock2019 } from './amendments/marrow-lock-2019';
import { us2020 } from './us-2020';
import type { Yardstick } from './yardstick';

/** Yardsticks this version ships, by id. */
export const yardsticks: Readonly<Record<string, Yardstick>> = byId([us2020]);

/** Amendments this version ships, by id. */
export const amendments: Readonly<Record<string, Amendment>> = byId([marrowLock2019]);

/** By which yardstick and amendments an inspection is measured, by id. */
export interface Measured {
  yardstick: string;
  amendments: readonly string[];
}

const laidOver = new Map<string, Yardstick>();

/** The yardstick of an inspection with its amendments laid over. Throws where this version lacks one. */
export function yardstickOf({ yardstick: id, amendments: laid }: Measured): Yardstick {
  const base = yardsticks[id];
  if (!base) throw new Error(`No yardstick ${id} in this version`);
  if (laid.length === 0) return base;
  const key = [id, ...laid].join('|');
  let yardstick = laidOver.get(key);
  if (!yardstick) {
    const found = laid.map((one) => {
      const amendment = amendments[one];
      if (!amendment || amendment.over !== id)
        throw new Error(`No amendment ${one} of ${id} in this version`);
      return amendment;
    });
    yardstick = amended(base, found);
    laidOver.set(key, yardstick);
  }
  return yardstick;
}
