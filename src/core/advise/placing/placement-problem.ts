/** A position by its column and row: c1r5. */
export type SpotKey = string;

/** A position of the panel. */
export interface Spot {
  key: SpotKey;
  /** Something may be put here: recorded, sound, not barred. */
  usable: boolean;
  column: number;
  /** From 1 at the top. */
  row: number;
  /** As printed. */
  number: number;
  leg: string;
  /** Label and notch allow half-size breakers here. */
  tandem: boolean;
  /** Of a split bus: what stands in one section stays there. */
  section: string;
}

/** A device to be placed, new or there already. */
export interface Piece {
  id: string;
  /** Positions it takes, one above the other, each on a leg of its own. */
  rows: 1 | 2 | 3;
  /** Uppermost position it stands at; undefined: it is new. */
  from: SpotKey | undefined;
  /** Where its wires come from, of one that has to leave where it stood: the nearer, the better. */
  near?: SpotKey | undefined;
  /** It is not to be moved. */
  fixed: boolean;
  /** Half-size: it goes only where tandems are allowed. */
  halfSize: boolean;
  /** A single breaker that may become half of a tandem; by its rating, A. */
  halvesAs: number | undefined;
  /** Legs it may be moved to; undefined: any. */
  legs: readonly string[] | undefined;
  /** Positions it may be moved to; undefined: any. */
  only?: ReadonlySet<SpotKey> | undefined;
  /** Section it belongs to; undefined: any. */
  section: string | undefined;
  /** Load of each of its rows, in half amps, whole numbers; 0 where nobody measured or listed it. */
  halfAmps: readonly number[];
  /** Likely minutes to move it. */
  minutes: number;
}

/** Breakers of circuits that share a neutral: on different legs, and side by side where a tie joins them. */
export interface Together {
  pieces: readonly string[];
  beside: boolean;
}

/** What is to stand in a panel after some work, and where it may. */
export interface PlacementProblem {
  spots: readonly Spot[];
  pieces: readonly Piece[];
  together: readonly Together[];
  /** Pairs of single breakers that become tandems. */
  tandems: number;
  /** Pairs of ratings the label lists for tandems, A, lower first; undefined: any. */
  ratingPairs: readonly (readonly [number, number])[] | undefined;
  legs: readonly string[];
}

/** Where everything stands then. */
export interface Placement {
  /** Uppermost position of each piece; of one that became half of a tandem, the tandem’s. */
  at: ReadonlyMap<string, SpotKey>;
  /** New tandems: the piece of the upper half and that of the lower. */
  tandems: readonly { spot: SpotKey; upper: string; lower: string }[];
  /** Likely minutes of all that moved. */
  minutes: number;
  /** The most loaded leg less the least, in half amps. */
  imbalance: number;
}

export const keyOf = (column: number, row: number): SpotKey => `c${column}r${row}`;

/** Column and row of a position. */
export const columnAndRowOf = (key: SpotKey): [column: number, row: number] => {
  const [, column, row] = /^c(\d+)r(\d+)$/.exec(key)!;
  return [Number(column), Number(row)];
};

/** Positions a piece takes from its uppermost. */
export function covered(from: SpotKey, rows: number): SpotKey[] {
  const [column, row] = columnAndRowOf(from);
  return Array.from({ length: rows }, (_, step) => keyOf(column, row + step));
}

/** Uppermost positions a piece may stand at. Where it stands already it may stay, whatever is wrong there. */
export function anchorsOf(piece: Piece, spots: ReadonlyMap<SpotKey, Spot>): SpotKey[] {
  const stays = piece.from === undefined ? [] : [piece.from];
  if (piece.fixed) return stays;
  const fits = [...spots.values()].filter(({ key }) => {
    if (key === piece.from) return false;
    const under = covered(key, piece.rows).map((one) => spots.get(one));
    const legs = new Set(under.map((one) => one?.leg));
    return (
      under.every(
        (one) =>
          one !== undefined &&
          one.usable &&
          (!piece.halfSize || one.tandem) &&
          (piece.legs === undefined || piece.legs.includes(one.leg)) &&
          (piece.only === undefined || piece.only.has(one.key)) &&
          one.section === (piece.section ?? under[0]!.section),
      ) && legs.size === piece.rows
    );
  });
  return [...stays, ...fits.map(({ key }) => key)];
}

/** Whether two ratings may share a tandem. */
export const pairAllowed = (
  { ratingPairs }: Pick<PlacementProblem, 'ratingPairs'>,
  a: number,
  b: number,
): boolean =>
  ratingPairs === undefined ||
  ratingPairs.some(([low, high]) => low === Math.min(a, b) && high === Math.max(a, b));

/** Rows between two positions; to the other column it is a long way round. */
export function wireWay(a: SpotKey, b: SpotKey): number {
  const [[columnA, rowA], [columnB, rowB]] = [columnAndRowOf(a), columnAndRowOf(b)];
  return Math.abs(rowA - rowB) + (columnA === columnB ? 0 : 12);
}

/** Positions one above the other. */
export const areBeside = (a: SpotKey, b: SpotKey): boolean => {
  const [[columnA, rowA], [columnB, rowB]] = [columnAndRowOf(a), columnAndRowOf(b)];
  return columnA === columnB && Math.abs(rowA - rowB) === 1;
};
