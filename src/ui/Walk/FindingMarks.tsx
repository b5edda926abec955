'use client';

import { memo } from 'react';
import { anchorOf, onSheet } from '@/core/show/drawing/geometry';
import type { Geometry } from '@/core/show/drawing/geometry';
import { gradeMarks } from '@/core/show/drawing/grade-marks';
import { splitRef } from '@/core/record/entries/thing-types';
import type { Contradiction } from '@/core/fieldwork/merging/contradiction';
import type { Finding } from '@/core/judge/grading/finding';
import type { PanelView } from '@/core/installation/panel/views';

const markSize = 0.46;

/** Marks that stay while nothing of them changes. */
export const FindingMarks = memo(AllMarks);

interface FindingMarksProps {
  panel: PanelView;
  geometry: Geometry;
  findings: readonly Finding[];
  contradictions: readonly Contradiction[];
}

/** Two that point at each other, in the box of the grades' marks, 12 by 12. */
const againstEachOther = 'M0 4.6H3V2L6.2 6L3 10V7.4H0ZM12 4.6H9V2L5.8 6L9 10V7.4H12Z';

interface Mark {
  key: string;
  ref: string;
  path: string;
  fill: string;
}

/**
 * A plate with the grade's mark where each finding sits, and with one of its own where two hands recorded against
 * each other; several at one place stand beside each other.
 */
function AllMarks({ panel, geometry, findings, contradictions }: FindingMarksProps) {
  const taken = new Map<string, number>();
  const marks: Mark[] = [
    ...contradictions.map(({ key, about }) => ({
      key,
      ref: about,
      path: againstEachOther,
      fill: 'var(--accent)',
    })),
    ...findings
      .filter(({ verdict }) => verdict.panel === panel.id)
      .map(({ key, grade, verdict }) => ({
        key,
        ref: verdict.place.ref,
        path: gradeMarks[grade],
        fill: `var(--${grade})`,
      })),
  ];
  return (
    <g pointerEvents="none">
      {marks.map(({ key, ref, path, fill }) => {
        const anchor = anchorOf(geometry, panel, ref);
        if (!anchor) return null;
        const bar = panel.bars.find((one) => one.id === splitRef(ref).thing);
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
              d={path}
              transform={`translate(${-markSize / 2} ${-markSize / 2}) scale(${markSize / 12})`}
              fill={fill}
              fillRule="evenodd"
            />
          </g>
        );
      })}
    </g>
  );
}
