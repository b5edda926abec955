import { memo } from 'react';
import type { Layer, Shape } from '@/core/show/drawing/shapes';
import { layers } from '@/core/show/drawing/shapes';

/** Draws shapes as SVG, inches as user units; a layer that stays as it was is not drawn again. */
export const Shapes = memo(function Shapes({ shapes }: { shapes: readonly Shape[] }) {
  const byLayer = new Map<Layer, Shape[]>();
  for (const shape of shapes) {
    const layer = byLayer.get(shape.layer);
    if (layer) layer.push(shape);
    else byLayer.set(shape.layer, [shape]);
  }
  return layers.map((layer) => <LayerShapes key={layer} shapes={byLayer.get(layer) ?? nothing} />);
});

const nothing: readonly Shape[] = [];

const LayerShapes = memo(
  function LayerShapes({ shapes }: { shapes: readonly Shape[] }) {
    return shapes.map((shape, index) => <OneShape key={index} shape={shape} />);
  },
  (before, after) =>
    before.shapes.length === after.shapes.length &&
    before.shapes.every((shape, index) => sameShape(shape, after.shapes[index]!)),
);

/** Every field alike: all of them are numbers, words or flags. */
function sameShape(a: Shape, b: Shape): boolean {
  if (a === b) return true;
  const keys = Object.keys(a) as (keyof Shape)[];
  return keys.length === Object.keys(b).length && keys.every((key) => a[key] === b[key]);
}

const OneShape = memo(
  function OneShape({ shape }: { shape: Shape }) {
    return shape.kind === 'path' ? (
      <path
        d={shape.d}
        fill={shape.fill ? `var(--d-${shape.fill})` : 'none'}
        stroke={shape.stroke ? `var(--d-${shape.stroke})` : undefined}
        strokeWidth={shape.width}
        strokeDasharray={shape.dashed ? '0.14 0.1' : undefined}
        strokeLinecap={shape.round ? 'round' : undefined}
        opacity={shape.opacity}
      />
    ) : (
      <text
        x={shape.x}
        y={shape.y}
        fontSize={shape.size}
        fontWeight={shape.bold ? 700 : 400}
        textAnchor={shape.anchor}
        transform={shape.turned ? `rotate(90 ${shape.x} ${shape.y})` : undefined}
        fill={`var(--d-${shape.tone})`}
      >
        {shape.text}
      </text>
    );
  },
  (before, after) => sameShape(before.shape, after.shape),
);
