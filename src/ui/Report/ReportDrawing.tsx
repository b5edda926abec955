import { balloons } from '@/core/show/report/balloons';
import { drawPanel } from '@/core';
import { sheetSize } from '@/core/show/drawing/geometry';
import { gradeMarks } from '@/core/show/drawing/grade-marks';
import { shapesText } from '@/core/show/drawing/svg-text';
import type { SiteView } from '@/core/installation/panel/site-view';
import type { PanelView } from '@/core/installation/panel/views';
import type { ReportFinding } from '@/core/show/report/report';

const margin = 9.4;

interface ReportDrawingProps {
  panel: PanelView;
  site: SiteView;
  findings: readonly ReportFinding[];
}

/** The panel with numbered marks, and beside it what is not on the drawing. */
export function ReportDrawing({ panel, site, findings }: ReportDrawingProps) {
  const { geometry: g, shapes } = drawPanel(panel, site);
  const size = sheetSize(g);
  const { placed, elsewhere } = balloons(findings, panel, g);
  return (
    <figure>
      <figcaption className="font-bold">{panel.name}</figcaption>
      {g.rows === 0 ? (
        <p className="text-ink2">How many positions it has was not recorded, so it is not drawn.</p>
      ) : (
        <svg
          viewBox={`${-margin} -0.6 ${size.width + 2 * margin} ${size.height + 1.2}`}
          className="w-full"
          role="img"
          aria-label={`Drawing of ${panel.name}; marks ${placed.map((one) => one.number).join(', ')}. Each is described under Findings.`}
        >
          {/* Drawn once and never again: as text it is a tenth of the work for the server. */}
          <g
            dangerouslySetInnerHTML={{
              __html: shapesText(shapes, (tone) => `var(--d-${tone})`),
            }}
          />
          {placed.map((balloon) => {
            const edge = balloon.at.x + (balloon.side === 'left' ? 0.95 : -0.95);
            const out = balloon.side === 'left' ? -1 : 1;
            return (
              <g key={balloon.number}>
                <path
                  d={`M${edge} ${balloon.at.y}L${balloon.to.x} ${balloon.to.y}`}
                  stroke="var(--sheet)"
                  strokeWidth={0.14}
                />
                <path
                  d={`M${edge} ${balloon.at.y}L${balloon.to.x} ${balloon.to.y}`}
                  stroke="var(--ink)"
                  strokeWidth={0.045}
                />
                <circle
                  cx={balloon.to.x}
                  cy={balloon.to.y}
                  r={0.1}
                  fill="var(--ink)"
                  stroke="var(--sheet)"
                  strokeWidth={0.04}
                />
                <rect
                  x={balloon.at.x - 0.95}
                  y={balloon.at.y - 0.42}
                  width={1.9}
                  height={0.84}
                  rx={0.08}
                  fill="var(--sheet)"
                  stroke="var(--ink)"
                  strokeWidth={0.05}
                />
                <path
                  d={gradeMarks[balloon.grade]}
                  transform={`translate(${balloon.at.x - 0.75} ${balloon.at.y - 0.25}) scale(${0.5 / 12})`}
                  fill={`var(--${balloon.grade})`}
                  fillRule="evenodd"
                />
                <text
                  x={balloon.at.x + 0.35}
                  y={balloon.at.y + 0.2}
                  fontSize={0.56}
                  fontWeight={700}
                  textAnchor="middle"
                  fill="var(--ink)"
                >
                  {balloon.number}
                </text>
                {balloon.lines.map((line, index) => (
                  <text
                    key={index}
                    x={balloon.at.x + out * 1.15}
                    y={balloon.at.y + 0.18 + (index - (balloon.lines.length - 1) / 2) * 0.56}
                    fontSize={0.5}
                    textAnchor={balloon.side === 'left' ? 'end' : 'start'}
                    fill="var(--ink)"
                  >
                    {line}
                  </text>
                ))}
              </g>
            );
          })}
        </svg>
      )}
      {elsewhere.length > 0 && (
        <p className="text-ink2">
          Not on this drawing:{' '}
          {elsewhere
            .map((finding) => `${finding.number} ${finding.place}: ${finding.short}`)
            .join('; ')}
          .
        </p>
      )}
    </figure>
  );
}
