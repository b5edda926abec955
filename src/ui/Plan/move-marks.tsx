import type { drawMoves } from '@/core/show/drawing/draw-moves';

export type Mark = ReturnType<typeof drawMoves>['marks'][number];

/** The line from what a step leaves to what it takes, with its number. */
export function Leader({
  mark: { step, from, to, leader, node },
  choose,
  current = false,
}: {
  mark: Mark;
  choose(step: number): void;
  current?: boolean;
}) {
  if (!node) return null;
  const d = leader.map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${x},${y}`).join('');
  return (
    <g opacity={current ? 1 : 0.45} onClick={() => choose(step)} className="cursor-pointer">
      <path d={d} fill="none" stroke="var(--sheet)" strokeWidth={0.24} />
      <path d={d} fill="none" stroke="var(--accent)" strokeWidth={current ? 0.1 : 0.07} />
      {from && <Frame box={from} current={current} />}
      {to && <Frame box={to} current={current} dashed />}
      <circle
        cx={node.x}
        cy={node.y}
        r={0.48}
        fill={current ? 'var(--accent)' : 'var(--sheet)'}
        stroke="var(--accent)"
        strokeWidth={0.08}
      />
      <text
        x={node.x}
        y={node.y + 0.2}
        textAnchor="middle"
        fontSize={0.56}
        fontWeight={700}
        fill={current ? 'var(--on-accent)' : 'var(--accent)'}
      >
        {step}
      </text>
    </g>
  );
}

/** What is left solid, what is not there yet dashed. */
export const Frame = ({
  box: { x, y, width, height },
  current,
  dashed = false,
}: {
  box: NonNullable<Mark['from']>;
  current: boolean;
  dashed?: boolean;
}) => (
  <rect
    x={x}
    y={y}
    width={width}
    height={height}
    fill={dashed ? 'var(--accent)' : 'none'}
    fillOpacity={dashed ? 0.12 : 0}
    stroke="var(--accent)"
    strokeWidth={current ? 0.12 : 0.07}
    strokeDasharray={dashed ? '0.3 0.16' : undefined}
  />
);
