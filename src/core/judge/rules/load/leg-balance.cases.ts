import type { RuleCase } from '../../../testing/rule-cases';

const legs = (legA: number, legB: number) => ({ panel: { legA, legB }, lines: ['main 100'] });

export const cases: readonly RuleCase[] = [
  ['68 and 20 A under a 100 A main', legs(68, 20), 'found: apart'],
  ['40 and 30 A', legs(40, 30), 'clear'],
  ['never clamped', { lines: ['main 100'] }, 'not-seen'],
  ['main unread', { panel: { legA: 68, legB: 20 } }, 'not-seen'],
  [
    'three legs, the third far below',
    {
      service: { serviceSystem: 'wye-208' },
      panel: { legA: 60, legB: 58, legC: 5 },
      lines: ['main 100 3p'],
    },
    'found: apart',
  ],
  [
    'three legs, one never clamped',
    {
      service: { serviceSystem: 'wye-208' },
      panel: { legA: 60, legB: 58 },
      lines: ['main 100 3p'],
    },
    'not-seen',
  ],
];
