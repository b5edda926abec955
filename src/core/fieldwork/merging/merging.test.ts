import { describe, expect, test } from '@jest/globals';
import { assess } from '../../judge/assess/assess';
import { drawPanel } from '../../show/drawing/draw-panel';
import type { Entry } from '../../record/entries/entry';
import { fold } from '../../record/entries/fold';
import { readSite } from '../../installation/panel/site-view';
import type { TwoHands } from '../../testing/two-hands';
import { twoHands } from '../../testing/two-hands';
import { bench, shuffled, testSettings } from '../../testing/bench';
import { moveDevice } from '../recording/move-device';
import { takeOutDevice } from '../recording/take-out-device';
import type { Draft } from '../recording/draft';
import { add, observe } from '../recording/draft';
import type { Logbook } from '../recording/logbook';
import type { Recorded, RecordingBench } from '../recording/recording-bench';
import { contradictionsOf } from './contradictions';
import { settle } from './settle';

const siteOf = (entries: readonly Entry[]) => readSite(fold(entries));
const panelOf = (entries: readonly Entry[]) => siteOf(entries).panels[0]!;
const standing = (entries: readonly Entry[]) => contradictionsOf(siteOf(entries), entries);
const kindsIn = (entries: readonly Entry[]) => standing(entries).map(({ kind }) => kind);
const found = (entries: readonly Entry[]) =>
  assess(entries, testSettings).findings.map(({ key }) => key.split('|')[0]);

const work = (book: Logbook, make: (bench: RecordingBench) => Recorded) => {
  const { site } = book;
  let id = 0;
  const recorded = make({
    site,
    panel: site.panels[0]!,
    newId: () => `${book.entries.length}-${(id += 1)}`,
  });
  if (!recorded.ok) throw new Error(recorded.message);
  book.record(recorded.drafts);
};
const at = (book: Logbook, number: number) =>
  book.site.panels[0]!.devices.find((device) => device.number === number)!;

/** Settles on one side on the device of one, and lets both meet. */
function settled(hands: TwoHands, side: number, by: 'ines' | 'bram' = 'ines'): Entry[] {
  hands.meet();
  const book = hands[by];
  const [first] = contradictionsOf(book.site, book.entries);
  book.record(settle(first!, side, book.site, book.entries)!);
  hands.meet();
  return hands.all();
}

const breaker = () => bench().lines('7 20 12cu kitchen');
const mending = (): Draft[] => [add('mend', 'm1', 'site', { mendOf: ['breaker/double-tap|x'] })];

describe('two values of one thing', () => {
  const rated = () => {
    const hands = twoHands(breaker());
    hands.ines.observe(at(hands.ines, 7).id, { handleRatingsA: [15] });
    hands.bram.observe(at(hands.bram, 7).id, { handleRatingsA: [40] });
    return hands;
  };

  test('both are kept, with who said which, and the worse is judged', () => {
    const entries = rated().all();
    expect(standing(entries)).toMatchObject([
      {
        kind: 'values',
        property: 'handleRatingsA',
        sides: [
          { value: [40], facts: [{ author: 'bram', at: '2026-04-14T10:05:00+01:00' }] },
          { value: [15], facts: [{ author: 'ines' }] },
        ],
      },
    ]);
    expect(found(entries)).toContain('breaker/overcurrent');
  });

  test.each([
    [0, [40]],
    [1, [15]],
  ])('settled on side %d by one entry: %p stands, by whoever settled it', (side, value) => {
    const hands = rated();
    const before = hands.all().length;
    const entries = settled(hands, side);
    expect(standing(entries)).toEqual([]);
    expect(entries).toHaveLength(before + 1);
    const [fact] = siteOf(entries).reader.facts(at(hands.ines, 7).id, 'handleRatingsA');
    expect(fact).toMatchObject({ value, author: 'ines' });
  });

  test('settled by both at once and differently, it stands contradicted again', () => {
    const hands = rated();
    hands.meet();
    for (const [by, side] of [
      ['ines', 0],
      ['bram', 1],
    ] as const) {
      const book = hands[by];
      const [one] = contradictionsOf(book.site, book.entries);
      book.record(settle(one!, side, book.site, book.entries)!);
    }
    expect(standing(hands.all())).toMatchObject([
      { kind: 'values', sides: [{ facts: [{ author: 'bram' }] }, { facts: [{ author: 'ines' }] }] },
    ]);
    expect(standing(settled(hands, 0, 'bram'))).toEqual([]);
  });

  test('the same said twice is no contradiction', () => {
    const hands = twoHands(breaker());
    for (const book of [hands.ines, hands.bram]) book.observe(at(book, 7).id, { heatMark: true });
    expect(standing(hands.all())).toEqual([]);
  });
});

