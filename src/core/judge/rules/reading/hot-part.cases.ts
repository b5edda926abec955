import type { Given, RuleCase } from '../../../testing/rule-cases';

const pair = (own: number, other: number, amps = 14): Given => ({
  lines: ['7 20 12cu', '9 20 12cu'],
  facts: {
    'terminal 7': { temperatureC: own, loadCurrentA: amps },
    'terminal 9': { temperatureC: other, loadCurrentA: amps },
  },
});

export const cases: readonly RuleCase[] = [
  ['23 K over its like', pair(61, 38), 'found: hot', 'Breaker 7'],
  ['8 K over its like', pair(46, 38), 'found: warm', 'Breaker 7'],
  ['2 K over its like', pair(40, 38), 'clear', 'Breaker 7'],
  ['the cooler of the two', pair(61, 38), 'clear', 'Breaker 9'],
  ['never measured', { lines: ['7 20 12cu'] }, 'not-seen'],
  ['too little load', pair(61, 38, 4), 'not-seen', 'Breaker 7'],
  [
    'nothing like it measured',
    { lines: ['7 20 12cu'], facts: { 'terminal 7': { temperatureC: 60, loadCurrentA: 14 } } },
    'not-seen',
  ],
];
