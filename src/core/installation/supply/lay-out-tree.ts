import { hierarchy, tree } from 'd3-hierarchy';
import type { SupplyNode } from './tree';

/** A thing of the supply where the drawing puts it. Units: one node wide, one node high. */
export interface PlacedNode {
  node: SupplyNode;
  x: number;
  y: number;
  parent: PlacedNode | undefined;
}

/** Lays the trees side by side, the supply at the top; siblings keep their order. */
export function layOutTrees(roots: readonly SupplyNode[]): {
  nodes: PlacedNode[];
  width: number;
  height: number;
} {
  const nodes: PlacedNode[] = [];
  let from = 0;
  let height = 0;
  for (const root of roots) {
    const laid = tree<SupplyNode>()
      .nodeSize([1, 1])
      .separation(() => 1)(hierarchy(root, (node) => node.below));
    const xs = laid.descendants().map((one) => one.x);
    const [least, most] = [Math.min(...xs), Math.max(...xs)];
    const placed = new Map<unknown, PlacedNode>();
    laid.each((one) => {
      const spot: PlacedNode = {
        node: one.data,
        x: from + one.x - least,
        y: one.y,
        parent: one.parent ? placed.get(one.parent) : undefined,
      };
      placed.set(one, spot);
      nodes.push(spot);
      height = Math.max(height, one.y + 1);
    });
    from += most - least + 1;
  }
  return { nodes, width: from, height };
}
