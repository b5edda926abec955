export type Leg = 'A' | 'B';

/** Split-phase bus: opposite positions share a leg, vertical neighbours differ. */
export function legOfRow(row: number): Leg {
  return row % 2 === 1 ? 'A' : 'B';
}
