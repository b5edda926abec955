import type { PanelView } from '@/core/installation/panel/views';

/** The position an arrow key leads to, past the second pole of a two-pole breaker. */
export function neighbour(panel: PanelView, number: number, key: string): number | undefined {
  const from = panel.positions.find((position) => position.number === number);
  if (!from) return undefined;
  const step = { ArrowUp: [0, -1], ArrowDown: [0, 1], ArrowLeft: [-1, 0], ArrowRight: [1, 0] }[key];
  if (!step) return undefined;
  const at = (column: number, row: number) =>
    panel.positions.find((position) => position.column === column && position.row === row);
  const held = from.devices[0];
  let next = at(from.column + step[0]!, from.row + step[1]!);
  while (next && held && next.devices[0] === held)
    next = at(next.column + step[0]!, next.row + step[1]!);
  const device = next?.devices[0];
  return device ? device.number : next?.number;
}
