import { existsSync, readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { stages } from '../walk/stages';
import { rules } from '.';

describe('registry', () => {
  test('ids are unique', () =>
    expect(new Set(rules.map((rule) => rule.id)).size).toBe(rules.length));

  test.each(rules.map((rule) => [rule.id, rule] as const))(
    '%s: id is its path, with test, page and source',
    (id, rule) => {
      expect(readFileSync(`src/core/rules/${id}.ts`, 'utf8')).toContain(`id: '${id}'`);
      expect(existsSync(`src/core/rules/${id}.test.ts`)).toBe(true);
      const page = readFileSync(`docs/rules/${id}.md`, 'utf8');
      for (const part of ['## What', '## Why', '## Example', '## Source', '## Remedies'])
        expect(page).toContain(part);
      expect(rule.sources.length).toBeGreaterThan(0);
      for (const { code, says } of rule.sources)
        expect(code.length * says.length).toBeGreaterThan(0);
      expect(stages.map((stage) => stage.number)).toContain(rule.stage);
      expect(Object.keys(rule.messages).length).toBeGreaterThan(0);
      expect(rule.remedies.length).toBeGreaterThan(0);
    },
  );
});
