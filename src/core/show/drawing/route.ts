import type { ConductorView, PanelView } from '../../installation/panel/views';
import { chains } from './chains';
import type { Geometry } from './geometry';
import { lanePitch, layOut } from './geometry';
import type { Jacket } from './jackets';
import { placeJackets } from './jackets';
import type { Group, Job, Use } from './jobs';
import { groupJobs, jobsOf, onWall, screwOf } from './jobs';
import type { LanePlan } from './lanes';
import { planLanes } from './lanes';
import type { LooseEnd } from './loose-ends';
import { looseEnds } from './loose-ends';
import type { Point } from './shapes';
import type { Side } from './side';

/** A conductor's way through the panel, from its jacket to its screw. */
export interface Wire {
  conductor: ConductorView;
  use: Use;
  /** The jacket's mouth, the end of the sheaf, then axis-aligned runs; the last point is the screw. */
  points: Point[];
  /** Conductors of one bundle never cross each other. */
  bundle: string;
  /** Radius of the last turn, inches. */
  radius: number;
}

export interface Routed {
  geometry: Geometry;
  jackets: Jacket[];
  wires: Wire[];
  loose: LooseEnd[];
}

/** Lays every landed conductor in lanes, so that those of one bundle run beside each other. */
export function route(panel: PanelView): Routed {
  const cables = placeJackets(panel);
  const groups = groupJobs(jobsOf(panel, cables));
  const bare = layOut(panel, { left: 0, right: 0, wallLeft: 0, wallRight: 0, across: 0 });
  const plan = planLanes(groups, (group) => {
    const ys = group.jobs.map((job) => screwOf(bare, job).y);
    return [Math.min(...ys), Math.max(...ys)];
  });
  const sum = (test: (group: Group) => boolean) =>
    groups.filter(test).reduce((total, group) => total + group.jobs.length, 0);
  const geometry = layOut(panel, {
    ...plan.count,
    wallLeft: sum((group) => onWall(group) && group.from.side === 'left'),
    wallRight: sum((group) => onWall(group) && group.from.side === 'right'),
    across: sum((group) => group.crosses),
  });
  const jackets = cables.at(geometry);
  const loose = looseEnds(panel, jackets);
  const starts = startsOf(jackets);
  // What goes on beyond a joint starts at it.
  for (const { conductor, end } of loose)
    if (conductor.splicedTo !== undefined) starts.set(conductor.splicedTo, end);
  const ways: Ways = { geometry, groups, plan, starts };
  return {
    geometry: {
      ...geometry,
      looseAt: new Map(loose.map(({ conductor, end }) => [conductor.id, end])),
    },
    jackets,
    wires: groups.flatMap((group) => routeGroup(group, ways, panel.id)),
    loose,
  };
}

interface Ways {
  geometry: Geometry;
  groups: readonly Group[];
  plan: LanePlan;
  starts: ReadonlyMap<string, Point>;
}

const startsOf = (jackets: readonly Jacket[]) =>
  new Map(
    jackets.flatMap((jacket) =>
      jacket.conductors.map((conductor) => [conductor.id, jacket.startOf(conductor)] as const),
    ),
  );

function routeGroup(group: Group, ways: Ways, panel: string): Wire[] {
  const { geometry, plan, starts } = ways;
  const rising = group.crosses || group.from.edge === 'bottom';
  const order = (job: Job) => screwOf(geometry, job).y * (rising ? -1 : 1);
  // What turns off first comes first.
  const jobs = [...group.jobs].sort(
    (a, b) => order(a) - order(b) || (a.conductor.id < b.conductor.id ? -1 : 1),
  );
  const first = plan.arriving.get(group) ?? 0;
  const planned = jobs.map((job, index) => {
    const start = starts.get(job.conductor.id) ?? { x: geometry.width / 2, y: 0.95 };
    // Towards breakers the first takes the inner lane; towards a bar, the outer one.
    const lane = first + (group.kind === 'device' ? index : jobs.length - 1 - index);
    const x = laneX(geometry, group.to, lane);
    const screw = screwOf(geometry, job);
    const points = group.crosses
      ? crossing(group, ways, index, start, x, screw)
      : [start, { x, y: sheafEnd(geometry, group.from.edge) }, { x, y: screw.y }, screw];
    return { job, points, start };
  });
  const fromBelow = group.crosses && group.from.edge === 'bottom';
  const turn = group.from.side === 'left' ? 1 : -1;
  const runs = chains(
    planned,
    ({ points }) => (fromBelow ? points[2]!.y * turn : points[1]!.x),
    ({ start }) => start.x,
  );
  return runs.flatMap((run, depth) =>
    run.map(({ job, points }) => ({
      conductor: job.conductor,
      use: job.use,
      points,
      bundle: `${panel}-${group.key}-${depth}`,
      radius: group.kind === 'device' ? 0.34 : 0.26,
    })),
  );
}

const laneX = (geometry: Geometry, side: Side, lane: number) =>
  side === 'left'
    ? geometry.left.outer - 0.45 - lane * lanePitch
    : geometry.right.outer + 0.45 + lane * lanePitch;

/** Where the sheaf ends and the lanes begin. */
const sheafEnd = (geometry: Geometry, edge: 'top' | 'bottom') =>
  edge === 'top' ? 3.4 : geometry.rowsBottom + 0.35;

/** Down its own side, under the breakers, and up the other side, nested like brackets. */
function crossing(
  group: Group,
  ways: Ways,
  index: number,
  start: Point,
  x: number,
  screw: Point,
): Point[] {
  const { geometry, groups, plan } = ways;
  const count = group.jobs.length;
  const crossingGroups = groups.filter((other) => other.crosses);
  const channels = lanesOf(crossingGroups.slice(0, crossingGroups.indexOf(group)));
  const channel = geometry.rowsBottom + 0.6 + (channels + count - 1 - index) * lanePitch;
  const rise = [{ x, y: channel }, { x, y: screw.y }, screw];
  if (group.from.edge === 'bottom')
    return [start, { x: start.x, y: start.y - 0.1 }, { x: start.x, y: channel }, ...rise];
  const own = onWall(group)
    ? wallX(group, ways, index)
    : laneX(geometry, group.from.side, (plan.leaving.get(group) ?? 0) + count - 1 - index);
  return [start, { x: own, y: sheafEnd(geometry, 'top') }, { x: own, y: channel }, ...rise];
}

const lanesOf = (groups: readonly Group[]) =>
  groups.reduce((sum, group) => sum + group.jobs.length, 0);

function wallX(group: Group, { geometry, groups }: Ways, index: number): number {
  const same = groups.filter((other) => onWall(other) && other.from.side === group.from.side);
  const inset = 0.2 + (lanesOf(same.slice(0, same.indexOf(group))) + index) * 0.1;
  return group.from.side === 'left' ? inset : geometry.width - inset;
}
