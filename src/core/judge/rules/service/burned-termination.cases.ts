import type { RuleCase } from '../../../testing/rule-cases';

const at = 'Lug B';

export const cases: readonly RuleCase[] = [
  ['discoloured', { facts: { 'panel/l2': { lugCondition: 'discoloured' } } }, 'found: hot', at],
  ['a heat mark noted on it', { facts: { 'panel/l2': { heatMark: true } } }, 'found: hot', at],
  ['melted', { facts: { 'panel/l2': { lugCondition: 'melted' } } }, 'found: burned', at],
  [
    'the neutral’s pitted',
    { facts: { 'panel/ln': { lugCondition: 'pitted' } } },
    'found: burned',
    'Neutral lug',
  ],
  [
    'heat on the main',
    { lines: ['main 100'], facts: { main: { heatMark: true } } },
    'found: hot',
    'The main',
  ],
  ['the disconnect charred', { disconnect: { melted: true } }, 'found: burned', 'Disconnect'],
  ['disconnect not looked at', {}, 'not-seen', 'Disconnect'],
  ['sound', { facts: { 'panel/l2': { lugCondition: 'sound' } } }, 'clear', at],
  ['never looked', {}, 'not-seen'],
];
