import type { Bench } from './bench';
import { bench } from './bench';

/** One panel of each kind and state, to be looked at and to be held against laws of the drawing. */
export const gallery: readonly (readonly [name: string, make: () => Bench])[] = [
  ['nothing recorded but its rows', () => bench({ bars: false })],
  [
    'sideways, numbered across',
    () =>
      bench({ panel: { orientation: 'sideways' } }).lines(
        'main 100',
        '1 20 12cu a',
        '2+4 30 10cu b',
      ),
  ],
  [
    'main, bars, openings of each kind',
    () => bench().lines('main 100', '22 covered', '23 blank', '24 open!'),
  ],
  [
    'each form of breaker',
    () =>
      bench().lines(
        'main 100',
        '1 15 14cu hall',
        '2+4 30 10cu dryer',
        '3 t15/20 14cu+12cu bath / stair',
        '6 20 gfci 12cu sink',
        '8 20 afci 12cu bedroom',
      ),
  ],
  [
    'doubled wires, a shared neutral, a white hot',
    () =>
      bench().lines(
        'main 100',
        '1 20 2x12cu m1 kitchen',
        '2 15 14cu counter left',
        '4 15 14cu counter right s2',
        '7 20 12cu:w water heater',
      ),
  ],
  [
    'heat, melted, damp, arcing',
    () => {
      const made = bench().lines(
        'main 100',
        '1 20 12cu a',
        '3 20 12cu b',
        '5 20 12cu c',
        '7 20 12cu d',
      );
      const device = (number: number) =>
        made.book.site.panels[0]!.devices.find((one) => one.number === number)!.id;
      return made
        .facts({ heatMark: true }, device(1))
        .facts({ melted: true }, device(3))
        .facts({ moisture: true }, device(5))
        .facts({ arcing: true }, device(7));
    },
  ],
  [
    'cover not opened',
    () => bench({ panel: { coverOpened: 'not-opened' } }).lines('main 100', '1 15', '3 20'),
  ],
  [
    'fuse panel',
    () =>
      bench({
        rows: 2,
        panel: { panelKind: 'fuse', mainKind: 'pull-out', numbering: 'down-columns' },
      }).lines('1 f15e 14cu hall', '2 f30e 12cu kitchen', '3 f20i20 12cu bath'),
  ],
  [
    'split-bus, three rows of throws',
    () =>
      bench({
        rows: 10,
        panel: { panelKind: 'split-bus', mainKind: 'throws', upperRows: 3, numbering: 'odd-even' },
      }).lines('1+3 60 4cu lower section', '2+4 40 8cu range', '7 20 12cu kitchen'),
  ],
  [
    'three-phase, 30 positions',
    () =>
      bench({ rows: 15, service: { serviceSystem: 'wye-208' } }).lines(
        'main 200 3p',
        '1+3+5 60 4cu oven',
        '2 20 12cu bench',
      ),
  ],
  [
    'lugs only, downstream',
    () => bench({ rows: 6, panel: { mainKind: 'lugs' } }).lines('1 20 12cu winch'),
  ],
  [
    '84 positions, all taken',
    () =>
      bench({ rows: 42 }).lines(
        'main 200',
        ...Array.from({ length: 84 }, (_, at) => `${at + 1} 20 12cu circuit ${at + 1}`),
      ),
  ],
];
