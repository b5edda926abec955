import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    'screws missing after the visit',
    { panel: { coverOpened: 'opened', closedUp: ['screws'] } },
    'found: left',
  ],
  ['all back', { panel: { coverOpened: 'opened', closedUp: [] } }, 'clear'],
  ['not yet closed up', { panel: { coverOpened: 'opened' } }, 'not-seen'],
  ['the cover stayed on', { panel: { coverOpened: 'not-opened' } }, 'does-not-apply'],
];
