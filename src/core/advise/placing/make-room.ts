import type { Piece, PlacementProblem, SpotKey } from './placement-problem';
import { anchorsOf, areBeside, covered } from './placement-problem';

/** More moves than this nobody makes for one breaker. */
const mostMoves = 5;
/** Positions tried before it is given up: what is found is placed anew, with everything else, exactly. */
const mostTries = 5000;

/**
 * Room for one more piece with as few moves of what stands there as can be: the new place of it and of
 * everything moved; nothing where so many moves do not make it.
 */
export function makeRoom(
  problem: PlacementProblem,
  fresh: Piece,
): ReadonlyMap<string, SpotKey> | undefined {
  const spots = new Map(problem.spots.map((one) => [one.key, one]));
  const stands = new Map<SpotKey, Piece>();
  for (const piece of problem.pieces)
    for (const key of piece.from === undefined ? [] : covered(piece.from, piece.rows))
      stands.set(key, piece);

  const free = problem.spots.filter(({ key, usable }) => usable && !stands.has(key));
  if (free.length < fresh.rows) return undefined;
  let tries = 0;

  /** Places the waiting, one after another; what they push away waits in turn. */
  function go(
    waiting: readonly Piece[],
    at: ReadonlyMap<string, SpotKey>,
    taken: ReadonlySet<SpotKey>,
    left: number,
  ): ReadonlyMap<string, SpotKey> | undefined {
    const [piece, ...rest] = waiting;
    if (!piece) return keepsTogether(at) ? at : undefined;
    const anchors = anchorsOf(piece, spots)
      .filter((key) => key !== piece.from)
      .map((key) => ({ key, pushed: pushedBy(piece, key) }))
      .sort((a, b) => a.pushed.length - b.pushed.length);
    for (const { key, pushed } of anchors) {
      if (pushed.length <= left && (tries += 1) > mostTries) return undefined;
      const under = covered(key, piece.rows);
      if (pushed.length > left || under.some((one) => taken.has(one))) continue;
      if (pushed.some(({ id, fixed }) => fixed || id === fresh.id)) continue;
      const known = new Set(waiting.map(({ id }) => id));
      const found = go(
        [...rest, ...pushed.filter(({ id }) => !known.has(id))],
        new Map(at).set(piece.id, key),
        new Set([...taken, ...under]),
        left - pushed.filter(({ id }) => !known.has(id)).length,
      );
      if (found) return found;
    }
    return undefined;

    function pushedBy(one: Piece, key: SpotKey): Piece[] {
      return [
        ...new Set(
          covered(key, one.rows).flatMap((under) => {
            const there = stands.get(under);
            return there && there.id !== one.id && !at.has(there.id) ? [there] : [];
          }),
        ),
      ];
    }
  }

  function keepsTogether(at: ReadonlyMap<string, SpotKey>): boolean {
    return problem.together.every(({ pieces, beside }) => {
      if (!pieces.some((id) => at.has(id))) return true;
      const where = pieces.flatMap(
        (id) => at.get(id) ?? problem.pieces.find((one) => one.id === id)?.from ?? [],
      );
      const legs = new Set(where.map((key) => spots.get(key)?.leg));
      return (
        legs.size === where.length &&
        (!beside ||
          where.every((key) => where.some((other) => other !== key && areBeside(key, other))))
      );
    });
  }

  for (let moves = 0; moves <= mostMoves; moves += 1) {
    const found = go([fresh], new Map(), new Set(), moves);
    if (found) return found;
  }
  return undefined;
}
