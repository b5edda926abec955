import { describe, expect, test } from '@jest/globals';
import { bench, outcomes } from '../../../testing/bench';

const rule = 'ground/overfilled';
const three = ['1 15 14cu g1', '3 15 14cu g1', '5 15 14cu g1'];
const of = (
  labelGroundsPerTerminal: number | undefined,
  count: number | undefined,
  ...lines: string[]
) => {
  const b = bench({ panel: labelGroundsPerTerminal ? { labelGroundsPerTerminal } : {} }).lines(
    ...lines,
  );
  if (count !== undefined) b.facts({ conductorCount: count }, 'gbar');
  return outcomes(b.assess(), rule);
};

describe(rule, () => {
  test('fires: three where the label allows two', () =>
    expect(of(2, undefined, ...three)).toEqual({ 'Ground 1': 'found: overfilled' }));
  test('clear: within the label, all counted', () =>
    expect(of(3, 3, ...three)).toEqual({ 'Ground 1': 'clear' }));
  test('not seen: label unread', () =>
    expect(of(undefined, 3, ...three)).toEqual({ 'Ground 1': 'not-seen' }));
  test('not seen: not counted', () =>
    expect(of(3, undefined, ...three)).toEqual({ 'Ground 1': 'not-seen' }));
  test('clear: one ground needs no label', () =>
    expect(of(undefined, 1, '1 15 14cu g1')).toEqual({ 'Ground 1': 'clear' }));
});
