'use client';

import { scaleLinear, scaleLog } from 'd3-scale';
import type { PlanView } from '@/core';
import { gradeWords } from '@/core/vocabulary/grade';
import type { Grade } from '@/core/vocabulary/grade';
import { gradeMarks } from '@/core/show/drawing/grade-marks';
import { useNarrow } from '../primitives/use-narrow';
import { moneyWords } from './money';

/** What one of a grade weighs, as a mark on the scale: an order, not a probability. */
const marks: readonly [number, Grade][] = [
  [900, 'danger'],
  [300, 'urgent'],
  [30, 'repair'],
  [3, 'note'],
];

interface FrontFigureProps {
  points: readonly PlanView[];
  asFound: number;
  chosen: string | undefined;
  currency: string;
  choose(key: string): void;
}

/** At the desk; on a phone the same figure narrower, its words as large. */
const desk = { width: 660, height: 210, left: 122, right: 30, ticks: 5 };
const phone = { width: 372, height: 170, left: 118, right: 24, ticks: 3 };
const [top, bottom] = [14, 26];

/** Cost against risk left: what is on the line nothing beats in both. Left and Right walk along it. */
export function FrontFigure({ points, asFound, chosen, currency, choose }: FrontFigureProps) {
  const { width, height, left, right, ticks } = useNarrow() ? phone : desk;
  const inset = { left, right, top, bottom };
  const most = Math.max(1, ...points.map(({ cost }) => cost.high));
  const x = scaleLinear([0, most], [inset.left, width - inset.right]).nice();
  const y = scaleLog([Math.max(3000, asFound), 1], [inset.top, height - inset.bottom]).clamp(true);
  const at = (risk: number) => y(Math.max(1, risk));
  const index = points.findIndex(({ key }) => key === chosen);
  const step = (by: number) => {
    const next = points[Math.min(points.length - 1, Math.max(0, (index < 0 ? 0 : index) + by))];
    if (next) choose(next.key);
  };
  // A staircase: between two points there is nothing to buy.
  const stairs = points
    .map(({ cost, riskLeft }, nth) => {
      const before = points[nth - 1];
      return before
        ? `H${x(cost.likely)}V${at(riskLeft)}`
        : `M${x(cost.likely)},${inset.top}V${at(riskLeft)}`;
    })
    .join('');
  const one = points[index];
  return (
    <figure>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="w-full"
        role="slider"
        tabIndex={0}
        aria-label="Plans by cost and risk left"
        aria-valuemin={0}
        aria-valuemax={Math.max(0, points.length - 1)}
        aria-valuenow={Math.max(0, index)}
        aria-valuetext={
          one
            ? `${moneyWords(one.cost.likely, currency)} likely, ${one.stays.length} stay wrong`
            : 'none chosen'
        }
        onKeyDown={(event) => {
          const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
          if (by) step(by);
          else if (event.key === 'Home') step(-points.length);
          else if (event.key === 'End') step(points.length);
          else return;
          event.preventDefault();
        }}
      >
        {marks.map(([risk, grade]) => (
          <g key={grade} className="text-ink2">
            <line
              x1={inset.left}
              x2={width - inset.right}
              y1={at(risk)}
              y2={at(risk)}
              stroke="var(--hair)"
            />
            <text
              x={inset.left - 22}
              y={at(risk) + 4}
              textAnchor="end"
              fontSize={11}
              fill="currentColor"
            >
              one {gradeWords[grade]}
            </text>
            <path
              d={gradeMarks[grade]}
              transform={`translate(${inset.left - 17},${at(risk) - 6})`}
              fill={`var(--${grade})`}
              fillRule="evenodd"
            />
          </g>
        ))}
        {x.ticks(ticks).map((cost) => (
          <g key={cost} className="text-ink2">
            <line
              x1={x(cost)}
              x2={x(cost)}
              y1={height - inset.bottom}
              y2={height - inset.bottom + 4}
              stroke="var(--line)"
            />
            <text x={x(cost)} y={height - 8} textAnchor="middle" fontSize={11} fill="currentColor">
              {moneyWords(cost, currency)}
            </text>
          </g>
        ))}
        <line
          x1={inset.left}
          x2={width - inset.right}
          y1={height - inset.bottom}
          y2={height - inset.bottom}
          stroke="var(--line)"
        />
        {asFound > 0 && (
          <circle
            cx={x(0)}
            cy={at(asFound)}
            r={5}
            fill="none"
            stroke="var(--ink2)"
            strokeDasharray="2 2"
          >
            <title>as found</title>
          </circle>
        )}
        <path d={stairs} fill="none" stroke="var(--ink)" strokeWidth={1.5} />
        {points.map((plan) => {
          const on = plan.key === chosen;
          const named = plan.names.length > 0;
          return (
            <g key={plan.key} onClick={() => choose(plan.key)} className="cursor-pointer">
              {(named || on) && (
                <line
                  x1={x(plan.cost.low)}
                  x2={x(plan.cost.high)}
                  y1={at(plan.riskLeft)}
                  y2={at(plan.riskLeft)}
                  stroke={on ? 'var(--accent)' : 'var(--ink)'}
                  strokeWidth={4}
                  strokeDasharray={
                    plan.works.some(({ looks }) => looks.length > 0) ? '4 2' : undefined
                  }
                />
              )}
              <circle
                cx={x(plan.cost.likely)}
                cy={at(plan.riskLeft)}
                r={named || on ? 6.5 : 2.5}
                fill={on ? 'var(--accent)' : named ? 'var(--sheet)' : 'var(--ink)'}
                stroke={on ? 'var(--accent)' : 'var(--ink)'}
                strokeWidth={1.5}
              />
              <circle cx={x(plan.cost.likely)} cy={at(plan.riskLeft)} r={12} fill="transparent" />
            </g>
          );
        })}
      </svg>
      <figcaption className="text-caption text-ink2">
        What it costs, from low to high, against what stays wrong. The scale is an order, not a
        probability; dashed hangs on a look that was not made.
      </figcaption>
    </figure>
  );
}
