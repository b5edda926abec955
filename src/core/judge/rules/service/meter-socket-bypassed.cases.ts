import type { Given, RuleCase } from '../../../testing/rule-cases';

const meter = (facts: NonNullable<Given['things']>[number][3]): Given => ({
  things: [['meter', 'm1', 'house', facts]],
});

export const cases: readonly RuleCase[] = [
  ['jumped', meter({ meterState: 'bypassed' }), 'found: bypassed'],
  ['empty, load side live', meter({ meterState: 'empty', loadSideLive: true }), 'found: live'],
  ['in place', meter({ meterState: 'in-place' }), 'clear'],
  ['empty and dead', meter({ meterState: 'empty', loadSideLive: false }), 'clear'],
  ['never looked', meter({}), 'not-seen'],
  ['empty, not tested', meter({ meterState: 'empty' }), 'not-seen'],
];
