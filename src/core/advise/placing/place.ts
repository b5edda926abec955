import type { Highs } from 'highs';
import type { Piece, Placement, PlacementProblem, Spot, SpotKey } from './placement-problem';
import {
  anchorsOf,
  areBeside,
  columnAndRowOf,
  covered,
  pairAllowed,
  wireWay,
} from './placement-problem';
import type { Terms } from './program';
import { Program } from './program';

/** Seconds the balance may take; with more freedom than that the best found counts. */
const balanceSeconds = 1;

/** Half amps within which legs are even: the clamp reads no finer. */
export const even = 2;

/** Positions that are all alike to a single breaker: of one section and column on one leg. */
const areaOf = ({ section, column, leg }: Spot) => `${section}|${column}|${leg}`;

/**
 * What may become of a single breaker that nothing binds to another: it stays, moves to some position of
 * an area, or becomes half of a tandem: where it stands, as the first that moves there, or as the second.
 */
interface Single {
  piece: Piece;
  stays: number | undefined;
  moves: Map<string, number>;
  hosts: number | undefined;
  hostsMoved: Map<string, number>;
  joins: Map<string, number>;
}

/**
 * Where everything goes: the least minutes of moving, then the legs as even as they can be (within an amp is even), then the
 * shortest ways for the wires. Exact by HiGHS; nothing where it cannot be placed. Synchronous: in a worker.
 * Single breakers are alike but for what they weigh, so they are counted by area and given positions after.
 * @throws where the solver ends without an answer
 */
export function place(highs: Highs, problem: PlacementProblem): Placement | undefined {
  const program = new Program(highs);
  try {
    return placedBy(program, problem);
  } finally {
    program.dispose();
  }
}

