import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { assess } from '../../judge/assess/assess';
import { bench, shuffled, testSettings } from '../../testing/bench';
import type { Entry } from './entry';
import { fold } from './fold';

const lines = [
  '1 15 14cu:b m1 n1 g1 porch',
  '3 20 2x12cu m1 n2 kitchen',
  '2 20 12cu ~1 counter',
  '5+7 30 10cu:b/10cu:w n3 dryer',
  '9 t15/15 14cu/14cu hall / bath',
  '4 open',
  '6 open!',
  '8 blank',
  '10 covered',
  '1 20 12cu',
  '3 20 12cu m2',
  'main 100',
  'bond strap',
  'bond none',
  'depth 690',
  '11 20 12cu !heat',
  '13 20 12cu !burned',
];

/** Two people on two devices write without seeing each other, and each takes some of it back. */
const histories = fc.array(
  fc.record({
    who: fc.constantFrom('ines' as const, 'bram' as const),
    act: fc.oneof(
      fc.constantFrom(...lines),
      fc.constant('undo'),
      fc.constant('redo'),
      fc.constant('rows'),
    ),
    rows: fc.integer({ min: 2, max: 14 }),
  }),
  { maxLength: 14 },
);

function write(history: { who: 'ines' | 'bram'; act: string; rows: number }[]): Entry[] {
  const { book } = bench();
  const other = book.entries.length;
  const books = { ines: book, bram: bench().book };
  books.bram.entries = [...book.entries];
  Object.assign(books.bram, {
    by: { newId: idsFor('b'), device: 'phone', author: 'bram', at: '2026-04-14T09:50:00+01:00' },
  });
  for (const { who, act, rows } of history) {
    const mine = books[who];
    try {
      if (act === 'undo') {
        // The set-out itself is not taken back: an empty site would test nothing.
        if (mine.entries.length > other + 1) mine.undo();
      } else if (act === 'redo') mine.redo();
      else if (act === 'rows') mine.observe('panel', { rows });
      else mine.line('panel', act);
    } catch {
      // Impossible for this person now: a device refuses it, and nothing is written.
    }
  }
  return [...books.ines.entries, ...books.bram.entries.slice(other)];
}

function idsFor(prefix: string) {
  let next = 0;
  return () => `${prefix}${(next += 1)}`;
}

/** What the entries say, without the list of what could not be placed. */
const said = (entries: readonly Entry[]) => {
  const { things, facts, conflicts } = fold(entries);
  const standing = [...facts]
    .map(([about, values]) => [about, [...values]] as const)
    .filter(([, values]) => values.length > 0);
  return {
    things: [...things.keys()].sort(),
    facts: standing.sort(([a], [b]) => (a < b ? -1 : 1)),
    conflicts,
  };
};

describe('fold', () => {
  test('any order and repetition of the same entries gives the same inspection and the same findings', () => {
    fc.assert(
      fc.property(histories, fc.integer(), (history, seed) => {
        const entries = write(history);
        const again = shuffled([...entries, ...shuffled(entries, seed + 1).slice(0, 9)], seed);
        expect(fold(again)).toEqual(fold(entries));
        const keys = (list: readonly Entry[]) =>
          assess(list, testSettings).findings.map(({ key, grade }) => [key, grade]);
        expect(keys(again)).toEqual(keys(entries));
      }),
      { numRuns: 60, seed: 11 },
    );
  });

  test('undo of an action equals never having made it, the audit list aside', () => {
    fc.assert(
      fc.property(histories, fc.nat(), (history, pick) => {
        const entries = write(history);
        const actions = [
          ...new Set(entries.filter((entry) => entry.kind !== 'undo').map((entry) => entry.action)),
        ];
        const action = actions[pick % actions.length]!;
        const last = Math.max(...entries.map((entry) => entry.counter));
        const undo: Entry = {
          v: 1,
          id: 'the-undo',
          counter: last + 1,
          device: 'tablet',
          author: 'ines',
          at: '2026-04-14T10:00:00Z',
          action: 'the-undo-action',
          kind: 'undo',
          undoes: action,
        };
        const never = entries.filter((entry) => entry.action !== action);
        expect(said([...entries, undo])).toEqual(said(never));
        const redo: Entry = {
          ...undo,
          id: 'the-redo',
          counter: last + 2,
          action: 'the-redo-action',
          undoes: 'the-undo-action',
        };
        expect(said([...entries, undo, redo])).toEqual(said(entries));
      }),
      { numRuns: 60, seed: 12 },
    );
  });

  test('never throws, and keeps or lists every entry, whatever it says', () => {
    const wild = fc.record({
      v: fc.constant(1 as const),
      id: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
      counter: fc.integer({ min: 1, max: 9 }),
      device: fc.constantFrom('x', 'y'),
      author: fc.constant('ines'),
      at: fc.constant('2026-04-14T09:41:00Z'),
      action: fc.constantFrom('p', 'q', 'r'),
    });
    const wildEntry = fc.oneof(
      fc
        .tuple(
          wild,
          fc.constantFrom('site', 'panel', 'moon'),
          fc.constantFrom(null, 't1', 't2'),
          fc.constantFrom('t1', 't2'),
        )
        .map(([base, type, parent, thing]): Entry => ({
          ...base,
          kind: 'add',
          type,
          in: parent,
          thing,
          facts: { rows: 3, size: '13' },
          certainty: 'seen',
        })),
      fc.tuple(wild, fc.constantFrom('t1', 't2/c1r3', 't9/t1')).map(([base, about]): Entry => ({
        ...base,
        kind: 'observe',
        about,
        facts: { rows: 'many', name: 'A' },
        certainty: 'told',
        replaces: ['a', 'b'],
      })),
      fc
        .tuple(wild, fc.constantFrom('p', 'q', 'r', 'z'))
        .map(([base, undoes]): Entry => ({ ...base, kind: 'undo', undoes })),
    );
    fc.assert(
      fc.property(fc.array(wildEntry, { maxLength: 12 }), fc.integer(), (entries, seed) => {
        const inspection = fold(entries);
        expect(fold(shuffled(entries, seed))).toEqual(inspection);
        expect(() => assess(entries, testSettings)).not.toThrow();
      }),
      { numRuns: 300, seed: 13 },
    );
  });

  test('a populated panel renumbered, shrunk, enlarged, removed and restored keeps every entry', () => {
    const { book, lines: record } = bench();
    record('1 15 14cu n1 porch', '23 20 12cu n2 g1 cellar', '22+24 30 10cu n3 dryer', '21 open');
    const before = assess(book.entries, testSettings);
    const made = book.entries.length;
    book.observe('panel', { numbering: 'down-columns' });
    expect(book.site.panels[0]!.devices.map((device) => device.label)).toEqual([
      '1',
      '12',
      '23+24',
    ]);
    book.observe('panel', { rows: 4 });
    const shrunk = book.site.panels[0]!;
    expect(shrunk.devices.map((device) => device.label)).toEqual(['1']);
    expect(shrunk.outOfRange.map((one) => one.reason)).toEqual(
      expect.arrayContaining(['the panel has no row 12']),
    );
    book.observe('panel', { rows: 12, numbering: 'odd-even' });
    book.observe('panel', { removed: true });
    expect(book.site.panels).toHaveLength(0);
    book.observe('panel', { removed: false });
    const after = assess(book.entries, testSettings);
    expect(book.entries.length).toBe(made + 5);
    expect(after.findings.map(({ key, grade }) => [key, grade])).toEqual(
      before.findings.map(({ key, grade }) => [key, grade]),
    );
    expect(after.coverage).toEqual(before.coverage);
  });
});

