import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { stages } from '../../fieldwork/walk/stages';
import { rules } from '.';
import { casesByRule } from './cases';
import { remedyWords } from '../../advise/remedies';
import { rulePage } from '../check/rule-page';

describe('registry', () => {
  test('ids are unique', () =>
    expect(new Set(rules.map((rule) => rule.id)).size).toBe(rules.length));

  test.each(rules.map((rule) => [rule.id, rule] as const))(
    '%s: id is its path, with cases, its page and source',
    (id, rule) => {
      expect(readFileSync(`src/core/judge/rules/${id}.ts`, 'utf8')).toContain(`id: '${id}'`);
      expect(casesByRule.get(id)?.length).toBeGreaterThanOrEqual(3);
      expect(readFileSync(`docs/rules/${id}.md`, 'utf8')).toBe(
        rulePage(rule, remedyWords(rule.remedies)),
      );
      expect(rule.sources.length).toBeGreaterThan(0);
      for (const { code, says } of rule.sources)
        expect(code.length * says.length).toBeGreaterThan(0);
      expect(stages.map((stage) => stage.number)).toContain(rule.stage);
      expect(Object.keys(rule.messages).length).toBeGreaterThan(0);
      expect(rule.remedies.length).toBeGreaterThan(0);
      expect(rule.finds.length).toBeGreaterThan(20);
      expect(rule.example.length).toBeGreaterThan(10);
    },
  );
});