describe('undone by two', () => {
  test('an action undone on two devices is undone once; each undo is taken back by itself', () => {
    const hands = twoHands(breaker());
    hands.ines.observe('panel', { remark: 'rust' });
    hands.meet();
    const action = hands.ines.entries.find(
      (entry) => entry.kind === 'observe' && entry.facts.remark === 'rust',
    )!.action;
    hands.ines.record([{ kind: 'undo', undoes: action }]);
    hands.bram.record([{ kind: 'undo', undoes: action }]);
    hands.meet();
    expect(siteOf(hands.all()).reader.value('panel', 'remark')).toBeUndefined();
    hands.ines.redo();
    hands.meet();
    expect(siteOf(hands.all()).reader.value('panel', 'remark')).toBeUndefined();
    hands.bram.redo();
    expect(siteOf(hands.all()).reader.value('panel', 'remark')).toBe('rust');
  });

  test('a value corrected by one while the other takes it back: the correction stands', () => {
    const hands = twoHands(breaker());
    hands.ines.observe('panel', { remark: 'rust' });
    hands.meet();
    hands.ines.undo();
    hands.bram.observe('panel', { remark: 'rust below the door' });
    expect(siteOf(hands.all()).reader.value('panel', 'remark')).toBe('rust below the door');
    expect(standing(hands.all())).toEqual([]);
  });

  test('what is recorded of a thing whose recording is taken back is kept, and brings it back or goes', () => {
    const taken = () => {
      const hands = twoHands(bench());
      hands.ines.line('panel', '7 20 12cu kitchen');
      hands.meet();
      hands.bram.observe(at(hands.bram, 7).id, { heatMark: true });
      hands.ines.undo();
      return hands;
    };
    expect(standing(taken().all())).toMatchObject([
      { kind: 'taken-back', undone: [{ author: 'ines' }], writings: [{ author: 'bram' }] },
    ]);
    const back = settled(taken(), 0);
    expect(standing(back)).toEqual([]);
    expect(siteOf(back).reader.value(panelOf(back).devices[0]!.id, 'heatMark')).toBe(true);
    const gone = settled(taken(), 1);
    expect(standing(gone)).toEqual([]);
    expect(panelOf(gone).devices).toEqual([]);
    expect(fold(gone).unplaced).toEqual([]);
  });

  test('of an action that says other things besides only bringing it back is offered', () => {
    const hands = twoHands(bench());
    hands.ines.add('knockout', 'k1', 'panel');
    hands.meet();
    hands.bram.record([
      observe(hands.bram.site.reader, 'k1', { remark: 'sharp' }),
      observe(hands.bram.site.reader, 'panel', { remark: 'rust' }),
    ]);
    hands.ines.undo();
    hands.meet();
    const [one] = standing(hands.all());
    expect(settle(one!, 1, hands.ines.site, hands.all())).toBeUndefined();
    expect(settle(one!, 0, hands.ines.site, hands.all())).toHaveLength(1);
  });
});

