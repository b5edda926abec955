import { memo } from 'react';
import type { Shape } from '@/core/drawing/shapes';

/** Draws shapes as SVG, inches as user units. */
export const Shapes = memo(function Shapes({ shapes }: { shapes: readonly Shape[] }) {
  return shapes.map((shape, index) =>
    shape.kind === 'path' ? (
      <path
        key={index}
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
        key={index}
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
    ),
  );
});
