import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['frayed', { service: { supplyWay: 'overhead', mast: 'frayed' } }, 'found: worn'],
  ['loose mast', { service: { mast: 'loose-mast' } }, 'found: worn'],
  ['sound', { service: { mast: 'sound' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
  ['underground', { service: { supplyWay: 'underground' } }, 'does-not-apply'],
  [
    'no drip loop and a loose mast',
    { service: { mastStates: ['no-drip-loop', 'loose-mast'] } },
    'found: worn',
  ],
  ['nothing wrong at any of it', { service: { mastStates: [] } }, 'clear'],
];
