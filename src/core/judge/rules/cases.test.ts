import { describe, expect, test } from '@jest/globals';
import { answerOf } from '../../testing/rule-cases';
import { casesByRule } from './cases';

describe.each([...casesByRule])('%s', (rule, cases) => {
  test.each(cases.map((one) => [`${one[2]}: ${one[0]}`, one] as const))('%s', (_, one) => {
    expect(answerOf(rule, one)).toBe(one[2]);
  });
});
