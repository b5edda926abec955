'use client';

import { useState } from 'react';
import type { PointerEvent, ReactNode } from 'react';
import type { PanelView } from '@/core/installation/panel/views';
import type { PanelDrawing } from '@/core';
import { boxOnSheet, onSheet, rowMiddle, rowTop, sheetSize } from '@/core/show/drawing/geometry';
import { useInHand } from '../Book/context';
import { betweenColumns, pointInHand, rim, windowRound } from './lens';
import type { Window } from './lens';

/** Pixels of the phone's drawing: the map of the whole panel, and the lens beside it. */
const [mapWidth, lensWidth, high] = [116, 274, 224];
/** A row of positions in the lens, pixels; hung sideways both columns must fit its height. */
const pitch = { upright: 42.4, turned: 37 };

const viewBox = ({ x, y, width, height }: Window) => `${x} ${y} ${width} ${height}`;

/**
 * The phone's drawing: the whole panel small, and beside it the rows where one works, both columns
 * whole. A touch on the map takes the lens there; a touch in the lens takes the thing in hand.
 */
export function PanelLens({
  panel,
  drawing,
  label,
  children,
}: {
  panel: PanelView;
  drawing: PanelDrawing;
  label: string;
  /** What is drawn and touched, in inches of the sheet. */
  children: ReactNode;
}) {
  const { selection } = useInHand();
  const { geometry } = drawing;
  const scale = geometry.turned ? pitch.turned : pitch.upright;
  const size = { width: lensWidth / scale, height: high / scale };
  const inHand = JSON.stringify(selection);
  const [looked, look] = useState<{ inHand: string; x: number; y: number }>();
  const start = boxOnSheet(geometry, {
    x: betweenColumns(geometry) - 0.5,
    y: rowTop(geometry, 1),
    width: 1,
    height: Math.min(5, geometry.rows),
  });
  const centre =
    looked?.inHand === inHand
      ? looked
      : (pointInHand(selection, panel, drawing) ?? {
          x: start.x + start.width / 2,
          y: start.y + start.height / 2,
        });
  const shown = windowRound(centre, drawing, size);
  const sheet = sheetSize(geometry);
  const whole = { x: -rim, y: -rim, width: sheet.width + 2 * rim, height: sheet.height + 2 * rim };

  const go = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const ratio = Math.max(whole.width / box.width, whole.height / box.height);
    const x = whole.x + whole.width / 2 + (event.clientX - box.x - box.width / 2) * ratio;
    const y = whole.y + whole.height / 2 + (event.clientY - box.y - box.height / 2) * ratio;
    // Rows are looked at with both their columns; a bar where it stands.
    const strip = onSheet(geometry, { x: betweenColumns(geometry), y: 0 });
    const on = geometry.turned
      ? { x, y: Math.abs(y - strip.y) < 3.4 ? strip.y : y }
      : { x: Math.abs(x - strip.x) < 3.4 ? strip.x : x, y };
    look({ inHand, ...on });
  };

  return (
    <div className="grid h-full grid-cols-[116px_1fr]">
      <svg
        viewBox={viewBox(whole)}
        width={mapWidth}
        height={high}
        className="border-hair block touch-manipulation border-r"
        data-map
        aria-hidden="true"
        onPointerUp={go}
      >
        <use href="#panel-drawn" />
        <rect
          {...shown}
          fill="var(--accent)"
          fillOpacity={0.12}
          stroke="var(--accent)"
          strokeWidth={0.14}
        />
        {panel.positions.map((position) => (
          <circle
            key={position.ref}
            data-map-position={position.number}
            {...centreOf(drawing, position)}
            r={0.3}
            fill="transparent"
          />
        ))}
      </svg>
      <svg
        viewBox={viewBox(shown)}
        className="block h-full w-full"
        preserveAspectRatio="xMidYMid slice"
        role="group"
        aria-label={label}
      >
        {children}
      </svg>
    </div>
  );
}

function centreOf({ geometry }: PanelDrawing, position: { column: 1 | 2; row: number }) {
  const side = position.column === 1 ? geometry.left : geometry.right;
  const x = (side.outer + side.inner) / 2;
  const box = boxOnSheet(geometry, {
    x: x - 0.1,
    y: rowMiddle(geometry, position.row) - 0.1,
    width: 0.2,
    height: 0.2,
  });
  return { cx: box.x + box.width / 2, cy: box.y + box.height / 2 };
}
