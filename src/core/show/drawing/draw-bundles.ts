import type { Jacket } from './jackets';
import type { Routed } from './route';
import type { Shape } from './shapes';
import { rectPath } from './shapes';

/** Ties round cables that run bundled, with the number of their bundle: one at each corner they enter at. */
export function drawBundles({ jackets }: Pick<Routed, 'jackets'>): Shape[] {
  const bundles = new Map<string, Jacket[]>();
  for (const jacket of jackets) {
    const { bundle } = jacket.cable ?? {};
    if (!bundle) continue;
    const key = `${bundle} ${jacket.corner.side} ${jacket.corner.edge}`;
    bundles.set(key, [...(bundles.get(key) ?? []), jacket]);
  }
  return [...bundles].flatMap(([key, tied]): Shape[] => {
    const [first] = tied as [Jacket];
    const left = Math.min(...tied.map(({ x, width }) => x - width / 2)) - 0.06;
    const right = Math.max(...tied.map(({ x, width }) => x + width / 2)) + 0.06;
    const y = first.corner.edge === 'top' ? first.y + 0.2 : first.y - 0.34;
    return [
      {
        kind: 'path',
        layer: 'ends',
        d: rectPath(left, y, right - left, 0.14, 0.07),
        fill: 'back',
        stroke: 'ink2',
        width: 0.035,
      },
      {
        kind: 'text',
        layer: 'labels',
        x: first.corner.side === 'left' ? left - 0.16 : right + 0.16,
        y: y + 0.18,
        size: 0.3,
        anchor: 'middle',
        tone: 'ink2',
        text: key.split(' ')[0]!,
      },
    ];
  });
}