describe('taken away by one, written on by the other', () => {
  const removed = (mistaken: boolean) => {
    const hands = twoHands(breaker());
    work(hands.ines, (on) => takeOutDevice(at(hands.ines, 7), { mistaken }, on));
    hands.bram.observe(at(hands.bram, 7).id, { heatMark: true });
    return hands;
  };

  test('never there, yet hot: it counts and is drawn until one of both is settled', () => {
    const entries = removed(true).all();
    expect(standing(entries)).toMatchObject([
      {
        kind: 'presence',
        property: 'removed',
        sides: [
          { value: true, facts: [{ author: 'ines' }] },
          { value: false, facts: [{ author: 'bram' }] },
        ],
      },
    ]);
    expect(panelOf(entries).devices.map(({ label }) => label)).toEqual(['7']);
    expect(found(entries)).toContain('breaker/burned-terminal');
  });

  test('taken out since, yet hot: drawn as taken out, and still judged as there', () => {
    const entries = removed(false).all();
    expect(kindsIn(entries)).toEqual(['presence']);
    expect(panelOf(entries).devices).toEqual([]);
    expect(found(entries)).toContain('breaker/burned-terminal');
  });

  test('settled: it is away, or it is there with what was recorded of it', () => {
    const away = settled(removed(true), 0);
    expect([standing(away), panelOf(away).devices]).toEqual([[], []]);
    const there = settled(removed(true), 1, 'bram');
    expect(standing(there)).toEqual([]);
    const [device] = panelOf(there).devices;
    expect(siteOf(there).reader.value(device!.id, 'heatMark')).toBe(true);
  });

  test('a wire put under its screw meanwhile says that it is there', () => {
    const hands = twoHands(breaker());
    work(hands.ines, (on) => takeOutDevice(at(hands.ines, 7), { mistaken: true }, on));
    hands.bram.add('conductor', 'w1', 'panel', { landsOn: `${at(hands.bram, 7).id}/t1` });
    expect(kindsIn(hands.all())).toEqual(['presence']);
    const entries = settled(hands, 0);
    expect(standing(entries)).toEqual([]);
    expect(panelOf(entries).outOfRange).toEqual([]);
    expect(siteOf(entries).reader.value('w1', 'landsOn')).toBeNull();
  });

  test('what whoever took it away had seen is none against it, on either device', () => {
    const hands = twoHands(breaker());
    hands.bram.observe(at(hands.bram, 7).id, { heatMark: true });
    hands.meet();
    work(hands.ines, (on) => takeOutDevice(at(hands.ines, 7), { mistaken: true }, on));
    expect(standing(hands.all())).toEqual([]);
    expect(panelOf(hands.all()).devices).toEqual([]);
  });

  test('taken away by both is taken away', () => {
    const hands = twoHands(breaker());
    for (const book of [hands.ines, hands.bram])
      work(book, (on) => takeOutDevice(at(book, 7), { mistaken: true }, on));
    expect(standing(hands.all())).toEqual([]);
  });

  test('an entry of before, which names nothing it knew: what another device recorded after it counts', () => {
    const hands = twoHands(breaker());
    const { id } = at(hands.ines, 7);
    const old = (counter: number): Entry => ({
      v: 1,
      id: 'old',
      counter,
      device: 'tablet-2',
      author: 'ines',
      at: '2025-04-14T10:00:00+01:00',
      action: 'old',
      kind: 'observe',
      about: id,
      facts: { removed: true },
      certainty: 'seen',
      replaces: [],
    });
    hands.bram.observe(id, { heatMark: true });
    const written = hands.bram.entries.at(-1)!;
    expect(kindsIn([...hands.all(), old(written.counter - 1)])).toEqual(['presence']);
    expect(kindsIn([...hands.all(), old(written.counter + 1)])).toEqual([]);
  });

  test('a panel taken away while a screw in it is written on', () => {
    const hands = twoHands(breaker());
    hands.ines.observe('panel', { removed: true });
    hands.bram.observe(`${at(hands.bram, 7).id}/t1`, { heatMark: true });
    expect(kindsIn(hands.all())).toEqual(['presence']);
    expect(siteOf(hands.all()).panels).toHaveLength(1);
  });
});

