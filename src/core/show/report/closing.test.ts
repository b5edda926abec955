import { describe, expect, test } from '@jest/globals';
import type { Facts } from '../../record/entries/properties';
import { bench } from '../../testing/bench';
import type { Bench } from '../../testing/bench';
import { closing } from './blocks/closing';
import type { Source } from './blocks/sheet';
import { compareWithIssued, keyOf } from './closing';
import type { ItemNow } from './return-comparison';
import { composeReport } from './compose';
import { issueCheck, mayIssue } from './issue-check';

const before = () => bench().lines('5 20 14cu:b m1 n1', '7 20 2x12cu m1 n2', '24 open!');
const issuedOf = (one: Bench) =>
  composeReport(one.assess(), { inspection: 'one', asOf: '2026-04-14', authors: [] });
const compared = (one: Bench, issued = issuedOf(before())) =>
  compareWithIssued(issued, one.assess());
const stateOf = (one: Bench, rule: string) =>
  compared(one).items.find(({ key }) => key.startsWith(rule));

describe('a return visit, item by item', () => {
  test('nothing changed: all still found, nothing new', () => {
    const { items, fresh, open } = compared(before());
    expect(items.length).toBeGreaterThan(2);
    expect(items.every(({ now }) => now === 'still-found')).toBe(true);
    expect(fresh).toEqual([]);
    expect(open).toBe(items.length);
  });
  test('a breaker of the right size: mended by the rules', () => {
    const one = before();
    const five = one.assess().site.panels[0]!.devices.find(({ label }) => label === '5')!;
    one.facts({ handleRatingsA: [15] }, five.id);
    expect(stateOf(one, 'breaker/overcurrent')).toMatchObject({ now: 'mended' });
  });
  test('of one thing at three places one is mended: each place is an item of the return', () => {
    const doubled = () =>
      bench().lines('7 15 2x14cu m1 porch', '9 15 2x14cu m1 stair', '11 15 2x14cu m1 pump');
    const issued = issuedOf(doubled());
    const [thing] = issued.findings.filter(({ rule }) => rule === 'breaker/double-tap');
    const since = doubled().lines('9 15 14cu m1 stair');
    const { items } = compareWithIssued(issued, since.assess());
    expect(
      items
        .filter(({ number }) => number === thing!.number)
        .map(({ letter, place, now }) => [letter, place, now]),
    ).toEqual([
      ['a', 'Breaker 7', 'still-found'],
      ['b', 'Breaker 9', 'mended'],
      ['c', 'Breaker 11', 'still-found'],
    ]);
  });
  test('ticked as mended without a fact: the rules disagree, and it stays open', () => {
    const one = before();
    const key = keyOf(
      issuedOf(before()).findings.find(({ rule }) => rule === 'enclosure/open-position')!,
    );
    one.book.add('ruling', 'r1', 'site', {
      finding: key,
      returnTick: 'mended',
      returnWords: 'blank fitted, says the owner',
    } as Facts);
    expect(stateOf(one, 'enclosure/open-position')).toMatchObject({
      now: 'still-found',
      tick: 'mended',
      words: 'blank fitted, says the owner',
      disagrees: expect.stringContaining('do not show it'),
    });
  });
  test('worse than before: changed, with its grade now', () => {
    const one = before();
    const seven = one.assess().site.panels[0]!.devices.find(({ label }) => label === '7')!;
    one.facts({ terminalTakes: 1 }, seven.id).facts({ heatMark: true }, seven.terminals[0]!.ref);
    const issued = issuedOf(before().facts({ terminalTakes: 1 }, seven.id));
    const item = compared(one, issued).items.find(({ key }) =>
      key.startsWith('breaker/double-tap'),
    )!;
    expect(item.now).toBe('changed');
  });
  test('the breaker is no longer there: gone; what is new is caught', () => {
    const one = before();
    const five = one.assess().site.panels[0]!.devices.find(({ label }) => label === '5')!;
    const hot = five.terminals[0]!.conductors[0]!;
    one.facts({ removed: true }, hot.id).facts({ removed: true }, five.id);
    one.lines('9 30 12cu:b m1 n5');
    const { items, fresh } = compared(one);
    expect(items.find(({ key }) => key.startsWith('breaker/overcurrent'))!.now).toBe('gone');
    expect(fresh.map(({ place }) => place)).toContain('Breaker 9');
  });
});

describe('before signing', () => {
  const states = (one: Bench) =>
    Object.fromEntries(issueCheck(one.assess()).map(({ key, state }) => [key, state]));
  test('a note without a place stops it, once placed it does not', () => {
    const one = before();
    one.book.add('note', 'n1', 'site', { words: 'Which wire?' });
    expect(states(one)).toMatchObject({ notes: 'stops' });
    one.facts({ aboutThing: 'panel' }, 'n1');
    expect(states(one)).toMatchObject({ notes: 'done' });
  });
  test('a Danger now nobody was told of stops it', () => {
    const one = before().facts({ arcing: true });
    expect(states(one)).toMatchObject({ danger: 'stops' });
    expect(mayIssue(issueCheck(one.assess()))).toBe(false);
    expect(states(one.facts({ toldWhom: 'the owner, 11:40' }))).toMatchObject({ danger: 'done' });
  });
  test('what was not seen is printed, and stops nothing', () =>
    expect(states(before())).toMatchObject({ 'not-seen': 'open', entries: 'done' }));
});

describe('what a closing report says where nothing is open', () => {
  const says = (...states: ItemNow[]) => {
    const items = states.map((now, at) => ({
      number: at + 1,
      title: 'x',
      place: 'y',
      before: { grade: 'repair', short: 'z' },
      now,
      nowWords: now,
    }));
    const comparison = { of: '2026-0001', items, fresh: [], open: 0 };
    const blocks = closing({ report: { closing: comparison } } as unknown as Source);
    const [, first] = blocks;
    return first?.kind === 'paragraph' ? first.words[0]!.text : '';
  };
  test('mended is said of what was mended', () =>
    expect(says('mended', 'mended')).toBe('Everything in it is mended.'));
  test.each([
    ['a thing that is gone', ['mended', 'gone']],
    ['what today’s rules find otherwise', ['otherwise']],
    ['a report without findings', []],
  ] as const)('%s is not called mended', (_, states) =>
    expect(says(...states)).not.toContain('mended'),
  );
});
