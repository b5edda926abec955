import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['no lamp indoors', { panel: { lightThere: false, metersLocation: 'indoors' } }, 'found: dark'],
  [
    'no lamp, outdoors',
    { panel: { lightThere: false, metersLocation: 'outdoors' } },
    'does-not-apply',
  ],
  ['no lamp, where it stands not said', { panel: { lightThere: false } }, 'not-seen'],
  ['a lamp', { panel: { lightThere: true } }, 'clear'],
  ['never looked', {}, 'not-seen'],
];
