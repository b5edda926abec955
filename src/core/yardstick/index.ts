import { us2020 } from './us-2020';
import type { Yardstick } from './yardstick';

/** Yardsticks this version ships, by id. */
export const yardsticks: Readonly<Record<string, Yardstick>> = { [us2020.id]: us2020 };
