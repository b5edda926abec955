import type { PanelDrawing } from '@/core';
import { bodyLength, boxOnSheet, rowTop } from '@/core/show/drawing/geometry';
import { turnPath } from '@/core/show/drawing/turn';
import { wirePath } from '@/core/show/drawing/wire-path';
import type { Preview } from './use-preview';

/** Dashes over what is only previewed: Enter makes it solid. */
export function PreviewMarks({ preview, drawing }: { preview: Preview; drawing: PanelDrawing }) {
  const { geometry, routed } = drawing;
  const positions = preview.panel.positions.filter((position) =>
    preview.positions.includes(position.number),
  );
  const wires = routed.wires.filter((wire) =>
    wire.conductor.landsOn?.entry.startsWith(preview.mark),
  );
  return (
    <g fill="none" stroke="var(--accent)" strokeDasharray="0.2 0.14" pointerEvents="none">
      {positions.map((position) => (
        <rect
          key={position.ref}
          {...boxOnSheet(geometry, {
            x: (position.column === 1 ? geometry.left.outer : geometry.right.inner) - 0.05,
            y: rowTop(geometry, position.row),
            width: bodyLength + 0.1,
            height: 1,
          })}
          strokeWidth={0.08}
        />
      ))}
      {wires.map((wire) => (
        <path
          key={wire.conductor.id}
          d={geometry.turned ? turnPath(wirePath(wire), geometry.height) : wirePath(wire)}
          strokeWidth={0.12}
        />
      ))}
    </g>
  );
}
