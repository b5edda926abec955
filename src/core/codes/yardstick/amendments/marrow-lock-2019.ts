import type { Amendment } from '../amendment';

/** An invented town's by-law, shipped as an example. */
export const marrowLock2019: Amendment = {
  id: 'marrow-lock-2019',
  title: 'Marrow Lock by-law 12 of 2019',
  over: 'us-2020',
  says: [
    'Clear depth in front of a panel: 1000 mm up to 150 V to ground',
    'Four-wire feeders to another building asked for since 1999',
    'At most four handles to turn a building off',
    'Circuits sharing a neutral switched together since 2005',
  ],
  changes: {
    workingDepth: {
      value: 40,
      unit: 'in',
      mm: 1000,
      source: {
        code: 'by-law 12, section 3',
        says: 'clear depth of 1000 mm up to 150 V to ground',
      },
    },
    fourWireFeederSince: 1999,
    ruleYears: { 'breaker/shared-neutral-no-common-disconnect': 2005 },
    mostThrows: 4,
  },
};
