import type {
  BarTerminalView,
  ConductorView,
  PanelView,
  TerminalView,
} from '../../installation/panel/views';
import type { Geometry } from './geometry';
import { barScrewPoint, screwPoint } from './geometry';
import type { placeJackets } from './jackets';
import type { Point } from './shapes';
import type { Side } from './side';
import { sideOf } from './side';

export type Use = 'hot' | 'neutral' | 'ground';

/** A conductor to be routed: from which corner of the enclosure to which screw. */
export interface Job {
  conductor: ConductorView;
  use: Use;
  from: { side: Side; edge: 'top' | 'bottom' };
  to:
    | { kind: 'device'; side: Side; terminal: TerminalView }
    | { kind: 'bar'; side: Side; terminal: BarTerminalView };
  /** Offset at the screw where several share it, inches. */
  spread: number;
}

/** Jobs that take the same way: same corner, same kind of screw, same side. */
export interface Group {
  key: string;
  from: Job['from'];
  kind: Job['to']['kind'];
  to: Side;
  use: Use;
  crosses: boolean;
  jobs: Job[];
}

/** Conductors under one screw stand this far apart, inches. */
const spreadPitch = 0.15;

/** Every conductor that lands on a screw. */
export function jobsOf(panel: PanelView, cables: ReturnType<typeof placeJackets>): Job[] {
  const jobs: Job[] = [];
  const push = (terminal: TerminalView | BarTerminalView, to: Job['to']) =>
    terminal.conductors.forEach((conductor, index) => {
      const use = conductor.function?.value ?? (to.kind === 'bar' ? 'neutral' : 'hot');
      const spread = (index - (terminal.conductors.length - 1) / 2) * spreadPitch;
      jobs.push({ conductor, use, from: cables.cornerOf(conductor), to, spread });
    });
  for (const device of [...panel.devices, ...panel.pullOuts])
    for (const terminal of device.terminals)
      push(terminal, { kind: 'device', side: sideOf(device), terminal });
  for (const bar of panel.bars)
    for (const terminal of bar.terminals) push(terminal, { kind: 'bar', side: bar.side, terminal });
  return jobs;
}

/** Groups, those nearest the breakers first. */
export function groupJobs(jobs: readonly Job[]): Group[] {
  const groups = new Map<string, Group>();
  for (const job of jobs) {
    const key = [job.use, job.from.side, job.from.edge, job.to.kind, job.to.side].join('-');
    const known = groups.get(key);
    if (known) known.jobs.push(job);
    else
      groups.set(key, {
        key,
        from: job.from,
        kind: job.to.kind,
        to: job.to.side,
        use: job.use,
        crosses: job.from.side !== job.to.side,
        jobs: [job],
      });
  }
  const rank = (group: Group) => (group.kind === 'device' ? 0 : group.use === 'neutral' ? 1 : 2);
  return [...groups.values()].sort((a, b) => rank(a) - rank(b) || (a.key < b.key ? -1 : 1));
}

/** Bare conductors that cross run down the wall, outside the bar; all else in the gutter. */
export const onWall = (group: Group) =>
  group.crosses && group.use === 'ground' && group.from.edge === 'top';

export const screwOf = (geometry: Geometry, job: Job): Point => {
  const { to, spread } = job;
  const point =
    to.kind === 'device'
      ? screwPoint(geometry, to.terminal.device, to.terminal.index)
      : barScrewPoint(geometry, to.terminal.bar, to.terminal.number);
  return { x: point.x, y: point.y + spread };
};
