import { describe, expect, test } from '@jest/globals';
import { assess } from '../assess/assess';
import type { Facts } from '../../record/entries/properties';
import type { Fact } from '../../record/entries/inspection';
import { factsOf } from '../examine/examine';
import { verdictKey } from '../examine/verdict';
import { record } from '../../testing/rule-cases';
import { testSettings } from '../../testing/bench';
import { casesByRule } from './cases';

const saidTwice = 'said twice, in the list and in the single fact it replaced: the adverse counts';

/** Facts that outrank or contradict what made a clear answer, rather than being missing from it. */
const notMissing: Readonly<Record<string, { facts: readonly string[]; because: string }>> = {
  'labels/rating-label-missing': {
    facts: ['ratingLabel'],
    because: 'a figure read off the label says it could be read; said to be gone, that counts',
  },
  'breaker/tandem-not-allowed': {
    facts: ['stabTakes', 'labelTandemRatings'],
    because:
      'where the label allows a tandem it is allowed; a stab seen to have no notch, and a list of ratings read there, say more',
  },
  'service/interrupting-rating': {
    facts: ['availableFaultA'],
    because: 'the utility’s figure outranks one computed',
  },
  'load/circuit': { facts: ['loadCurrentA'], because: 'a measurement outranks nameplates' },
  'load/section': {
    facts: ['sectionDemandA'],
    because: 'a calculation and a clamp are two methods, and the worse of them counts',
  },
  'load/service': { facts: ['peakLegA'], because: 'a measurement outranks a calculation' },
  'service/no-way-to-shut-off': {
    facts: ['mainThrows'],
    because: 'it contradicts the throws that were recorded',
  },
  'service/split-bus': { facts: ['panelKind'], because: 'it contradicts the one main recorded' },
  'service/burned-termination': {
    facts: ['heatMark', 'melted'],
    because: 'it contradicts a lug recorded as sound',
  },
  'breaker/burned-terminal': {
    facts: ['heatMark', 'melted'],
    because: 'the screw was looked at; a mark on the device was noted besides',
  },
  'breaker/worn': { facts: ['failedTrip'], because: 'it contradicts a breaker recorded as sound' },
  'breaker/fault-code': { facts: ['faultCode'], because: 'it contradicts a good self test' },
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
  'service/main-over-bus': {
    facts: ['labelMainA'],
    because: 'a label that names no largest main sets no such limit',
  },
  'breaker/no-output': {
    facts: ['acrossV', 'poleToPoleV'],
    because: 'another reading of the same breaker: what one shows, another does not clear',
  },
  'breaker/loose': {
    facts: ['tightness'],
    because: 'the screw was tugged; that a wire of it moved was noted besides',
  },
  'ground/loose': {
    facts: ['tightness'],
    because: 'the screw was tugged; that a wire of it moved was noted besides',
  },
  'enclosure/live-metal': {
    facts: ['metalTouched'],
    because: 'a tingle that was felt contradicts the meter; both are kept, and the adverse counts',
  },
  'conductor/added-circuit': {
    facts: ['partWork'],
    because: 'what is said of the part outranks what is said of the building',
  },
  'ground/bond-downstream': {
    facts: ['barMounting'],
    because: 'it contradicts a bond recorded as not joined, which says so of every way of joining',
  },
  'access/water-near': { facts: ['waterNearby', 'waterNear'], because: saidTwice },
  'around/open-box': { facts: ['boxStates', 'boxState'], because: saidTwice },
  'service/drop-or-mast': { facts: ['mastStates', 'mast'], because: saidTwice },
  'reading/arcing': { facts: ['arcing', 'listened'], because: 'it contradicts quiet' },
};

/**
 * Law: a fact that could make a finding is never read as fine while it is missing. What makes a rule
 * fire in one case is said in each of its clear cases that never recorded it; had it been found then,
 * the case was not clear but not seen.
 */
describe.each([...casesByRule])('%s', (rule, cases) => {
  test('no clear answer turns on a fact that was not recorded', () => {
    const settingsOf = (given: (typeof cases)[number][1]) => ({
      ...testSettings,
      ...given.settings,
    });
    const adverse = new Map<string, Fact>();
    for (const [, given, expected] of cases)
      if (expected.startsWith('found'))
        for (const verdict of assess(record(given).book.entries, settingsOf(given)).verdicts)
          if (verdict.rule.id === rule && verdict.outcome.outcome === 'found')
            for (const fact of factsOf(verdict.outcome))
              adverse.set(`${fact.about}|${fact.property}|${JSON.stringify(fact.value)}`, fact);

    for (const [name, given, expected] of cases) {
      if (expected !== 'clear') continue;
      const settings = settingsOf(given);
      const before = assess(record(given).book.entries, settings);
      const clear = before.verdicts.filter(
        (verdict) => verdict.rule.id === rule && verdict.outcome.outcome === 'clear',
      );
      for (const { about, property, value } of adverse.values()) {
        if (before.inspection.facts.get(about)?.has(property)) continue;
        if (notMissing[rule]?.facts.includes(property)) continue;
        const made = record(given);
        try {
          made.facts({ [property]: value } as Facts, about);
        } catch {
          continue; // the thing is not there in this case
        }
        const after = assess(made.book.entries, settings);
        for (const verdict of clear) {
          const now = after.verdicts.find((one) => verdictKey(one) === verdictKey(verdict));
          expect([name, about, property, value, now?.outcome.outcome === 'found']).toEqual([
            name,
            about,
            property,
            value,
            false,
          ]);
        }
      }
    }
  });
});
