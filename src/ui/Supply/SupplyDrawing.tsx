'use client';

import type { PlacedNode } from '@/core/installation/supply/lay-out-tree';
import { thingWords } from '@/core/installation/panel/thing-words';
import { useBook } from '../Book/context';
import { tiesOf } from '@/core/installation/supply/earth';
import { EarthDrawing } from './EarthDrawing';
import type { PlacedTie } from './EarthDrawing';
import { feederWords, nodeWords } from './node-words';

const [pitchX, pitchY, boxW, boxH] = [190, 118, 164, 62];
const tiePitch = 100;

interface SupplyDrawingProps {
  laid: { nodes: PlacedNode[]; width: number; height: number };
  chosen: string;
  choose(id: string): void;
}

/** Solid lines were recorded; a thing whose supply was not has a dashed stub. */
export function SupplyDrawing({ laid, chosen, choose }: SupplyDrawingProps) {
  const { state } = useBook();
  const { site, inspection } = state.assessment;
  const width = Math.max(laid.width, 1) * pitchX;
  const ties = tiesOf([...inspection.things.values()], site.reader);
  const spots = new Map(laid.nodes.map(({ node, x, y }) => [node.thing.id, { x, y }]));
  const rows = Math.max(1, Math.floor(Math.max(width, 340) / tiePitch));
  const top = laid.height * pitchY;
  const runs = ties.length > 0 ? 14 + ties.length * 5 : 0;
  const lines = Math.ceil(ties.length / rows);
  const height = top + runs + lines * 84;
  const wide = Math.max(width, Math.min(ties.length, rows) * tiePitch);
  const at = ({ x, y }: { x: number; y: number }) => ({
    x: x * pitchX + pitchX / 2,
    y: y * pitchY + 20,
  });
  return (
    <svg
      viewBox={`0 0 ${wide} ${height}`}
      style={{ width: Math.min(wide, 900), maxWidth: '100%' }}
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
            data-chosen={selected}
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
            <BondMark id={node.thing.id} type={node.thing.type} x={x + boxW / 2} y={y + boxH} />
          </g>
        );
      })}
      <EarthDrawing
        chosen={chosen}
        choose={choose}
        ties={ties.map((tie, index): PlacedTie => {
          const spot = tie.at === undefined ? undefined : spots.get(tie.at);
          const to = spot && at(spot);
          return {
            ...tie,
            x: (index % rows) * tiePitch + tiePitch / 2,
            y: top + runs + Math.floor(index / rows) * 84,
            run: top + 6 + index * 5,
            to: to && { x: to.x - boxW / 2, y: to.y + boxH * 0.7 },
          };
        })}
      />
    </svg>
  );
}

/** Neutral and enclosure of a panel or disconnect: joined, not joined, or not looked at. */
function BondMark({ id, type, x, y }: { id: string; type: string; x: number; y: number }) {
  const { state } = useBook();
  if (type !== 'panel' && type !== 'disconnect') return null;
  const bond = state.assessment.site.reader.value(id, 'bond');
  return (
    <g
      aria-label={bond === undefined ? 'bond not seen' : bond === 'none' ? 'not bonded' : 'bonded'}
    >
      <circle
        cx={x - 9}
        cy={y - 9}
        r={5.5}
        fill={bond && bond !== 'none' ? 'var(--d-green, var(--ink))' : 'var(--app)'}
        stroke="var(--ink)"
        strokeWidth={1.2}
        strokeDasharray={bond === undefined ? '3 2' : undefined}
      />
      {bond === 'none' && (
        <path d={`M${x - 13} ${y - 5}l8 -8`} stroke="var(--ink)" strokeWidth={1.4} />
      )}
    </g>
  );
}
