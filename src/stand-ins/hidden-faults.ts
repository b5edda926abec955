import type { WhatIf } from '@/core/vocabulary/what-if';

/** What is wrong in a house of the demo that nobody recorded: readings show it. */
export interface HiddenFaults {
  whatIf: WhatIf;
  /** Rise over a sound joint at full load, K, by terminal label of a panel. */
  hot: Readonly<Record<string, number>>;
  /** Loads switched on that nobody recorded, A at 120 V, by terminal label of a panel. */
  loadsA: Readonly<Record<string, number>>;
}

export const sound: HiddenFaults = { whatIf: {}, hot: {}, loadsA: {} };

/**
 * By inspection: the houses of the demo. Stand-ins answer in these alone, so that no figure of a model
 * is ever recorded as measured in a real house.
 */
export const hiddenFaults: Readonly<Partial<Record<string, HiddenFaults>>> = {
  'quay-bakery': sound,
  'osier-cottage': sound,
  chandlery: sound,
  ropewalk: sound,
  /** The utility's neutral is failing at the mast; a joint at breaker 15 is going. */
  'lock-keepers-house': {
    whatIf: { set: { 'line-neutral:lock-service': 2.5 } },
    hot: { 'lock-main:15': 60 },
    loadsA: { 'lock-main:15': 14, 'lock-main:18': 13, 'lock-main:2': 14 },
  },
  'net-loft': {
    whatIf: {},
    hot: { 'loft-panel:4': 45 },
    loadsA: { 'loft-panel:4': 14, 'loft-panel:3': 12 },
  },
};
