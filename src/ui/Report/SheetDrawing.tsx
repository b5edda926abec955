import { gradeMarks } from '@/core/show/drawing/grade-marks';
import { shapesText } from '@/core/show/drawing/svg-text';
import type { Balloon } from '@/core/show/report/blocks/sealed-text';
import type { DrawnPanel } from '@/core/show/report/blocks/sealed-text';
import { numberWords } from '@/core/show/report/places';
import { drawingAlt } from '@/core/show/report/blocks/drawn-panel';

const margin = 9.4;

/** A panel with its numbered marks. */
export function SheetDrawing({ drawn }: { drawn: DrawnPanel }) {
  const { width, height, shapes, marks } = drawn;
  return (
    <svg
      viewBox={`${-margin} -0.6 ${width + 2 * margin} ${height + 1.2}`}
      className="w-full"
      role="img"
      aria-label={drawingAlt(drawn)}
    >
      {/* Drawn once and never again: as text it is a tenth of the work for the server. */}
      <g
        dangerouslySetInnerHTML={{
          __html: shapesText(shapes, (tone) => `var(--d-${tone})`),
        }}
      />
      {marks.map((mark) => (
        <Mark key={numberWords(mark)} mark={mark} />
      ))}
    </svg>
  );
}

function Mark({ mark: { number, letter = '', grade, side, at, to, lines } }: { mark: Balloon }) {
  const edge = at.x + (side === 'left' ? 0.95 : -0.95);
  const out = side === 'left' ? -1 : 1;
  const leader = `M${edge} ${at.y}L${to.x} ${to.y}`;
  return (
    <g>
      <path d={leader} stroke="var(--sheet)" strokeWidth={0.14} />
      <path d={leader} stroke="var(--ink)" strokeWidth={0.045} />
      <circle
        cx={to.x}
        cy={to.y}
        r={0.1}
        fill="var(--ink)"
        stroke="var(--sheet)"
        strokeWidth={0.04}
      />
      <rect
        x={at.x - 0.95}
        y={at.y - 0.42}
        width={1.9}
        height={0.84}
        rx={0.08}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth={0.05}
      />
      <path
        d={gradeMarks[grade]}
        transform={`translate(${at.x - 0.75} ${at.y - 0.25}) scale(${0.5 / 12})`}
        fill={`var(--${grade})`}
        fillRule="evenodd"
      />
      <text
        x={at.x + 0.35}
        y={at.y + 0.2}
        fontSize={0.56}
        fontWeight={700}
        textAnchor="middle"
        fill="var(--ink)"
      >
        {number}
        {letter}
      </text>
      {lines.map((line, index) => (
        <text
          key={index}
          x={at.x + out * 1.15}
          y={at.y + 0.18 + (index - (lines.length - 1) / 2) * 0.56}
          fontSize={0.5}
          textAnchor={side === 'left' ? 'end' : 'start'}
          fill="var(--ink)"
        >
          {line}
        </text>
      ))}
    </g>
  );
}
