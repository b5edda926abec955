import type { Piece, PlacementProblem, Spot } from '@/core/advise/placing/placement-problem';
import { keyOf } from '@/core/advise/placing/placement-problem';

/**
 * 42 positions, two burned, tandems allowed at the last 16. Full: two singles share a neutral, a two-pole
 * breaker is to be put somewhere and two tandems to be made. Or 30 singles that stand nowhere yet.
 */
export function fullOf42(allNew: boolean): PlacementProblem {
  const spots = [1, 2].flatMap((column) =>
    Array.from({ length: 21 }, (_, index): Spot => ({
      key: keyOf(column, index + 1),
      usable: column === 2 || index < 4 || index > 5,
      column,
      row: index + 1,
      number: 2 * (index + 1) - (column === 1 ? 1 : 0),
      leg: index % 2 === 0 ? 'A' : 'B',
      tandem: index > 12,
      section: '',
    })),
  );
  const piece = (id: string, from: string | undefined, halfAmps: number[]): Piece => ({
    id,
    rows: halfAmps.length as 1 | 2,
    from,
    fixed: false,
    halfSize: false,
    halvesAs: allNew || halfAmps.length > 1 ? undefined : 20,
    legs: undefined,
    section: undefined,
    halfAmps,
    minutes: 15,
  });
  const singles = spots
    .filter(({ usable }) => usable)
    .slice(0, allNew ? 30 : undefined)
    .map(({ key }, at) => piece(`d${at}`, allNew ? undefined : key, [(at * 7) % 23]));
  return {
    spots,
    pieces: [...singles, piece('new', undefined, [24, 24])],
    together: [{ pieces: ['d0', 'd1'], beside: true }],
    tandems: allNew ? 0 : 2,
    ratingPairs: undefined,
    legs: ['A', 'B'],
  };
}
