import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';

const rows = readFileSync('docs/words.md', 'utf8')
  .split('\n')
  .filter((line) => /^\| [^-s]/.test(line) || line.startsWith('| Sc') || line.startsWith('| Se'))
  .map((line) => line.split('|').map((cell) => cell.trim()))
  .map(([, shown, means, code]) => ({ shown: shown!, means: means!, code: code! }))
  .filter(({ code }) => code.startsWith('`'));

const sources = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .filter((path) => /(?<!\.test|\.cases)\.tsx?$/.test(path))
  .map((path) => readFileSync(`src/${path}`, 'utf8'))
  .join('\n');

describe('words', () => {
  test('each stands once', () => {
    expect(rows.length).toBeGreaterThan(40);
    expect(new Set(rows.map(({ shown }) => shown)).size).toBe(rows.length);
    expect(new Set(rows.map(({ code }) => code)).size).toBe(rows.length);
  });
  test.each(rows.map(({ shown, code }) => [shown, code.replaceAll('`', '')]))(
    '%s is %s in the code',
    (_, code) => expect(new RegExp(`\\b${code}\\b`).test(sources)).toBe(true),
  );
});
