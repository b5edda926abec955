'use client';

import { memo } from 'react';
import { anchorOf, onSheet } from '@/core/show/drawing/geometry';
import type { Geometry } from '@/core/show/drawing/geometry';
import { gradeMarks } from '@/core/show/drawing/grade-marks';
import { splitRef } from '@/core/record/entries/thing-types';
import type { Finding } from '@/core/judge/grading/finding';
import type { PanelView } from '@/core/installation/panel/views';

const markSize = 0.46;

/** Marks that stay while nothing of them changes. */
export const FindingMarks = memo(AllMarks);

/** A plate with the grade's mark where each finding sits; several at one place stand beside each other. */
interface FindingMarksProps {
  panel: PanelView;
  geometry: Geometry;
  findings: readonly Finding[];
}

function AllMarks({ panel, geometry, findings }: FindingMarksProps) {
  const taken = new Map<string, number>();
  return (
    <g pointerEvents="none">
      {findings
        .filter(({ verdict }) => verdict.panel === panel.id)
        .map(({ key, grade, verdict }) => {
          const anchor = anchorOf(geometry, panel, verdict.place.ref);
          if (!anchor) return null;
          const bar = panel.bars.find((one) => one.id === splitRef(verdict.place.ref).thing);
          const beside = bar ? anchor.x + (bar.side === 'left' ? -0.62 : 0.62) : anchor.x;
          const { x, y } = onSheet(geometry, { x: beside, y: anchor.y });
          const slot = `${Math.round(x * 4)}/${Math.round(y * 2)}`;
          const before = taken.get(slot) ?? 0;
          taken.set(slot, before + 1);
          return (
            <g key={key} transform={`translate(${x + before * 0.3} ${y})`}>
              <rect
                x={-markSize / 2 - 0.08}
                y={-markSize / 2 - 0.08}
                width={markSize + 0.16}
                height={markSize + 0.16}
                rx={0.06}
                fill="var(--sheet)"
                stroke="var(--ink)"
                strokeWidth={0.04}
              />
              <path
                d={gradeMarks[grade]}
                transform={`translate(${-markSize / 2} ${-markSize / 2}) scale(${markSize / 12})`}
                fill={`var(--${grade})`}
                fillRule="evenodd"
              />
            </g>
          );
        })}
    </g>
  );
}
