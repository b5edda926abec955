import { hierarchy, tree } from 'd3-hierarchy';
import type { FlowNode } from './flow';

/** A part of the supply where the drawing of currents puts it. Units: one node wide, one node high. */
export interface PlacedFlow {
  id: string;
  /** Undefined: the source itself. */
  node: FlowNode | undefined;
  x: number;
  y: number;
  parent: PlacedFlow | undefined;
}

interface Item {
  id: string;
  node: FlowNode | undefined;
}

/** Sources at the top, each with what hangs on it below, side by side. */
export function layOutFeeds(nodes: readonly FlowNode[]): {
  placed: PlacedFlow[];
  width: number;
  height: number;
} {
  const sources = [
    ...new Set(nodes.filter(({ feed }) => feed.fromService).map(({ feed }) => feed.from)),
  ];
  const placed: PlacedFlow[] = [];
  let [from, height] = [0, 0];
  for (const id of sources) {
    const root = hierarchy<Item>({ id, node: undefined }, (item) =>
      nodes.filter(({ feed }) => feed.from === item.id).map((node) => ({ id: node.feed.id, node })),
    );
    const laid = tree<Item>()
      .nodeSize([1, 1])
      .separation(() => 1)(root);
    const xs = laid.descendants().map(({ x }) => x);
    const least = Math.min(...xs);
    const known = new Map<unknown, PlacedFlow>();
    laid.each((one) => {
      const spot: PlacedFlow = {
        ...one.data,
        x: from + one.x - least,
        y: one.y,
        parent: one.parent ? known.get(one.parent) : undefined,
      };
      known.set(one, spot);
      placed.push(spot);
      height = Math.max(height, one.y + 1);
    });
    from += Math.max(...xs) - least + 1;
  }
  return { placed, width: from, height };
}
