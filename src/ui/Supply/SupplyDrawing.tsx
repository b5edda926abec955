'use client';

import type { PlacedNode } from '@/core/installation/supply/lay-out-tree';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../Book/context';
import { feederWords, nodeWords } from './node-words';

const [pitchX, pitchY, boxW, boxH] = [190, 118, 164, 62];

interface SupplyDrawingProps {
  laid: { nodes: PlacedNode[]; width: number; height: number };
  chosen: string;
  choose(id: string): void;
}

/** Solid lines were recorded; a thing whose supply was not has a dashed stub. */
export function SupplyDrawing({ laid, chosen, choose }: SupplyDrawingProps) {
  const { state } = useBook();
  const { site } = state.assessment;
  const width = Math.max(laid.width, 1) * pitchX;
  const height = laid.height * pitchY;
  const at = ({ x, y }: { x: number; y: number }) => ({
    x: x * pitchX + pitchX / 2,
    y: y * pitchY + 20,
  });
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      style={{ width: Math.min(width, 900), maxWidth: '100%' }}
      className="mt-2"
      role="group"
      aria-label="Supply tree"
    >
      {laid.nodes.map(({ node, parent, ...spot }) => {
        const to = at(spot);
        if (!parent) {
          if (node.thing.type === 'service') return null;
          return (
            <path
              key={`line-${node.thing.id}`}
              d={`M${to.x} ${to.y - 18}V${to.y}`}
              stroke="var(--ink3)"
              strokeDasharray="4 3"
              strokeWidth={1.5}
            />
          );
        }
        const from = at(parent);
        const turn = from.y + boxH + (pitchY - boxH) * 0.35;
        return (
          <g key={`line-${node.thing.id}`}>
            <path
              d={`M${from.x} ${from.y + boxH}V${turn}H${to.x}V${to.y}`}
              fill="none"
              stroke="var(--ink)"
              strokeWidth={2}
            />
            <text x={to.x + 5} y={to.y - 8} fontSize={11} fill="var(--ink2)">
              {feederWords(node, site)}
            </text>
          </g>
        );
      })}
      {laid.nodes.map(({ node, ...spot }) => {
        const { x, y } = at(spot);
        const { title, under } = nodeWords(node, site);
        const selected = node.thing.id === chosen;
        return (
          <g
            key={node.thing.id}
            role="button"
            tabIndex={0}
            aria-pressed={selected}
            aria-label={`${thingWords(node.thing.id, site)}, ${under}`}
            className="cursor-pointer"
            onClick={() => choose(node.thing.id)}
            onKeyDown={(event) => {
              if (event.key === 'Enter' || event.key === ' ') {
                event.preventDefault();
                choose(node.thing.id);
              }
            }}
          >
            <rect
              x={x - boxW / 2}
              y={y}
              width={boxW}
              height={boxH}
              rx={2}
              fill="var(--app)"
              stroke={selected ? 'var(--accent)' : 'var(--ink)'}
              strokeWidth={selected ? 3 : 1.2}
            />
            <text
              x={x}
              y={y + 24}
              fontSize={13}
              fontWeight={700}
              textAnchor="middle"
              fill="var(--ink)"
            >
              {title}
            </text>
            <text x={x} y={y + 44} fontSize={11.5} textAnchor="middle" fill="var(--ink2)">
              {under}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
