import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { troubleIn } from './bounded';

const bounds = { depth: 4, nodes: 50, text: 10 };

test.each([
  ['four levels', [[[[1]]]], undefined],
  ['five', [[[[[1]]]]], 'expected at most 4 levels, got deeper ones'],
  ['a long text', ['x'.repeat(11)], 'expected at most 10 characters, got 11'],
  ['a NUL', { a: '\0' }, 'expected text without NUL or broken characters'],
  ['half a character as a key', { '\ud800': 1 }, 'expected text without NUL or broken characters'],
  ['many', Array.from({ length: 60 }, () => 1), 'expected at most 50 values'],
])('%s', (_, value, expected) => expect(troubleIn(value, bounds)).toBe(expected));

test('a hundred thousand levels are told, not fallen over', () => {
  let deep: unknown = 0;
  for (let level = 0; level < 100_000; level += 1) deep = [deep];
  expect(troubleIn(deep, bounds)).toMatch(/levels/);
});

test('what it lets through is no deeper than it says', () => {
  const depthOf = (value: unknown): number =>
    typeof value === 'object' && value !== null
      ? 1 + Math.max(0, ...Object.values(value).map(depthOf))
      : 0;
  fc.assert(
    fc.property(fc.jsonValue({ maxDepth: 7 }), (value) => {
      const trouble = troubleIn(value, { depth: 3, nodes: 1e6, text: 1e6 });
      expect(trouble === undefined).toBe(depthOf(value) <= 3);
    }),
  );
});