describe('two breakers on one position', () => {
  const both = () => {
    const hands = twoHands();
    hands.ines.line('panel', '7 20 12cu n3 g3 kitchen');
    hands.bram.line('panel', '7 15 2x14cu bath');
    return hands;
  };

  test('both stand, and both are judged', () => {
    const entries = both().all();
    expect(standing(entries)).toMatchObject([
      {
        kind: 'position',
        number: 7,
        sides: [{ facts: [{ author: 'bram' }] }, { facts: [{ author: 'ines' }] }],
      },
    ]);
    expect(panelOf(entries).devices).toHaveLength(2);
    const site = siteOf(entries);
    const drawn = drawPanel(site.panels[0]!, site).shapes.flatMap((shape) =>
      shape.kind === 'text' ? shape.text : [],
    );
    // The numbers of positions 15 and 20, and one rating: the first's.
    expect(drawn.filter((text) => ['15', '20'].includes(text)).sort()).toEqual(['15', '15', '20']);
  });

  test('settled on one: the other goes with its wires and its circuit, and stays in the history', () => {
    const hands = both();
    const before = hands.all().length;
    const entries = settled(hands, 1, 'bram');
    expect(standing(entries)).toEqual([]);
    const panel = panelOf(entries);
    expect(panel.devices).toHaveLength(1);
    expect(panel.devices[0]!.terminals[0]).toMatchObject({
      handleA: 20,
      circuit: { name: 'Kitchen' },
    });
    expect(panel.conductors).toHaveLength(3);
    expect(panel.circuits).toHaveLength(1);
    expect(panel.outOfRange).toEqual([]);
    expect(entries.slice(0, before).every((entry) => entries.includes(entry))).toBe(true);
  });

  test('two halves of one position are none', () => {
    const hands = twoHands();
    hands.ines.line('panel', '7a half 15 14cu hall');
    hands.bram.line('panel', '7b half 15 14cu bath');
    expect(standing(hands.all())).toEqual([]);
  });
});

describe('moved by one', () => {
  test('and re-rated by the other: it stands at the new place with the new rating', () => {
    const hands = twoHands(breaker());
    work(hands.ines, (on) => moveDevice(at(hands.ines, 7), { number: 9 }, on));
    hands.bram.line('panel', '7 30');
    const [device] = panelOf(hands.all()).devices;
    expect(device).toMatchObject({ number: 9, terminals: [{ handleA: 30 }] });
    expect(standing(hands.all())).toEqual([]);
  });

  test('and by the other elsewhere: two places, settled on one', () => {
    const hands = twoHands(breaker());
    work(hands.ines, (on) => moveDevice(at(hands.ines, 7), { number: 9 }, on));
    work(hands.bram, (on) => moveDevice(at(hands.bram, 7), { number: 11 }, on));
    expect(standing(hands.all())).toMatchObject([{ kind: 'values', property: 'place' }]);
    const entries = settled(hands, 0);
    expect(panelOf(entries).devices.map(({ number }) => number)).toEqual([11]);
  });

  test('to where the other puts a new one: two breakers on that position', () => {
    const hands = twoHands(breaker());
    work(hands.ines, (on) => moveDevice(at(hands.ines, 7), { number: 9 }, on));
    hands.bram.line('panel', '9 15');
    expect(standing(hands.all())).toMatchObject([{ kind: 'position', number: 9 }]);
  });
});

