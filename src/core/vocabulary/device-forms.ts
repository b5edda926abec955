/** How a device is built: rows it takes, its terminals, and which of them belong to one circuit. */
export interface DeviceForm {
  /** Words of a form and a list. */
  words: string;
  short: string;
  /** Rows of positions it takes. */
  rows: 1 | 2 | 3;
  /** Row of each terminal, counted from the device's first, and its part of that row. */
  terminals: readonly { row: number; half?: 'upper' | 'lower' }[];
  /** Terminals of each circuit, by index. */
  circuits: readonly (readonly number[])[];
  /** Index into the ratings for each terminal: two poles of one handle share one. */
  handles: readonly number[];
  /** Has no handle of a breaker. */
  noHandle?: true;
  /** Letter before its ratings in shorthand. */
  prefix?: string;
  /** Its own word in shorthand, where it needs no rating. */
  word?: string;
  /** What is drawn on it, where it has no handle. */
  plate?: string;
  /** Panels whose positions it is offered for, the common forms first. */
  offered: readonly OfferedIn[];
}

export type OfferedIn = 'breaker' | 'three-phase' | 'fuse';

const row = (at: number) => ({ row: at });
const upper = (at: number) => ({ row: at, half: 'upper' as const });
const lower = (at: number) => ({ row: at, half: 'lower' as const });

export const deviceForms = {
  'single-pole': {
    words: 'single pole',
    short: '1 pole',
    rows: 1,
    terminals: [row(0)],
    circuits: [[0]],
    handles: [0],
    offered: ['breaker', 'three-phase', 'fuse'],
  },
  'two-pole': {
    words: 'two poles',
    short: '2 poles',
    rows: 2,
    terminals: [row(0), row(1)],
    circuits: [[0, 1]],
    handles: [0, 0],
    offered: ['breaker', 'three-phase', 'fuse'],
  },
  'three-pole': {
    words: 'three poles',
    short: '3 poles',
    rows: 3,
    terminals: [row(0), row(1), row(2)],
    circuits: [[0, 1, 2]],
    handles: [0, 0, 0],
    offered: ['three-phase'],
  },
  tandem: {
    words: 'tandem: two circuits on one position',
    short: 'tandem',
    rows: 1,
    terminals: [upper(0), lower(0)],
    circuits: [[0], [1]],
    handles: [0, 1],
    prefix: 't',
    offered: ['breaker', 'three-phase'],
  },
  quad: {
    words: 'quad: outer handles tied, inner handles tied, on two positions',
    short: 'quad',
    rows: 2,
    terminals: [upper(0), lower(0), upper(1), lower(1)],
    circuits: [
      [0, 3],
      [1, 2],
    ],
    handles: [0, 1, 1, 0],
    prefix: 'q',
    offered: ['breaker', 'three-phase'],
  },
  'quad-separate': {
    words: 'quad: four circuits on two positions',
    short: 'quad, 4 circuits',
    rows: 2,
    terminals: [upper(0), lower(0), upper(1), lower(1)],
    circuits: [[0], [1], [2], [3]],
    handles: [0, 1, 2, 3],
    prefix: 'q',
    offered: ['breaker', 'three-phase'],
  },
  half: {
    words: 'half-width single pole',
    short: 'half width',
    rows: 1,
    terminals: [row(0)],
    circuits: [[0]],
    handles: [0],
    offered: ['breaker', 'three-phase'],
  },
  surge: {
    words: 'surge device',
    short: 'surge',
    rows: 2,
    terminals: [row(0), row(1)],
    circuits: [[0, 1]],
    handles: [0, 0],
    noHandle: true,
    word: 'surge',
    plate: 'SURGE',
    offered: ['breaker', 'three-phase'],
  },
  other: {
    words: 'another device, not a breaker',
    short: 'other device',
    rows: 1,
    terminals: [row(0)],
    circuits: [[0]],
    handles: [0],
    noHandle: true,
    word: 'device',
    plate: 'DEVICE',
    offered: ['breaker', 'three-phase'],
  },
  'plug-fuse': {
    words: 'plug fuse',
    short: 'fuse',
    rows: 1,
    terminals: [row(0)],
    circuits: [[0]],
    handles: [0],
    prefix: 'f',
    offered: ['fuse'],
  },
  'pull-out': {
    words: 'pull-out block with two cartridge fuses',
    short: 'pull-out',
    rows: 2,
    terminals: [row(0), row(1)],
    circuits: [[0, 1]],
    handles: [0, 0],
    offered: [],
  },
} as const satisfies Record<string, DeviceForm>;

export type FormName = keyof typeof deviceForms;
/** Forms of all devices, in the order they are offered. */
export const formNames = Object.keys(deviceForms) as FormName[];
export const formOf = (name: FormName): DeviceForm => deviceForms[name];

/** Takes a lower case letter for each half: 13a and 13b. */
export const halved = (name: FormName) =>
  name === 'tandem' || name === 'quad' || name === 'quad-separate';

export const isFuse = ({ form }: { form: FormName }) => form === 'plug-fuse' || form === 'pull-out';
