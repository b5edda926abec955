import type { RuleCase } from '../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['crackling', { building: { listened: 'crackle' } }, 'found: arcs'],
  ['arcing at a screw', { lines: ['7 20 12cu !arc'] }, 'found: arcs'],
  ['quiet', { building: { listened: 'quiet' } }, 'clear'],
  ['plain hum', { building: { listened: 'hum' } }, 'clear'],
  ['never listened', {}, 'not-seen'],
  ['a smell alone', { building: { listened: 'smell' } }, 'not-seen'],
];
