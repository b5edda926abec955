import type { PropertyValue } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const fuse = (fusedNeutral?: PropertyValue<'fusedNeutral'>): Given => ({
  panel: { panelKind: 'fuse', numbering: 'down-columns' },
  rows: 2,
  lines: ['1 f15 14cu edison'],
  ...(fusedNeutral && { facts: { 'device 1': { fusedNeutral } } }),
});

export const cases: readonly RuleCase[] = [
  ['a fuse in it', fuse('closed'), 'found: fused'],
  ['open now', fuse('open'), 'found: open'],
  ['in a hot', fuse('no'), 'clear'],
  ['never looked', fuse(), 'not-seen'],
];
