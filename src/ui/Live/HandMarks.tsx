'use client';

import { memo } from 'react';
import type { Present } from '@/core/fieldwork/hand/hand';
import type { PanelDrawing } from '@/core';
import type { PanelView } from '@/core/installation/panel/views';
import { bodyLength, boxOnSheet, rowTop, sheetSize } from '@/core/show/drawing/geometry';
import { pointInHand } from '../Walk/lens';
import { initialsOf } from './hand-words';

interface HandMarksProps {
  panel: PanelView;
  drawing: PanelDrawing;
  others: readonly Present[];
  /** Room beside the enclosure: the plate of a position stands there, and covers nothing of the panel. */
  beside?: boolean;
}

/** Inches of the sheet: a plate with initials, and the arms of a bracket. */
const plate = { width: 0.9, height: 0.56, arm: 0.22 };

/** What others have in hand, on the drawing: the place held between two brackets, and whose hands they are. */
export const HandMarks = memo(AllHands);

function AllHands({ panel, drawing, others, beside = false }: HandMarksProps) {
  const taken = new Map<string, number>();
  return (
    <g pointerEvents="none" aria-hidden="true" data-hands>
      {others.map(({ device, name, hand }) => {
        if (hand?.panel !== panel.id) return null;
        const { selection } = hand;
        const box = boxOf(selection, panel, drawing);
        const point = pointInHand(selection, panel, drawing);
        if (!box && !point) return null;
        const at = !box
          ? { x: point!.x, y: point!.y - plate.height / 2 }
          : beside
            ? besideOf(box, drawing)
            : onStrip(box, point ?? box, drawing);
        const key = `${Math.round(at.x)}/${Math.round(at.y)}`;
        const before = taken.get(key) ?? 0;
        taken.set(key, before + 1);
        const x = at.x - plate.width / 2 + before * (plate.width + 0.06);
        return (
          <g key={device}>
            {box && <path d={brackets(box)} fill="none" stroke="var(--ink)" strokeWidth={0.09} />}
            <rect
              x={x}
              y={at.y - plate.height / 2}
              width={plate.width}
              height={plate.height}
              fill="var(--app)"
              stroke="var(--ink)"
              strokeWidth={0.04}
            />
            <text
              x={x + plate.width / 2}
              y={at.y + 0.14}
              fontSize={0.42}
              fontWeight={700}
              textAnchor="middle"
              fill="var(--ink)"
            >
              {initialsOf(name)}
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** Outside the enclosure, on the side of the place: over or under it where the panel hangs sideways. */
function besideOf(box: Box, { geometry: g }: PanelDrawing): { x: number; y: number } {
  const sheet = sheetSize(g);
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  if (g.turned) return { x: middle.x, y: middle.y < sheet.height / 2 ? -0.4 : sheet.height + 0.4 };
  return { x: middle.x < sheet.width / 2 ? -0.55 : sheet.width + 0.55, y: middle.y };
}

/** On the strip between the columns, at the edge of the place: over no rating and no mark. */
const onStrip = (box: Box, strip: { x: number; y: number }, { geometry: g }: PanelDrawing) =>
  g.turned ? { x: box.x, y: strip.y } : { x: strip.x, y: box.y };

type Box = ReturnType<typeof boxOnSheet>;

/** The body of the position in hand. */
function boxOf(
  selection: NonNullable<Present['hand']>['selection'],
  panel: PanelView,
  { geometry: g }: PanelDrawing,
): Box | undefined {
  if (selection.kind !== 'position') return undefined;
  const position = panel.positions.find(({ number }) => number === selection.number);
  if (!position) return undefined;
  const { row, height } = position.devices[0] ?? { row: position.row, height: 1 };
  return boxOnSheet(g, {
    x: (position.column === 1 ? g.left.outer : g.right.inner) - 0.08,
    y: rowTop(g, row),
    width: bodyLength + 0.16,
    height,
  });
}

/** A bracket at each end of a box. */
function brackets({ x, y, width, height }: Box): string {
  const { arm } = plate;
  const [right, bottom] = [x + width, y + height];
  return `M${x + arm} ${y}H${x}V${bottom}H${x + arm}M${right - arm} ${y}H${right}V${bottom}H${right - arm}`;
}
