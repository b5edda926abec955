import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['crackling', { building: { listened: 'crackle' } }, 'found: arcs'],
  ['arcing at a screw', { lines: ['7 20 12cu !arc'] }, 'found: arcs'],
  ['at a screw of the neutral bar', { facts: { 'neutral 3': { arcing: true } } }, 'found: arcs'],
  ['at a lug', { facts: { 'panel/l2': { arcing: true } } }, 'found: arcs'],
  ['at a wire', { lines: ['7 20 12cu'], facts: { 'wire 7': { arcing: true } } }, 'found: arcs'],
  ['at the disconnect outside', { disconnect: { arcing: true } }, 'found: arcs'],
  ['quiet', { building: { listened: 'quiet' } }, 'clear'],
  ['plain hum', { building: { listened: 'hum' } }, 'clear'],
  ['never listened', {}, 'not-seen'],
  ['a smell alone', { building: { listened: 'smell' } }, 'not-seen'],
  ['crackling at this panel', { panel: { listened: 'crackle' } }, 'found: arcs'],
];
