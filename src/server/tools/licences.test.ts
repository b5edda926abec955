import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { isAllowed, licencesText, packagesOf } from './licences-text';

const lock = JSON.parse(readFileSync('package-lock.json', 'utf8')) as Parameters<
  typeof licencesText
>[0];

describe('licences', () => {
  test('the page is as the lock file says', () =>
    expect(readFileSync('docs/licences.md', 'utf8')).toBe(licencesText(lock)));
  test('each is one that is allowed here', () =>
    expect(packagesOf(lock).filter(({ licence }) => !isAllowed(licence))).toEqual([]));
  test.each([
    ['MIT', true],
    ['(MIT OR GPL-3.0)', true],
    ['MIT AND GPL-3.0', false],
    ['Apache-2.0 AND LGPL-3.0-or-later', true],
    ['not stated', false],
  ])('%s: %s', (licence, may) => expect(isAllowed(licence)).toBe(may));
  test('versions are exact', () => {
    const { dependencies, devDependencies } = JSON.parse(readFileSync('package.json', 'utf8')) as {
      dependencies: Record<string, string>;
      devDependencies: Record<string, string>;
    };
    for (const version of Object.values({ ...dependencies, ...devDependencies }))
      expect(version).toMatch(/^(npm:[a-z-]+@)?\d+\.\d+\.\d+$/);
  });
});
