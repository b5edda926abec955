import { describe, expect, test } from '@jest/globals';
import { assess } from '../assess/assess';
import type { Entry, Json } from '../../record/entries/entry';
import { factsOf } from '../examine/examine';
import { verdictKey } from '../examine/verdict';
import { record } from '../../testing/rule-cases';
import { testSettings } from '../../testing/bench';
import { casesByRule } from './cases';

/** Facts without which a finding may be clear, and why that is no false reassurance. */
const mayClear: Readonly<Record<string, { facts: readonly string[]; because: string }>> = {
  'labels/rating-label-missing': {
    facts: ['ratingLabel'],
    because: 'a figure read off the label says it could be read; said to be gone, that counts',
  },
  'ground/undersized': {
    facts: ['parallelSets'],
    because:
      'one conductor recorded is one: a second set beside it is a thing seen, not one missing',
  },
  'ground/jumper-size': {
    facts: ['parallelSets'],
    because:
      'one conductor recorded is one: a second set beside it is a thing seen, not one missing',
  },
  'conductor/added-circuit': {
    facts: ['partWork'],
    because:
      'what is said of the part outranks what is said of the building; without it the building’s answer stands',
  },
  'ground/bond-downstream': {
    facts: ['barMounting'],
    because: 'without it a bond recorded as not joined says so of every way of joining',
  },
  'breaker/tandem-not-allowed': {
    facts: ['stabTakes', 'labelTandemRatings'],
    because:
      'where the label allows a tandem it is allowed; a stab seen to have no notch, and a list of ratings read there, say more',
  },
  'breaker/recalled': {
    facts: ['breakerType'],
    because:
      'somebody said that he looked for the types on every device: without the reading that proves him wrong his word stands',
  },
  'service/main-over-bus': {
    facts: ['labelMainA'],
    because: 'a label that names no largest main sets no such limit',
  },
};

/** The entries with one fact never recorded. */
const without = (entries: readonly Entry[], entry: string, property: string): Entry[] =>
  entries.map((one) => {
    if (one.id !== entry || one.kind === 'undo') return one;
    const facts: Record<string, Json> = { ...one.facts };
    delete facts[property];
    return { ...one, facts };
  });

/** Law: removing a fact may turn found into not seen, or leave nothing to ask about; never into clear. */
describe.each([...casesByRule])('%s', (rule, cases) => {
  test('a finding never becomes clear when a fact it rests on is not recorded', () => {
    for (const [name, given, expected] of cases) {
      if (!expected.startsWith('found')) continue;
      const { entries } = record(given).book;
      const settings = { ...testSettings, ...given.settings };
      const found = assess(entries, settings).verdicts.filter(
        (verdict) => verdict.rule.id === rule && verdict.outcome.outcome === 'found',
      );
      for (const verdict of found)
        for (const { entry, property } of factsOf(verdict.outcome)) {
          if (mayClear[rule]?.facts.includes(property)) continue;
          const after = assess(without(entries, entry, property), settings).verdicts.find(
            (one) => verdictKey(one) === verdictKey(verdict),
          );
          expect([name, property, after?.outcome.outcome === 'clear']).toEqual([
            name,
            property,
            false,
          ]);
        }
    }
  });
});