function placedBy(program: Program, problem: PlacementProblem): Placement | undefined {
  const { pieces, together, tandems, legs } = problem;
  const spots = new Map(problem.spots.map((one) => [one.key, one]));
  const usable = problem.spots.filter((one) => one.usable);
  const tandemSpots = usable.filter(({ tandem }) => tandem);
  const areas = new Map(usable.map((one) => [areaOf(one), one]));
  const bound = new Set(together.flatMap((group) => group.pieces));

  const minutes: Terms = [];
  const order: Terms = [];
  const onSpot = new Map<SpotKey, Terms>();
  const onLeg = new Map<string, Terms>(legs.map((leg) => [leg, []]));
  const take = (key: SpotKey, at: number) => onSpot.set(key, [...(onSpot.get(key) ?? []), [at, 1]]);
  const weigh = (leg: string | undefined, at: number, halfAmps: number) => {
    if (leg !== undefined && halfAmps > 0) onLeg.get(leg)?.push([at, halfAmps]);
  };

  const anchored = new Map<string, Map<SpotKey, number>>();
  const singles: Single[] = [];
  for (const piece of pieces)
    if (piece.rows === 1 && !piece.halfSize && !piece.only && !bound.has(piece.id))
      singles.push(single(piece));
    else anchored.set(piece.id, anchor(piece));

  function anchor(piece: Piece): Map<SpotKey, number> {
    const at = new Map(anchorsOf(piece, spots).map((key) => [key, program.variable()]));
    for (const [key, one] of at) {
      covered(key, piece.rows).forEach((under, step) => {
        take(under, one);
        weigh(spots.get(under)?.leg, one, piece.halfAmps[step] ?? 0);
      });
      if (key === piece.from) continue;
      if (piece.from !== undefined) minutes.push([one, piece.minutes]);
      const origin = piece.from ?? piece.near;
      const way = origin === undefined ? 0 : wireWay(origin, key);
      order.push([one, 100 * way + spots.get(key)!.number]);
    }
    program.row(1, 1, ones([...at.values()]));
    return at;
  }

  function single(piece: Piece): Single {
    const { from, fixed, halvesAs, halfAmps } = piece;
    const here = from === undefined ? undefined : spots.get(from);
    const free = [...areas].filter(
      ([, { leg, section }]) =>
        !fixed &&
        (piece.legs === undefined || piece.legs.includes(leg)) &&
        (piece.section === undefined || piece.section === section),
    );
    const moved = (to: readonly Spot[]) =>
      new Map(
        free.map(([area, { leg }]) => {
          const one = program.variable();
          weigh(leg, one, halfAmps[0] ?? 0);
          if (from !== undefined) {
            minutes.push([one, piece.minutes]);
            const ways = to.flatMap((spot) =>
              spot.key !== from && areaOf(spot) === area ? wireWay(from, spot.key) : [],
            );
            // On its own leg by choice: then nobody's neutral carries more than before.
            const across = here !== undefined && here.leg !== leg ? 150 : 0;
            order.push([one, 100 * Math.min(99, ...ways) + across]);
          }
          return [area, one];
        }),
      );
    const staying = (): number => {
      const one = program.variable();
      take(from!, one);
      weigh(here?.leg, one, halfAmps[0] ?? 0);
      return one;
    };
    const halves = tandems > 0 && halvesAs !== undefined && !fixed;
    const made: Single = {
      piece,
      stays: from === undefined ? undefined : staying(),
      moves: moved(usable),
      hosts: halves && here?.usable && here.tandem ? staying() : undefined,
      hostsMoved: halves ? moved(tandemSpots) : new Map(),
      joins: halves ? moved(tandemSpots) : new Map(),
    };
    const { stays, moves, hosts, hostsMoved, joins } = made;
    program.row(
      1,
      1,
      ones([
        ...[stays, hosts].flatMap((one) => one ?? []),
        ...[moves, hostsMoved, joins].flatMap((all) => [...all.values()]),
      ]),
    );
    return made;
  }

  // Positions that moved singles fill, whole or as the first half of a tandem.
  const filled = new Map<SpotKey, number>();
  const tandemFilled = new Map<SpotKey, number>();
  for (const { key, number, tandem } of usable)
    for (const into of [filled, ...(tandem && tandems > 0 ? [tandemFilled] : [])]) {
      const one = program.variable();
      into.set(key, one);
      take(key, one);
      order.push([one, number]);
    }
  const of = (all: ReadonlyMap<SpotKey, number>, area: string) =>
    [...all].flatMap(([key, one]) => (areaOf(spots.get(key)!) === area ? [one] : []));
  const hostsIn = (area: string) => [
    ...singles.flatMap(({ hosts, piece }) =>
      hosts !== undefined && areaOf(spots.get(piece.from!)!) === area
        ? [{ one: hosts, piece }]
        : [],
    ),
    ...singles.flatMap(({ hostsMoved, piece }) => {
      const one = hostsMoved.get(area);
      return one === undefined ? [] : [{ one, piece }];
    }),
  ];
  const joining = (area: string) =>
    singles.flatMap(({ joins, piece }) => {
      const one = joins.get(area);
      return one === undefined ? [] : [{ one, piece }];
    });
  const flows: { area: string; host: number; joins: number; one: number }[] = [];
  for (const area of areas.keys()) {
    const movers = singles.flatMap(({ moves }) => moves.get(area) ?? []);
    program.row(0, 0, [...ones(movers), ...ones(of(filled, area), -1)]);
    if (tandems === 0) continue;
    const moved = singles.flatMap(({ hostsMoved }) => hostsMoved.get(area) ?? []);
    program.row(0, 0, [...ones(moved), ...ones(of(tandemFilled, area), -1)]);
    // Of each rating as many first halves as second ones that may stand with them.
    const ratings = [...new Set(singles.flatMap(({ piece }) => piece.halvesAs ?? []))];
    const pairs = ratings.flatMap((host) =>
      ratings
        .filter((joins) => pairAllowed(problem, host, joins))
        .map((joins) => ({ area, host, joins, one: program.variable(tandems) })),
    );
    flows.push(...pairs);
    for (const rating of ratings) {
      const rated = (all: { one: number; piece: Piece }[]) =>
        ones(all.filter(({ piece }) => piece.halvesAs === rating).map(({ one }) => one));
      const by = (side: 'host' | 'joins') =>
        ones(
          pairs.filter((pair) => pair[side] === rating).map(({ one }) => one),
          -1,
        );
      program.row(0, 0, [...rated(hostsIn(area)), ...by('host')]);
      program.row(0, 0, [...rated(joining(area)), ...by('joins')]);
    }
  }
  if (tandems > 0) program.row(tandems, tandems, ones(flows.map(({ one }) => one)));
  for (const terms of onSpot.values()) program.row(0, 1, terms);
  for (const { pieces: group, beside } of together) {
    for (const leg of legs)
      program.row(
        0,
        1,
        ones(
          group.flatMap((id) =>
            [...anchored.get(id)!].flatMap(([key, one]) =>
              spots.get(key)?.leg === leg ? [one] : [],
            ),
          ),
        ),
      );
    if (!beside) continue;
    // Each has another of the group next to it.
    for (const id of group)
      for (const [key, one] of anchored.get(id)!)
        program.row(-Infinity, 0, [
          [one, 1],
          ...ones(
            group
              .filter((other) => other !== id)
              .flatMap((other) =>
                [...anchored.get(other)!].flatMap(([near, at]) =>
                  areBeside(near, key) ? [at] : [],
                ),
              ),
            -1,
          ),
        ]);
  }

  let best = program.least(minutes);
  if (!best) return undefined;
  program.row(-Infinity, best.sum, minutes);
  if ([...onLeg.values()].some((terms) => terms.length > 0)) {
    best = evenLegs(program, problem, onLeg) ?? best;
  }
  best = program.least(order, balanceSeconds) ?? best;
  const chosen = (one: number | undefined) => one !== undefined && best!.values[one] === 1;
  return read();

  function read(): Placement {
    const at = new Map<string, SpotKey>();
    for (const [id, anchors] of anchored)
      at.set(id, [...anchors].find(([, one]) => chosen(one))![0]);
    for (const { piece, stays, hosts } of singles)
      if (chosen(stays) || chosen(hosts)) at.set(piece.id, piece.from!);
    const made: Placement['tandems'][number][] = [];
    for (const area of areas.keys()) {
      const open = (all: ReadonlyMap<SpotKey, number>) =>
        [...all]
          .filter(([key, one]) => chosen(one) && areaOf(spots.get(key)!) === area)
          .map(([key]) => key)
          .sort(byPlace);
      const inOrder = (some: readonly Piece[]) => [...some].sort((a, b) => byPlace(a.from, b.from));
      // In the order they stood, so that wires cross as little as may be.
      const give = (some: readonly Piece[], to: readonly SpotKey[]) =>
        inOrder(some).forEach(({ id }, index) => at.set(id, to[index]!));
      const that = (of: (one: Single) => number | undefined) =>
        singles.filter((one) => chosen(of(one))).map(({ piece }) => piece);
      give(
        that(({ moves }) => moves.get(area)),
        open(filled),
      );
      give(
        that(({ hostsMoved }) => hostsMoved.get(area)),
        open(tandemFilled),
      );
      const movedHosts = that(({ hostsMoved }) => hostsMoved.get(area));
      // Any that stays on a position for tandems may be joined: the nearest of the wanted rating is.
      const hosts = [
        ...movedHosts,
        ...singles
          .filter(({ stays, hosts }) => hosts !== undefined && (chosen(stays) || chosen(hosts)))
          .map(({ piece }) => piece)
          .filter(({ from }) => areaOf(spots.get(from!)!) === area),
      ];
      const joins = inOrder(that((one) => one.joins.get(area)));
      for (const flow of flows)
        for (let left = flow.area === area ? best!.values[flow.one]! : 0; left > 0; left -= 1) {
          const lower = takeOut(joins, ({ halvesAs }) => halvesAs === flow.joins);
          const wanted = hosts
            .filter(({ halvesAs }) => halvesAs === flow.host)
            .sort(
              (a, b) =>
                Number(movedHosts.includes(b)) - Number(movedHosts.includes(a)) ||
                wireWay(at.get(a.id)!, lower.from!) - wireWay(at.get(b.id)!, lower.from!),
            );
          const upper = takeOut(hosts, (one) => one === wanted[0]);
          const spot = at.get(upper.id)!;
          at.set(lower.id, spot);
          made.push({ spot, upper: upper.id, lower: lower.id });
        }
    }
    return { at, tandems: made, ...figuresOf(problem, spots, at) };
  }
}

