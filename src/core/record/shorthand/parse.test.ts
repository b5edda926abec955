import { describe, expect, test } from '@jest/globals';
import { bench } from '../../testing/bench';
import { parseLine } from './parse';

const { site } = bench({ bars: false }).book;
const read = (text: string) => parseLine(text, site.panels[0]!);

describe('shorthand', () => {
  test.each([
    [
      '7 20 12cu kitchen left',
      {
        positions: [7],
        form: 'single-pole',
        ratingsA: [20],
        wires: [[{ size: '12', metal: 'cu' }]],
        names: ['Kitchen left'],
      },
    ],
    [
      '9+11 30 10cu dryer',
      {
        positions: [9, 11],
        form: 'two-pole',
        ratingsA: [30],
        wires: [[{ size: '10', metal: 'cu' }], [{ size: '10', metal: 'cu' }]],
        names: ['Dryer'],
      },
    ],
    [
      '13 t15/15 14cu+14cu hall / bath',
      {
        form: 'tandem',
        ratingsA: [15, 15],
        wires: [[{ size: '14', metal: 'cu' }], [{ size: '14', metal: 'cu' }]],
        names: ['Hall', 'Bath'],
      },
    ],
    [
      '15 20 2x12cu m1',
      {
        wires: [
          [
            { size: '12', metal: 'cu' },
            { size: '12', metal: 'cu' },
          ],
        ],
        takes: 1,
      },
    ],
    [
      '19+21 30 10cu:b/10cu:w*',
      {
        wires: [
          [{ size: '10', metal: 'cu', colour: 'black' }],
          [{ size: '10', metal: 'cu', colour: 'white', remarked: true }],
        ],
      },
    ],
    ['1+3 100 1/0al', { wires: [[{ size: '1/0', metal: 'al' }], [{ size: '1/0', metal: 'al' }]] }],
    [
      '4 20 n12 g3 ~2',
      {
        neutrals: [[{ bar: 'neutral', number: 12 }]],
        grounds: [[{ bar: 'ground', number: 3 }]],
        sharesWith: 2,
      },
    ],
    [
      '4 20 n12@g g3@n',
      {
        neutrals: [[{ bar: 'ground', number: 12 }]],
        grounds: [[{ bar: 'neutral', number: 3 }]],
      },
    ],
    ['24 open!', { opening: 'open', liveMetal: true }],
    [
      '9+11 30 12cu =ac mca18 mop30',
      {
        load: {
          loadKind: 'air-conditioner',
          minimumCircuitAmpacityA: 18,
          maximumOvercurrentA: 30,
          fuseOnly: false,
        },
      },
    ],
    [
      '7 20 @tarnholt.ta !heat !loose',
      { maker: 'Tarnholt', breakerType: 'TA', marks: ['heat', 'loose'] },
    ],
  ])('%s', (text, expected) => {
    const { line, faults } = read(text);
    expect(faults).toEqual([]);
    expect(line).toMatchObject(expected);
  });

  test.each([
    ['7 20 13cu kitchen', 5, 9, /no wire size 13/],
    ['99 20', 0, 2, /no position 99: the panel has 1 to 24/],
    ['kitchen', 0, 7, /begin with a position/],
    ['9+12 30', 0, 4, /not neighbours/],
    ['23+25 30', 0, 5, /no position 25/],
    ['13 t15/15 2x14cu+14cu', 10, 21, /write \/ between the screws/],
    ['7 20 12cu:z', 5, 11, /no colour z/],
    ['7 20 ~', 5, 6, /name the position/],
    ['7 20 m3', 5, 7, /1 or 2 wires, got 3/],
    ['7 20 25', 5, 7, /rating is 20 A already/],
    ['7 3', 2, 3, /5 to 1200 A/],
    ['24 open 20', 0, 2, /an opening holds no breaker/],
    ['7', 0, 1, /say what is there/],
    ['7 20 =boiler', 5, 12, /after = one of/],
    ['bond rope', 5, 9, /strap, screw, can or none/],
    ['main', 0, 4, /name its rating/],
  ])('%s: the fault stands at its column', (text, start, end, message) => {
    const { line, faults } = read(text);
    expect(line).toBeUndefined();
    expect(faults[0]).toMatchObject({ start, end });
    expect(faults[0]!.message).toMatch(message);
  });

  test('reads every word with its columns', () => {
    expect(
      read('7 20 12cu kitchen left').tokens.map(({ start, end, meaning }) => [start, end, meaning]),
    ).toEqual([
      [0, 1, 'position 7, leg B'],
      [2, 4, '20 A, 1 pole'],
      [5, 9, '1 × 12 copper'],
      [10, 22, 'Kitchen left'],
    ]);
  });
});

