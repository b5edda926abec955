import type { RuleCase } from '../../../testing/rule-cases';

const splitBus = { panelKind: 'split-bus', mainKind: 'throws', upperRows: 4 } as const;
const throws = ['1+3 40', '2+4 30', '5+7 60', '6+8 30'];
const singles = (count: number) =>
  Array.from({ length: count }, (_, index) => `${index + 1} 20 12cu`);

export const cases: readonly RuleCase[] = [
  ['seven throws of a split bus', { panel: splitBus, lines: singles(7) }, 'found: many'],
  ['nothing shuts it off', { panel: { mainThrows: 0 } }, 'found: none'],
  [
    'a separate building with seven',
    { fedBy: 'disconnect', panel: { separateBuilding: true, mainThrows: 7 } },
    'found: many',
    'Shutting off',
  ],
  ['four throws of a split bus', { panel: splitBus, lines: throws }, 'clear'],
  ['six throws', { panel: splitBus, lines: singles(6) }, 'clear'],
  [
    'eight singles of which two pairs are tied',
    { panel: splitBus, lines: [...singles(8), '1 20 tied', '3 20 tied', '2 20 tied', '4 20 tied'] },
    'clear',
  ],
  ['a main', { lines: ['main 100'] }, 'clear'],
  ['nothing recorded', {}, 'not-seen'],
  [
    'lugs only, downstream in the same building',
    { fedBy: 'disconnect', panel: { separateBuilding: false } },
    'does-not-apply',
    'Shutting off',
  ],
  [
    'seven switches that together are the service disconnect',
    { fedBy: 'disconnect', disconnect: { disconnectThrows: 7 } },
    'found: many',
    'Disconnect',
  ],
];