describe('the panel changed by one while the other records in it', () => {
  test('numbered otherwise: what was recorded stays where it was pointed at', () => {
    const hands = twoHands();
    hands.ines.observe('panel', { numbering: 'down-columns' });
    hands.bram.line('panel', '7 20 12cu kitchen');
    const entries = hands.all();
    const [device] = panelOf(entries).devices;
    expect(device).toMatchObject({ column: 1, row: 4, number: 4 });
    expect(standing(entries)).toEqual([]);
  });

  test('with fewer rows: what is beyond them is kept, and listed', () => {
    const hands = twoHands();
    hands.ines.observe('panel', { rows: 6 });
    hands.bram.line('panel', '23 20 12cu kitchen');
    expect(panelOf(hands.all()).devices).toEqual([]);
    expect(panelOf(hands.all()).outOfRange[0]!.reason).toBe('the panel has no row 12');
    hands.ines.observe('panel', { rows: 12 });
    expect(panelOf(hands.all()).devices).toHaveLength(1);
  });
});

describe('named by both', () => {
  test('one screw of two circuits: settled on one, the other keeps its further screws', () => {
    const hands = twoHands(bench().lines('7 20'));
    hands.ines.line('panel', '7 20 kitchen');
    hands.bram.line('panel', '7 20 bath');
    expect(standing(hands.all())).toMatchObject([{ kind: 'circuit', label: '7' }]);
    const entries = settled(hands, 1);
    expect(standing(entries)).toEqual([]);
    expect(
      panelOf(entries).terminals.get(`${panelOf(entries).devices[0]!.id}/t1`)!.circuit!.name,
    ).toBe('Kitchen');
  });
});

describe('mended by one, seen by the other', () => {
  const hands = () => {
    const both = twoHands(bench().lines('7 20 2x12cu m1 kitchen'));
    const { id } = at(both.ines, 7);
    both.ines.record(mending());
    both.ines.record([
      observe(both.ines.site.reader, id, { heatMark: false }),
      observe(both.ines.site.reader, 'm1', { mendStep: true }),
    ]);
    both.bram.observe(id, { heatMark: true });
    return { both, id };
  };
  const now = (entries: readonly Entry[], id: string) =>
    siteOf(entries).reader.value(id, 'heatMark');
  const asFound = (entries: readonly Entry[], id: string) =>
    assess(entries, testSettings).asFound!.site.reader.value(id, 'heatMark');

  test('both stand, the one of after the mend told apart; as found what was seen counts', () => {
    const { both, id } = hands();
    expect(standing(both.all())).toMatchObject([
      {
        kind: 'values',
        sides: [
          { value: true, facts: [{ author: 'bram' }] },
          { value: false, mend: 'm1' },
        ],
      },
    ]);
    expect(asFound(both.all(), id)).toBe(true);
  });

  test('seen before the mend: mended now, and found so', () => {
    const { both, id } = hands();
    const entries = settled(both, 1, 'bram');
    expect(standing(entries)).toEqual([]);
    expect([now(entries, id), asFound(entries, id)]).toEqual([false, true]);
  });

  test('seen after it: not mended', () => {
    const { both, id } = hands();
    const entries = settled(both, 0);
    expect(standing(entries)).toEqual([]);
    expect([now(entries, id), asFound(entries, id)]).toEqual([true, true]);
  });
});

test('in whatever order they come, the same contradictions are listed in the same words', () => {
  const hands = twoHands(bench().lines('7 20 12cu kitchen', '9 15'));
  hands.ines.observe(at(hands.ines, 9).id, { handleRatingsA: [20] });
  hands.bram.observe(at(hands.bram, 9).id, { handleRatingsA: [30] });
  work(hands.ines, (on) => takeOutDevice(at(hands.ines, 7), { mistaken: true }, on));
  hands.bram.observe(at(hands.bram, 7).id, { melted: true });
  hands.ines.line('panel', '11 20');
  hands.bram.line('panel', '11 15');
  const shown = (entries: Entry[]) =>
    standing(entries).map(({ key, ...one }) => [
      key,
      'sides' in one && one.sides.map(({ facts }) => facts),
    ]);
  const all = hands.all();
  expect(shown(all)).toHaveLength(3);
  for (let seed = 1; seed <= 20; seed += 1) expect(shown(shuffled(all, seed))).toEqual(shown(all));
});