const ones = (variables: readonly number[], coefficient = 1): Terms =>
  variables.map((one) => [one, coefficient]);

/** What stands nowhere yet comes last. */
const byPlace = (a: SpotKey | undefined, b: SpotKey | undefined): number => {
  if (a === undefined || b === undefined) return Number(a === undefined) - Number(b === undefined);
  const [x, y] = [columnAndRowOf(a), columnAndRowOf(b)];
  return x[0] - y[0] || x[1] - y[1];
};

function takeOut(from: Piece[], is: (piece: Piece) => boolean): Piece {
  const index = from.findIndex(is);
  return from.splice(index, 1)[0]!;
}

/** The legs as even as the rows still allow. */
function evenLegs(
  program: Program,
  { pieces, legs }: PlacementProblem,
  onLeg: ReadonlyMap<string, Terms>,
) {
  const total = pieces.reduce((sum, { halfAmps }) => sum + halfAmps.reduce((a, b) => a + b, 0), 0);
  // On two legs the difference is even where the sum is: half of it is what is counted.
  const unit = legs.length === 2 ? 2 : 1;
  const odd = legs.length === 2 ? total % 2 : 0;
  const apart = program.variable(Math.max(total, even), even / unit);
  for (const a of legs)
    for (const b of legs)
      if (a !== b)
        program.row(-odd, Infinity, [
          [apart, unit],
          ...onLeg.get(a)!.map(([at, amount]): [number, number] => [at, -amount]),
          ...onLeg.get(b)!,
        ]);
  const least = program.least([[apart, 1]], balanceSeconds);
  if (least) program.row(-Infinity, least.sum, [[apart, 1]]);
  return least;
}

function figuresOf(
  { pieces, legs }: PlacementProblem,
  spots: ReadonlyMap<SpotKey, Spot>,
  at: ReadonlyMap<string, SpotKey>,
): Pick<Placement, 'minutes' | 'imbalance'> {
  const loads = new Map(legs.map((leg) => [leg, 0]));
  let minutes = 0;
  for (const { id, from, rows, halfAmps, minutes: own } of pieces) {
    const key = at.get(id)!;
    if (from !== undefined && key !== from) minutes += own;
    covered(key, rows).forEach((under, step) => {
      const leg = spots.get(under)?.leg;
      if (leg !== undefined) loads.set(leg, (loads.get(leg) ?? 0) + (halfAmps[step] ?? 0));
    });
  }
  return { minutes, imbalance: Math.max(...loads.values()) - Math.min(...loads.values()) };
}
