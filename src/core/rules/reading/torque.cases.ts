import type { RuleCase } from '../../testing/rule-cases';

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
];
