import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { anyEntries } from '../../testing/any-entries';
import { testSettings } from '../../testing/bench';
import { assess } from '../assess/assess';
import { highestCounter } from '../../fieldwork/recording/draft';
import type { Entry } from '../../record/entries/entry';
import { idsFrom, Logbook } from '../../fieldwork/recording/logbook';
import { readSite } from '../../installation/panel/site-view';
import { fold } from '../../record/entries/fold';
import type { PropertyName } from '../../record/entries/properties';
import type { Place } from '../check/place';
import { want } from '../check/rule';
import type { Verdict } from '../examine/verdict';
import { rules } from '../rules';
import { scopes } from './scopes';
import type { ScopeName } from './scopes';
import { visitCoverage } from './visit-coverage';

/**
 * Written down from the brief before it was counted: what each scope agrees to, of one record, by the
 * act that gets each fact. [made, agreed], then what is agreed and not made.
 */
const expected: Record<ScopeName, [made: number, agreed: number, notMade: string[]]> = {
  outside: [4, 4, []],
  looks: [7, 8, ['p|4|look|space']],
  opens: [10, 12, ['p|4|look|space', 'p|8|open|terminal-left']],
  tests: [11, 14, ['p|4|look|space', 'p|6|test|device-left', 'p|8|open|terminal-left']],
  full: [
    12,
    16,
    ['p|4|look|space', 'p|6|test|device-left', 'p|8|open|terminal-left', 'p|8|touch|lug'],
  ],
};
/** Facts of the record got by an act that was not agreed, by property. */
const beyond: Record<ScopeName, string[]> = {
  outside: [
    'abV',
    'closedUp',
    'coverOpened',
    'depthMm',
    'form',
    'handleRatingsA',
    'labelBusA',
    'place',
    'rows',
    'size',
    'tightness',
  ],
  looks: ['abV', 'coverOpened', 'labelBusA', 'size', 'tightness'],
  opens: ['abV', 'tightness'],
  tests: ['tightness'],
  full: [],
};

const panelPlace: Place = { ref: 'p', label: 'The panel', related: [], order: 0 };
const rule = (behindCover: boolean) => rules.find((one) => one.behindCover === behindCover)!;
const wanting = (about: string, property: PropertyName, say: string, more = {}): Verdict => ({
  rule: rule(true),
  panel: 'p',
  place: panelPlace,
  outcome: { outcome: 'not-seen', wants: [{ ...want(about, property, say), ...more }] },
});
const open = [
  wanting('p', 'headroom', 'measure the headroom'),
  wanting('d/t1', 'heatMark', 'look for heat at the screw'),
  wanting('d', 'testButton', 'press the test button'),
  wanting('p/l1', 'tightness', 'tug it'),
  wanting('p', 'maker', 'not in the registry', { gap: true }),
];

function record(scope?: ScopeName) {
  const book = new Logbook({
    newId: idsFrom('x'),
    device: 'tablet',
    author: 'ines',
    at: '2026-04-14T09:41:00+01:00',
  });
  book.add('site', 's', null, { visitKind: 'sale', ...(scope && { scope }) });
  book.add('building', 'b', 's', { yearBuilt: 1990, listened: 'quiet' });
  book.add('service', 'sv', 'b', { supplyWay: 'overhead' });
  book.add('panel', 'p', 'b', {
    depthMm: 1000,
    labelBusA: 100,
    rows: 2,
    abV: 240,
    coverOpened: 'opened',
    closedUp: [],
  });
  book.add('device', 'd', 'p', {
    place: { kind: 'position', column: 1, row: 1 },
    form: 'single-pole',
    handleRatingsA: [20],
  });
  book.add('conductor', 'c', 'p', { size: '12' });
  book.observe('d/t1', { tightness: 'firm' });
  return book;
}
const coverageOf = (scope?: ScopeName) => {
  const inspection = fold(record(scope).entries);
  return visitCoverage(inspection, readSite(inspection), { open, unseen: [] });
};

describe('the same record under each scope', () => {
  test.each(Object.keys(expected) as ScopeName[])('%s', (scope) => {
    const { made, agreed, acts, beyond: got } = coverageOf(scope);
    const notMade = acts.filter(({ wants }) => wants.length > 0).map(({ key }) => key);
    expect([made, agreed, notMade.sort()]).toEqual(expected[scope]);
    expect(got.map(({ property }) => property).sort()).toEqual(beyond[scope]);
  });

  test('none recorded is everything, and is said to be so', () => {
    const { scope, made, agreed } = coverageOf();
    expect(scope).toEqual({ name: 'full', recorded: false });
    expect([made, agreed]).toEqual(expected.full.slice(0, 2));
  });
});

describe('laws over records of every kind', () => {
  const names = Object.keys(scopes) as ScopeName[];
  /** The record with this agreed, whatever else it says of what was. */
  const under = (entries: readonly Entry[], scope: ScopeName) => {
    const others = entries.filter((one) => one.kind === 'undo' || !('scope' in one.facts));
    const agreed: Entry = {
      v: 1,
      id: 'agreed',
      counter: highestCounter(others) + 1,
      device: 'tablet',
      author: 'ines',
      at: '2026-04-14T09:41:00+01:00',
      action: 'agreed',
      kind: 'observe',
      about: 'site',
      facts: { scope },
      certainty: 'told',
      replaces: [],
    };
    return assess([...others, agreed], testSettings);
  };

  test('findings are the same under all scopes, and widening drops no act', () => {
    fc.assert(
      fc.property(anyEntries, (entries) => {
        const all = names.map((scope) => under(entries, scope));
        for (const [index, wide] of all.slice(1).entries()) {
          const narrow = all[index]!;
          expect(wide.findings.map(({ key, grade }) => [key, grade])).toEqual(
            narrow.findings.map(({ key, grade }) => [key, grade]),
          );
          expect(wide.coverage).toEqual(narrow.coverage);
          const keys = new Set(wide.visit.acts.map(({ key }) => key));
          for (const { key } of narrow.visit.acts) expect(keys).toContain(key);
          expect(wide.visit.beyond.length).toBeLessThanOrEqual(narrow.visit.beyond.length);
        }
        for (const { visit } of all) {
          expect(visit.agreed).toBe(visit.acts.length);
          expect(visit.made).toBe(visit.acts.filter(({ wants }) => wants.length === 0).length);
        }
      }),
      { numRuns: 25, seed: 15 },
    );
  });
});
