import type { Given, RuleCase } from '../../../testing/rule-cases';

const shed = (count?: number, more: Given = {}): Given => ({
  fedBy: 'disconnect',
  panel: { separateBuilding: true },
  building: count === undefined ? {} : { electrodeCount: count },
  ...more,
});

export const cases: readonly RuleCase[] = [
  ['none there', shed(0), 'found: none'],
  [
    'a rod there',
    shed(undefined, { things: [['electrode', 'e', 'house', { electrodeKind: 'rod' }]] }),
    'clear',
  ],
  ['never looked', shed(), 'not-seen'],
  ['same building', { fedBy: 'disconnect', panel: { separateBuilding: false } }, 'does-not-apply'],
];
