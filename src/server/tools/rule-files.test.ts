import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { readRuleFile } from './registry-text';
import { madeFromRules, ruleFiles } from './rule-files';

describe('what is made from the rules', () => {
  test.each(madeFromRules())("%s is as the rules' files say", (file, text) =>
    expect(readFileSync(file, 'utf8')).toBe(text),
  );

  test('a rule that is only a file is in the registry, the ids and the cases once made', () => {
    const fresh = { id: 'breaker/invented', name: 'invented', stage: 6 };
    for (const [, text] of madeFromRules([...ruleFiles(), fresh]))
      expect(text).toContain('breaker/invented');
  });

  test.each([
    ['a name of its own', 'const x = 1;', 'expected one "export const … = defineRule"'],
    [
      'the id of its path',
      "export const a = defineRule({\n  id: 'b/c',\n  stage: 6,",
      "expected id: 'breaker/a', got b/c",
    ],
    ['a stage', "export const a = defineRule({\n  id: 'breaker/a',\n", 'expected the stage'],
  ])('a rule file has %s', (_, text, fault) =>
    expect(() => readRuleFile('breaker/a', text)).toThrow(fault),
  );
});
