/** The panel both journeys record: 24 positions, 18 circuits, with a doubled wire, a small wire and doubled neutrals. */
export interface Row {
  at: number;
  form: 'single-pole' | 'two-pole' | 'tandem';
  rating: number;
  /** Wires of each screw: size and colour. */
  wires: [string, 'black' | 'red' | 'white'][][];
  neutral?: number;
  sharesWith?: number;
  names: string[];
}

const one = (
  at: number,
  rating: number,
  size: string,
  neutral: number | undefined,
  name: string,
): Row => ({
  at,
  rating,
  form: 'single-pole',
  wires: [[[size, 'black']]],
  names: [name],
  ...(neutral && { neutral }),
});
const two = (
  at: number,
  rating: number,
  size: string,
  neutral: number | undefined,
  name: string,
): Row => ({
  at,
  rating,
  form: 'two-pole',
  wires: [[[size, 'black']], [[size, 'red']]],
  names: [name],
  ...(neutral && { neutral }),
});

export const rows: Row[] = [
  one(1, 15, '14', 1, 'Hall'),
  one(3, 15, '14', 2, 'Bedrooms'),
  one(5, 20, '14', 3, 'Bedrooms'),
  one(7, 20, '12', 3, 'Kitchen'),
  two(9, 30, '10', 4, 'Dryer'),
  {
    at: 13,
    form: 'tandem',
    rating: 15,
    wires: [[['14', 'black']], [['14', 'black']]],
    neutral: 5,
    names: ['Hall', 'Bath'],
  },
  {
    at: 15,
    form: 'single-pole',
    rating: 20,
    wires: [
      [
        ['12', 'black'],
        ['12', 'black'],
      ],
    ],
    neutral: 7,
    names: ['Garage'],
  },
  one(17, 15, '14', 9, 'Cellar'),
  two(19, 30, '10', undefined, 'Water heater'),
  one(2, 20, '12', 12, 'Kitchen'),
  { ...one(4, 20, '12', undefined, 'Kitchen'), sharesWith: 2 },
  one(6, 15, '14', 8, 'Lights'),
  one(8, 15, '14', 10, 'Lights'),
  two(10, 40, '8', 11, 'Range'),
  two(14, 40, '8', 13, 'Outside'),
  one(18, 20, '12', 14, 'Laundry'),
  one(20, 20, '12', 15, 'Outside'),
];

export const openings = { 22: 'covered', 23: 'blank', 24: 'open' } as const;

const letters = { black: 'b', red: 'r', white: 'w' };

/** The row as one line of shorthand. */
export function lineOf({ at, form, rating, wires, neutral, sharesWith, names }: Row): string {
  return [
    form === 'two-pole' ? `${at}+${at + 2}` : at,
    form === 'tandem' ? `t${rating}/${rating}` : rating,
    wires
      .map((screw) => screw.map(([size, colour]) => `${size}cu:${letters[colour]}`).join('+'))
      .join('/'),
    'm1',
    neutral && `n${neutral}`,
    sharesWith && `~${sharesWith}`,
    names.join(' / ').toLowerCase(),
  ]
    .filter(Boolean)
    .join(' ');
}
