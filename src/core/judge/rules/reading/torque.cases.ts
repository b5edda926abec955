import type { RuleCase } from '../../../testing/rule-cases';

const lug = (torqueNm: number, label?: number) => ({
  panel: label ? { labelTorqueNm: label } : {},
  facts: { 'panel/l1': { torqueNm } },
});

export const cases: readonly RuleCase[] = [
  ['too loose', lug(18, 28), 'found: off'],
  ['over-tightened', lug(35, 28), 'found: off'],
  ['within 10 %', lug(26, 28), 'clear'],
  ['label unread', lug(26), 'not-seen'],
  ['not measured', {}, 'does-not-apply'],
  [
    'a bar screw by the label’s own figure for bar screws, in inch-pounds',
    {
      panel: { labelTorqueNm: 28, labelTorqueBar: { value: 25, unit: 'lbf·in' } },
      lines: ['7 20 12cu n1'],
      facts: { 'neutral 1': { torqueNm: { value: 24, unit: 'lbf·in' } } },
    },
    'clear',
  ],
  [
    'the same screw held against the lug’s figure would be wrong',
    {
      panel: { labelTorqueBar: { value: 25, unit: 'lbf·in' } },
      lines: ['7 20 12cu n1'],
      facts: { 'neutral 1': { torqueNm: { value: 40, unit: 'lbf·in' } } },
    },
    'found: off',
  ],
];
