import { readFileSync } from 'node:fs';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { rules } from '@/core/judge/rules';
import type { CodeDigests } from '../code-digests';
import { codeDigests } from './code-digests';

let built: CodeDigests;
beforeAll(async () => {
  built = await codeDigests();
});
const rule = 'src/core/judge/rules/breaker/double-tap.ts';
/** Another program, where the file is used at all. */
const more = (text: string) => `${text}\nconsole.log(1);`;
const with_ = async (file: string, edit: (text: string) => string) => {
  const text = readFileSync(file, 'utf8');
  const edited = edit(text);
  expect(edited).not.toBe(text);
  const now = await codeDigests({ [file]: edited });
  return {
    reader: now.reader !== built.reader,
    grading: now.grading !== built.grading,
    rules: Object.keys(now.rules).filter((id) => now.rules[id] !== built.rules[id]),
  };
};

describe('digests of the code that judges', () => {
  test('name every rule of the registry, in its order, each another', () => {
    expect(Object.keys(built.rules)).toEqual(rules.map(({ id }) => id));
    expect(new Set(Object.values(built.rules)).size).toBe(rules.length);
  });
  test('stay where only comments and types change', async () =>
    expect(
      await with_(rule, (text) => `// Another comment.\nexport type More = string;\n${text}`),
    ).toEqual({ reader: false, grading: false, rules: [] }));
  test('of a rule change with its words', async () =>
    expect(await with_(rule, (text) => text.replace('title: ', "title: 'x' + "))).toEqual({
      reader: false,
      grading: false,
      rules: ['breaker/double-tap'],
    }));
  test('of every rule that uses it with a helper, and of nothing else', async () => {
    const { reader, rules: changed } = await with_('src/core/judge/check/bundles.ts', (text) =>
      text.replace("'bundled for a short way'", "'short'"),
    );
    expect(reader).toBe(false);
    expect(changed.length).toBeGreaterThan(0);
    expect(changed.length).toBeLessThan(10);
  });
  test('of what judges, not of the rules, with the yardstick and the matrix', async () => {
    for (const file of [
      'src/core/codes/yardstick/us-2020/ampacity.ts',
      'src/core/judge/grading/matrix.ts',
      'src/core/installation/supply/tree.ts',
    ])
      expect(await with_(file, more)).toMatchObject({
        grading: true,
      });
  });
  test('stay where something is drawn or planned otherwise', async () => {
    for (const file of [
      'src/core/show/drawing/grade-marks.ts',
      'src/core/advise/planning/moves.ts',
    ])
      expect(await with_(file, (text) => `${text}\nexport const more = Math.random();`)).toEqual({
        reader: false,
        grading: false,
        rules: [],
      });
  });
  test('of the reader with what can be said of a thing', async () =>
    expect(await with_('src/core/record/entries/properties/any.ts', more)).toMatchObject({
      reader: true,
      grading: true,
    }));
});
