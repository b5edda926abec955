import { describe, expect, test } from '@jest/globals';
import { record } from '../../testing/rule-cases';
import type { Given } from '../../testing/rule-cases';
import { shutOffDevices, throwsOf } from './throws';

const throwsIn = (given: Given) => {
  const { book } = record(given);
  const panel = book.site.panels[0]!;
  return throwsOf(shutOffDevices(panel), book.site.reader);
};

describe('throws that turn everything off', () => {
  test.each([
    ['a main is one', { lines: ['main 100', '1 20', '3 20'] }, 1],
    ['two poles are one', { lines: ['1+3 40', '2+4 30'] }, 2],
    ['both handles of a tandem count', { lines: ['1 t15/15'] }, 2],
    ['a quad has two', { lines: ['1+3 q20/30'] }, 2],
    ['four circuits on two positions are four', { lines: ['1+3 q15/15/20/20'] }, 4],
    ['a surge device is none', { lines: ['1+3 surge', '2 20'] }, 1],
  ] as [string, Given, number][])('%s', (_, given, expected) =>
    expect(throwsIn(given)).toBe(expected),
  );
  test('singles tied by a listed tie are one, by a nail they are two', () => {
    const pair = (tie: 'listed' | 'improvised'): Given => ({
      lines: ['1 20', '3 20'],
      facts: { 'device 1': { tie }, 'device 3': { tie } },
    });
    expect([throwsIn(pair('listed')), throwsIn(pair('improvised'))]).toEqual([1, 2]);
  });
  test('of a split bus only the upper section counts', () =>
    expect(
      throwsIn({
        panel: { panelKind: 'split-bus', mainKind: 'throws', upperRows: 2 },
        lines: ['1+3 40', '2+4 30', '5 20', '7 20'],
      }),
    ).toBe(2));
});
