import { readFileSync } from 'node:fs';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { rules } from '@/core/judge/rules';
import type { CodeDigests } from '../code-digests';
import { codeDigests, gradingDigest, readerDigest, ruleDigests } from './code-digests';

let built: CodeDigests;
beforeAll(async () => {
  built = await codeDigests();
});
const rule = 'src/core/judge/rules/breaker/double-tap.ts';
/** Another program, where the file is used at all. */
const more = (text: string) => `${text}\nconsole.log(1);`;
/** Whether each digest is another with these texts, of those that are asked for. */
async function otherwise(
  edits: Readonly<Record<string, (text: string) => string>>,
  ...asked: (keyof CodeDigests)[]
) {
  const changed: Record<string, string> = {};
  for (const [file, edit] of Object.entries(edits)) {
    const text = readFileSync(file, 'utf8');
    changed[file] = edit(text);
    expect(changed[file]).not.toBe(text);
  }
  const is: { reader?: boolean; grading?: boolean; rules?: string[] } = {};
  if (asked.includes('reader')) is.reader = (await readerDigest(changed)) !== built.reader;
  if (asked.includes('grading')) is.grading = (await gradingDigest(changed)) !== built.grading;
  if (asked.includes('rules')) {
    const now = await ruleDigests(changed);
    is.rules = Object.keys(now).filter((id) => now[id] !== built.rules[id]);
  }
  return is;
}
const all = ['reader', 'grading', 'rules'] as const;

describe('digests of the code that judges', () => {
  test('name every rule of the registry, in its order, each another', () => {
    expect(Object.keys(built.rules)).toEqual(rules.map(({ id }) => id));
    expect(new Set(Object.values(built.rules)).size).toBe(rules.length);
  });
  test('stay where comments and types change, or something is drawn or planned otherwise', async () => {
    const unused = (text: string) => `${text}\nexport const more = Math.random();`;
    expect(
      await otherwise(
        {
          [rule]: (text) => `// Another comment.\nexport type More = string;\n${text}`,
          'src/core/show/drawing/grade-marks.ts': unused,
          'src/core/advise/planning/moves.ts': unused,
        },
        ...all,
      ),
    ).toEqual({ reader: false, grading: false, rules: [] });
  });
  test('of a rule change with its words', async () =>
    expect(
      await otherwise({ [rule]: (text) => text.replace('title: ', "title: 'x' + ") }, ...all),
    ).toEqual({ reader: false, grading: false, rules: ['breaker/double-tap'] }));
  test('of every rule that uses it with a helper, and of nothing else', async () => {
    const { reader, rules: changed } = await otherwise(
      {
        'src/core/judge/check/bundles.ts': (text) =>
          text.replace("'bundled for a short way'", "'short'"),
      },
      'reader',
      'rules',
    );
    expect(reader).toBe(false);
    expect(changed!.length).toBeGreaterThan(0);
    expect(changed!.length).toBeLessThan(10);
  });
  test.each([
    'src/core/codes/yardstick/us-2020/ampacity.ts',
    'src/core/judge/grading/matrix.ts',
    'src/core/installation/supply/tree.ts',
  ])('of what judges, not of the rules, with %s', async (file) =>
    expect(await otherwise({ [file]: more }, 'grading')).toEqual({ grading: true }),
  );
  test('of the reader with what can be said of a thing', async () =>
    expect(
      await otherwise({ 'src/core/record/entries/properties/any.ts': more }, 'reader', 'grading'),
    ).toEqual({ reader: true, grading: true }));
});
