import type { PropertyValue } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const fuse = (fuseBypassed?: PropertyValue<'fuseBypassed'>): Given => ({
  panel: { panelKind: 'fuse', numbering: 'down-columns' },
  rows: 2,
  lines: ['1 f15 14cu edison'],
  ...(fuseBypassed && { facts: { 'device 1': { fuseBypassed } } }),
});

export const cases: readonly RuleCase[] = [
  ['a coin', fuse('coin'), 'found: bypass'],
  ['foil', fuse('foil'), 'found: bypass'],
  ['a fuse', fuse('fuse'), 'clear'],
  ['never looked', fuse(), 'not-seen'],
];
