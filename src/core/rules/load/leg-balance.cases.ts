import type { RuleCase } from '../../testing/rule-cases';

const legs = (legA: number, legB: number) => ({ panel: { legA, legB }, lines: ['main 100'] });

export const cases: readonly RuleCase[] = [
  ['68 and 20 A under a 100 A main', legs(68, 20), 'found: apart'],
  ['40 and 30 A', legs(40, 30), 'clear'],
  ['never clamped', { lines: ['main 100'] }, 'not-seen'],
  ['main unread', { panel: { legA: 68, legB: 20 } }, 'not-seen'],
];
