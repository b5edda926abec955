import type { Group } from './jobs';
import { onWall } from './jobs';
import type { Side } from './side';

/** First lane of each group on a side, counted from the breakers outward, and how many there are. */
export interface LanePlan {
  /** Lane where a group turns to its screws. */
  arriving: Map<Group, number>;
  /** Lane where a crossing group runs down its own side. */
  leaving: Map<Group, number>;
  count: Record<Side, number>;
}

/** Lanes side by side, taken by one group or by two that do not meet. */
interface Slot {
  arriving: Group[];
  leaving: Group[];
  count: number;
}

/** First and last screw of a group, inches from the top. */
export type Reach = (group: Group) => [number, number];

/** Groups from above and from below share lanes where they do not meet. */
export function planLanes(groups: readonly Group[], reach: Reach): LanePlan {
  const plan: LanePlan = { arriving: new Map(), leaving: new Map(), count: { left: 0, right: 0 } };
  for (const side of ['left', 'right'] as const) {
    const slots: Slot[] = [];
    for (const group of groups) {
      const count = group.jobs.length;
      if (group.to === side) {
        const partner = slots.find(
          ({ arriving }) => arriving.length === 1 && canShare(arriving[0]!, group, reach),
        );
        if (partner) {
          partner.arriving.push(group);
          partner.count = Math.max(partner.count, count);
        } else slots.push({ arriving: [group], leaving: [], count });
      }
      if (leavesBy(group, side)) slots.push({ arriving: [], leaving: [group], count });
    }
    let first = 0;
    for (const slot of slots) {
      for (const group of slot.arriving) plan.arriving.set(group, first);
      for (const group of slot.leaving) plan.leaving.set(group, first);
      first += slot.count;
    }
    plan.count[side] = first;
  }
  return plan;
}

const leavesBy = (group: Group, side: Side) =>
  group.crosses && group.from.side === side && group.from.edge === 'top' && !onWall(group);

function canShare(a: Group, b: Group, reach: Reach): boolean {
  if (a.crosses || b.crosses || a.kind !== b.kind || a.use !== b.use || a.from.edge === b.from.edge)
    return false;
  const [top, bottom] = a.from.edge === 'top' ? [a, b] : [b, a];
  return reach(top)[1] + 0.3 < reach(bottom)[0];
}
