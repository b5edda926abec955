import { describe, expect, test } from '@jest/globals';
import { add } from '../../fieldwork/recording/draft';
import { ruleItem } from '../../fieldwork/recording/rule-item';
import { bench, testSettings } from '../../testing/bench';
import { assess } from '../assess/assess';
import { itemsOf, letterOf } from './items';

const doubled = ['7 15 2x14cu:b m1 porch', '9 15 2x14cu:b m1 stair', '11 20 2x12cu:b m1 pump'];
const made = () => bench({ panel: { coverOpened: 'opened' } }).lines(...doubled);
const itemsIn = ({ book }: ReturnType<typeof made>) => {
  const { findings } = assess(book.entries, testSettings);
  return itemsOf(findings, testSettings).filter(
    ({ places }) => places[0]!.finding.verdict.rule.id === 'breaker/double-tap',
  );
};
const placesOf = (items: ReturnType<typeof itemsIn>) =>
  items.map(({ places }) =>
    places.map(({ letter, finding }) => `${letter} ${finding.verdict.place.label}`.trim()),
  );

describe('one thing told once', () => {
  test('like findings are one item, its places lettered in the order of the panel', () => {
    expect(placesOf(itemsIn(made()))).toEqual([['a Breaker 7', 'b Breaker 9', 'c Breaker 11']]);
  });

  test('a place that grades otherwise is an item of its own', () => {
    const one = made();
    const terminal = one.book.site.panels[0]!.devices.find(({ number }) => number === 9)!;
    one.book.observe(terminal.terminals[0]!.ref, { heatMark: true });
    expect(placesOf(itemsIn(one))).toEqual([['Breaker 9'], ['a Breaker 7', 'b Breaker 11']]);
  });

  test('a ruling on the item holds for all its places until one is split off', () => {
    const one = made();
    const { book } = one;
    const next = (() => {
      let at = 0;
      return () => `ruling-${(at += 1)}`;
    })();
    const rule = (facts: Parameters<typeof ruleItem>[2], at?: string) => {
      const [item] = itemsIn(one);
      const of = item!.places
        .map(({ finding }) => finding)
        .filter(({ verdict }) => !at || verdict.place.label === at);
      book.record(ruleItem(book.site, of, facts, next));
    };
    rule({ overruledTo: 'note', overruleReason: 'seen by the maker' });
    const [ruled] = itemsIn(one);
    expect(ruled!.places.map(({ finding }) => finding.grade)).toEqual(['note', 'note', 'note']);
    rule({ toldApart: true }, 'Breaker 9');
    expect(placesOf(itemsIn(one))).toEqual([['a Breaker 7', 'b Breaker 11'], ['Breaker 9']]);
    rule({ overruledTo: 'repair' });
    expect(
      itemsIn(one)
        .map(({ grade }) => grade)
        .sort(),
    ).toEqual(['note', 'repair']);
  });

  test('a ruling of one place from before makes that place an item of its own', () => {
    const one = made();
    const { findings } = assess(one.book.entries, testSettings);
    const seven = findings.find(({ verdict }) => verdict.place.label === 'Breaker 7')!;
    one.book.record([
      add('ruling', 'old', 'site', {
        finding: seven.key,
        overruledTo: 'plan',
        overruleReason: 'goes with the works',
      }),
    ]);
    expect(placesOf(itemsIn(one))).toEqual([['a Breaker 9', 'b Breaker 11'], ['Breaker 7']]);
  });

  test('numbers run without a gap, every finding stands in one item', () => {
    const { findings } = assess(made().book.entries, testSettings);
    const items = itemsOf(findings, testSettings);
    expect(items.map(({ number }) => number)).toEqual(items.map((_, index) => index + 1));
    const keys = items.flatMap(({ places }) => places.map(({ finding }) => finding.key));
    expect(keys.sort()).toEqual(findings.map(({ key }) => key).sort());
  });

  test.each([
    [0, 'a'],
    [25, 'z'],
    [26, 'aa'],
    [53, 'bb'],
  ])('letter %i is %s', (at, letter) => expect(letterOf(at)).toBe(letter));
});