describe('contradictions', () => {
  const contradicted = () => {
    const { book } = bench();
    book.line('panel', '7 20 12cu m1 kitchen');
    const device = book.site.panels[0]!.devices[0]!.id;
    const rating = (id: string, by: string, amps: number): Entry => ({
      v: 1,
      id,
      counter: 900,
      device: by,
      author: by,
      at: '2026-04-14T10:00:00Z',
      action: `${id}-action`,
      kind: 'observe',
      about: device,
      facts: { handleRatingsA: [amps] },
      certainty: 'seen',
      replaces: [],
    });
    return { book, device, rating };
  };

  test('are both kept, the adverse one counts, and the conflict is shown until corrected', () => {
    const { book, device, rating } = contradicted();
    const entries = [...book.entries, rating('one', 'anna', 30), rating('two', 'bram', 20)];
    const both = assess(entries, testSettings);
    expect(both.inspection.conflicts.map(({ about, property }) => [about, property])).toEqual([
      [device, 'handleRatingsA'],
    ]);
    expect(both.findings.map(({ verdict }) => verdict.rule.id)).toContain('breaker/overcurrent');
    const corrected: Entry = {
      ...rating('three', 'ines', 20),
      counter: 901,
      kind: 'observe',
      replaces: [
        'one',
        'two',
        book.entries.find((entry) => entry.kind === 'add' && entry.thing === device)!.id,
      ],
    } as Entry;
    const after = assess([...entries, corrected], testSettings);
    expect(after.inspection.conflicts).toEqual([]);
    expect(after.findings.map(({ verdict }) => verdict.rule.id)).not.toContain(
      'breaker/overcurrent',
    );
  });

  test('an impossible wire size arriving from elsewhere is kept and listed, not lost and not believed', () => {
    const { book } = contradicted();
    const wire = book.site.panels[0]!.conductors[0]!.id;
    const entry: Entry = {
      v: 1,
      id: 'bad',
      counter: 999,
      device: 'old',
      author: 'bram',
      at: '2026-04-14T10:00:00Z',
      action: 'bad-action',
      kind: 'observe',
      about: wire,
      facts: { size: '13', colour: 'red' },
      certainty: 'seen',
      replaces: [],
    };
    const { inspection, site } = assess([...book.entries, entry], testSettings);
    expect(inspection.unplaced).toMatchObject([{ entry: 'bad', property: 'size' }]);
    expect(site.panels[0]!.conductors[0]).toMatchObject({
      size: { value: '12' },
      colour: { value: 'red' },
    });
  });

  test('two breakers on one position from two devices are both kept and examined', () => {
    const { book } = contradicted();
    const second: Entry = {
      v: 1,
      id: 'second',
      counter: 2,
      device: 'phone',
      author: 'bram',
      at: '2026-04-14T10:00:00Z',
      action: 'second-action',
      kind: 'add',
      thing: 'other-breaker',
      type: 'device',
      in: 'panel',
      certainty: 'seen',
      facts: {
        place: { kind: 'position', column: 1, row: 3 },
        form: 'two-pole',
        handleRatingsA: [30],
      },
    };
    const { site } = assess([...book.entries, second], testSettings);
    expect(
      site.panels[0]!.positions.filter((one) => one.devices.length === 2).map((one) => one.number),
    ).toEqual([7]);
    expect(site.panels[0]!.devices.map((device) => device.label).sort()).toEqual(['5+7', '7']);
  });
});
