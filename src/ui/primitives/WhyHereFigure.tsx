import type { WhyHere } from '@/core/model/simulation/explain';
import { drawWhyHere, whyHereAlt } from '@/core/model/simulation/why-here-drawing';

/** What a finding does in this house: its computed sentence, the small drawing, what was assumed. */
export function WhyHereFigure({ why }: { why: WhyHere }) {
  return (
    <div>
      <p>{why.sentence}</p>
      <WhyHereDrawing why={why} />
      {why.assumed.length > 0 && (
        <details className="text-ink2">
          <summary className="cursor-pointer">Calculated; what was assumed for it</summary>
          <ul className="list-disc pl-5">
            {why.assumed.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

/** The small drawing alone. */
export function WhyHereDrawing({ why }: { why: WhyHere }) {
  const { width, height, parts } = drawWhyHere(why);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="mt-1 w-full max-w-lg"
      role="img"
      aria-label={whyHereAlt(why)}
    >
      {parts.map((part, index) =>
        part.kind === 'box' ? (
          <rect
            key={index}
            {...{ x: part.x, y: part.y, width: part.width, height: part.height }}
            fill="var(--app)"
            stroke="var(--ink)"
          />
        ) : part.kind === 'way' ? (
          <line
            key={index}
            x1={part.x1}
            x2={part.x2}
            y1={part.y}
            y2={part.y}
            stroke={part.touchable ? 'var(--danger)' : 'var(--ink)'}
            strokeWidth={part.width}
            strokeDasharray={part.open ? '3 5' : undefined}
          />
        ) : (
          <text
            key={index}
            x={part.x}
            y={part.y}
            fontSize={part.size}
            fontWeight={part.bold ? 700 : 400}
            textAnchor={part.anchor}
            fill="var(--ink)"
          >
            {part.text}
          </text>
        ),
      )}
    </svg>
  );
}
