import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { traitNames, traits } from '../../codes/families/family';
import type { Seen } from './likelihood';
import { nextLook, rankFamilies } from './likelihood';
import { shippedFamilies } from '../../codes/families/shipped';

const anySeen: fc.Arbitrary<Seen> = fc.record(
  Object.fromEntries(
    traitNames.map((trait) => [trait, fc.constantFrom(...Object.keys(traits[trait].values))]),
  ),
  { requiredKeys: [] },
);

describe('which family', () => {
  test('nothing seen: the priors', () => {
    const ranked = rankFamilies(shippedFamilies, {});
    for (const { family, probability } of ranked) expect(probability).toBeCloseTo(family.prior, 9);
  });
  test('by hand: a hook on aluminium, handles by rating', () => {
    const [first] = rankFamilies(shippedFamilies, {
      busMetal: 'aluminium',
      breakerHold: 'hook',
      handleColour: 'by-rating',
    });
    const weights = [
      0.12 * 0.6 * 0.04 * 0.05,
      0.1 * 0.93 * 0.9 * 0.8,
      0.05 * 0.01 * 0.04 * 0.08,
      0.73 * 0.25 * 0.12 * 0.02,
    ];
    expect(first!.family.id).toBe('soft-bus');
    expect(first!.probability).toBeCloseTo(weights[1]! / weights.reduce((a, b) => a + b), 9);
  });
  test('a year outside its making all but rules a family out', () => {
    const of = (year: number) =>
      rankFamilies(shippedFamilies, { handleAction: 'push' }, year).find(
        (one) => one.family.id === 'push-latch',
      )!.probability;
    expect(of(1955)).toBeGreaterThan(0.7);
    expect(of(1999)).toBeLessThan(of(1955) / 3);
  });
  test('law: likelihoods add up to 1, whatever is seen', () => {
    fc.assert(
      fc.property(anySeen, (seen) => {
        const sum = rankFamilies(shippedFamilies, seen).reduce((s, one) => s + one.probability, 0);
        expect(sum).toBeCloseTo(1, 9);
      }),
    );
  });
});

describe('the next look', () => {
  test('at first it is how the breakers hold on, which tells the families apart', () =>
    expect(nextLook(shippedFamilies, {})!.trait).toBe('breakerHold'));
  test('law: it is a trait not yet seen, and tells no less than nothing', () => {
    fc.assert(
      fc.property(anySeen, (seen) => {
        const next = nextLook(shippedFamilies, seen);
        if (Object.keys(seen).length === traitNames.length) expect(next).toBeUndefined();
        else {
          expect(seen[next!.trait]).toBeUndefined();
          expect(next!.bits).toBeGreaterThanOrEqual(0);
        }
      }),
    );
  });
});