describe('recording a line', () => {
  test('a line typed again corrects, and says nothing twice', () => {
    const { book, lines } = bench();
    lines('7 20 2x12cu m1 n4 kitchen');
    expect(book.line('panel', '7 20 2x12cu m1 n4 kitchen')).toEqual([]);
    book.line('panel', '7 15 14cu kitchen');
    const device = book.site.panels[0]!.devices[0]!;
    expect(device.terminals[0]).toMatchObject({ handleA: 15 });
    expect(device.terminals[0]!.conductors.map((wire) => wire.size?.value)).toEqual(['14']);
  });
  test.each([
    [
      'a two-pole breaker on one free position',
      ['7 20'],
      '5+7 30',
      /position 7 already holds breaker 7/,
    ],
    ['the second pole alone', ['5+7 30'], '7 20', /second pole of 5\+7/],
    ['a bar screw that is not there', [], '7 20 n25', /screws 1 to 24, not 25/],
    ['a neutral shared with nothing', [], '4 20 ~2', /no breaker is recorded at 2/],
  ])('refuses %s, and writes nothing', (_, before, line, message) => {
    const { book, lines } = bench();
    lines(...before);
    const count = book.entries.length;
    expect(() => book.line('panel', line)).toThrow(message);
    expect(book.entries).toHaveLength(count);
  });
  test('a bar that was not recorded is asked for', () => {
    expect(() => bench({ bars: false }).lines('7 20 n2.1')).toThrow(
      /record the neutral bar 2 first/,
    );
  });
  test('a line that names a screw makes the bar it names, its screws not counted', () => {
    const { book } = bench({ bars: false }).lines('7 20 12cu n5 g2');
    const [neutral, ground] = book.site.panels[0]!.bars;
    expect([neutral, ground].map((bar) => [bar?.kind, bar?.count, bar?.terminals.length])).toEqual([
      ['neutral', undefined, 5],
      ['ground', undefined, 2],
    ]);
  });
  test('one bar for both takes the grounds where they have none of their own', () => {
    const { book } = bench({ bars: false });
    book.add('bar', 'both', 'panel', { barKind: 'neutral', forBoth: true, terminalCount: 12 });
    book.line('panel', '7 20 12cu n5 g6');
    const [bar, more] = book.site.panels[0]!.bars;
    expect(more).toBeUndefined();
    expect(bar!.terminals[5]!.conductors[0]!.function?.value).toBe('ground');
  });
  test.each([
    ['to-1945', undefined],
    ['1950-1970', undefined],
    [undefined, undefined],
    ['from-2001', '12'],
  ] as const)(
    'the ground of a cable of %s is taken for as large as its hot: %s',
    (cableAge, size) => {
      const made = bench().lines('7 20 12cu in:nm n3 g4');
      if (cableAge) made.book.observe(made.book.site.panels[0]!.cables[0]!.id, { cableAge });
      const [, , ground] = made.book.site.panels[0]!.conductors;
      expect(ground!.size?.value).toBe(size);
    },
  );
  test('a neutral takes size and metal from its sheathed cable, known as inferred', () => {
    const { conductors } = bench().lines('7 20 12cu in:nm n3 g4').book.site.panels[0]!;
    expect(
      conductors.map(({ function: use, size, metal }) => [
        use?.value,
        size?.value,
        metal?.value,
        size?.certainty,
      ]),
    ).toEqual([
      ['hot', '12', 'cu', 'seen'],
      ['neutral', '12', 'cu', 'inferred'],
      ['ground', undefined, undefined, undefined],
    ]);
  });
  test('not from a raceway, and no ground from a large cable', () => {
    const sizes = (text: string) =>
      bench()
        .lines(text)
        .book.site.panels[0]!.conductors.map(({ size }) => size?.value);
    expect(sizes('7 20 12cu in:thw n3 g4')).toEqual(['12', undefined, undefined]);
    expect(sizes('9+11 50 6cu/6cu in:nm n5 g6')).toEqual(['6', '6', '6', undefined]);
  });
  test('two hots that share a neutral come in one cable, where the line says so', () => {
    const { book } = bench().lines('2 20 12cu:b n1 left', '4 20 12cu:r ~2 /3 right');
    const { conductors, multiwires, cables } = book.site.panels[0]!;
    expect(cables).toHaveLength(1);
    expect(conductors.map(({ cable }) => cable?.id)).toEqual(Array(3).fill(cables[0]!.id));
    expect(multiwires[0]!.neutral?.function?.value).toBe('neutral');
  });
  test('a two-pole whose two poles share a neutral', () => {
    const { book } = bench().lines('2+4 20 12cu:b/12cu:r n1 both', '2+4 ~2');
    const [group] = book.site.panels[0]!.multiwires;
    expect(group!.hots.map(({ label }) => label)).toEqual(['2', '4']);
    expect(new Set(group!.hots.map(({ device }) => device.id)).size).toBe(1);
  });
});
