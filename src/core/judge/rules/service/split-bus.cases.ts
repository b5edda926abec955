import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'split-bus',
    { panel: { panelKind: 'split-bus', mainKind: 'throws', upperRows: 3 } },
    'found: split',
  ],
  ['breaker panel', { panel: { panelKind: 'breaker' } }, 'clear'],
  ['one main', { lines: ['main 100'] }, 'clear'],
  ['nothing recorded', {}, 'not-seen'],
];
