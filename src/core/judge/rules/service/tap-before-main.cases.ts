import type { RuleCase } from '../../../testing/rule-cases';

const lug = (besideSupply: 'none' | 'permitted' | 'solar' | 'circuit' | 'unknown') => ({
  facts: { 'panel/l1': { besideSupply } },
});

export const cases: readonly RuleCase[] = [
  ['a cable to the workshop', lug('circuit'), 'found: circuit', 'Lug A'],
  ['a wire nobody followed', lug('unknown'), 'found: unknown', 'Lug A'],
  ['a surge device', lug('permitted'), 'clear', 'Lug A'],
  ['a solar supply has its own rule', lug('solar'), 'clear', 'Lug A'],
  ['nothing else', lug('none'), 'clear', 'Lug A'],
  ['never looked', {}, 'not-seen'],
];
