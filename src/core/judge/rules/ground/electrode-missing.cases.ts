import type { PropertyValue } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const pipe = (electrodeConductor?: PropertyValue<'electrodeConductor'>, count?: number): Given => ({
  building: count === undefined ? {} : { electrodeCount: count },
  things: [
    [
      'electrode',
      'e',
      'house',
      { electrodeKind: 'water-pipe', ...(electrodeConductor && { electrodeConductor }) },
    ],
  ],
});

export const cases: readonly RuleCase[] = [
  ['the only one’s conductor cut', pipe('cut', 1), 'found: cut'],
  ['none at all', { building: { electrodeCount: 0 } }, 'found: none'],
  ['seen from end to end', pipe('seen-to-end'), 'clear'],
  ['leaves out of sight', pipe('out-of-sight', 1), 'not-seen'],
  ['cut, but there may be others', pipe('cut'), 'not-seen'],
  ['never looked', {}, 'not-seen'],
  [
    'a building fed from another',
    { fedBy: 'disconnect', building: { electrodeCount: 0 } },
    'does-not-apply',
  ],
];
