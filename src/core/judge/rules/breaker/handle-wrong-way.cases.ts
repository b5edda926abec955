import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['the panel hangs upside down', { panel: { verticalHandles: 'down' } }, 'found: down'],
  ['up is on', { panel: { verticalHandles: 'up' } }, 'clear'],
  ['all handles move across', { panel: { verticalHandles: 'none' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];
