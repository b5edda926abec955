import type { RuleCase } from '../../../testing/rule-cases';

const delta = { service: { serviceSystem: 'high-leg-delta' } } as const;

export const cases: readonly RuleCase[] = [
  ['not marked', { ...delta, panel: { highLegMarked: false } }, 'found: unmarked'],
  ['orange', { ...delta, panel: { highLegMarked: true } }, 'clear'],
  ['never looked', delta, 'not-seen'],
  ['supply unread', { fedBy: null }, 'not-seen'],
  ['split-phase', {}, 'does-not-apply'],
];
