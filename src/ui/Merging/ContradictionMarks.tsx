'use client';

import type { Contradiction } from '@/core/fieldwork/merging/contradiction';
import type { PanelView } from '@/core/installation/panel/views';
import { anchorOf, onSheet } from '@/core/show/drawing/geometry';
import type { Geometry } from '@/core/show/drawing/geometry';

interface ContradictionMarksProps {
  panel: PanelView;
  geometry: Geometry;
  contradictions: readonly Contradiction[];
}

/** Inches of the sheet. */
const size = 0.56;

/** Two hands that point at each other, where what they recorded contradicts. */
export function ContradictionMarks({ panel, geometry, contradictions }: ContradictionMarksProps) {
  return (
    <g pointerEvents="none" aria-hidden="true" data-contradictions>
      {contradictions.map(({ key, about }) => {
        const anchor = anchorOf(geometry, panel, about);
        if (!anchor) return null;
        const { x, y } = onSheet(geometry, anchor);
        return (
          <g key={key} transform={`translate(${x - size * 1.5} ${y - size / 2})`}>
            <rect
              width={size}
              height={size}
              fill="var(--accent)"
              stroke="var(--sheet)"
              strokeWidth={0.05}
            />
            <path
              d="M0.06 0.28H0.2M0.13 0.18L0.23 0.28L0.13 0.38M0.5 0.28H0.36M0.43 0.18L0.33 0.28L0.43 0.38"
              fill="none"
              stroke="var(--sheet)"
              strokeWidth={0.06}
            />
          </g>
        );
      })}
    </g>
  );
}
