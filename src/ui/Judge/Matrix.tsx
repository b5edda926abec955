import { scaleBand } from 'd3-scale';
import { gradeWords } from '@/core/vocabulary/grade';
import type { Finding } from '@/core/judge/grading/finding';
import { gradeOf, likelihoodWords, severityWords } from '@/core/judge/grading/matrix';
import type { Likelihood, Severity } from '@/core/vocabulary/severity';

const [width, height, left, bottom] = [300, 216, 22, 34];
const likelihoods: readonly Likelihood[] = [1, 2, 3, 4, 5];
const severities: readonly Severity[] = [4, 3, 2, 1];
const x = scaleBand<number>(likelihoods, [left, width - 4]).paddingInner(0.04);
const y = scaleBand<number>(severities, [0, height - bottom]).paddingInner(0.05);
const perRow = 3;
const shown = 6;

interface MatrixProps {
  findings: readonly Finding[];
  chosen: string | undefined;
  choose(key: string): void;
}

/** Findings by severity and likelihood, each under its number in the list. */
export function Matrix({ findings, chosen, choose }: MatrixProps) {
  const cells = severities.flatMap((severity) =>
    likelihoods.map((likelihood) => ({
      severity,
      likelihood,
      held: findings
        .map((finding, index) => ({ finding, number: index + 1 }))
        .filter(
          ({ finding }) => finding.severity === severity && finding.likelihood === likelihood,
        ),
    })),
  );
  const words = cells
    .filter(({ held }) => held.length > 0)
    .map(
      ({ severity, likelihood, held }) =>
        `${held.length} at ${severityWords[severity]}, ${likelihoodWords[likelihood]}`,
    );
  return (
    <figure className="my-3">
      <svg
        viewBox={`0 0 ${width} ${height}`}
        className="w-full max-w-sm"
        role="img"
        aria-label={`Severity by likelihood: ${words.join('; ') || 'no findings'}`}
      >
        {cells.map(({ severity, likelihood, held }) => {
          const grade = gradeOf(severity, likelihood);
          return (
            <g
              key={`${severity}${likelihood}`}
              transform={`translate(${x(likelihood)!} ${y(severity)!})`}
            >
              <rect
                width={x.bandwidth()}
                height={y.bandwidth()}
                fill={`color-mix(in srgb, var(--${grade}) 16%, var(--sheet))`}
                stroke={`var(--${grade})`}
                strokeWidth="0.6"
              />
              <text x="3" y={y.bandwidth() - 3} fontSize="7.5" fill="var(--ink2)">
                {gradeWords[grade]}
              </text>
              {held.slice(0, shown).map(({ finding, number }, index) => (
                <Dot
                  key={finding.key}
                  number={number}
                  cx={9 + (index % perRow) * 16.5}
                  cy={9 + Math.floor(index / perRow) * 14}
                  chosen={finding.key === chosen}
                  choose={() => choose(finding.key)}
                />
              ))}
              {held.length > shown && (
                <text
                  x={x.bandwidth() - 3}
                  y={y.bandwidth() - 3}
                  fontSize="8"
                  textAnchor="end"
                  fill="var(--ink)"
                >
                  +{held.length - shown}
                </text>
              )}
            </g>
          );
        })}
        {severities.map((severity) => (
          <text
            key={severity}
            x="4"
            y={y(severity)! + y.bandwidth() / 2 + 3}
            fontSize="9"
            fill="var(--ink2)"
          >
            S{severity}
          </text>
        ))}
        {likelihoods.map((likelihood) => (
          <text
            key={likelihood}
            x={x(likelihood)! + x.bandwidth() / 2}
            y={height - bottom + 12}
            fontSize="8.5"
            textAnchor="middle"
            fill="var(--ink2)"
          >
            L{likelihood} {likelihoodWords[likelihood].split(' ')[0]}
          </text>
        ))}
      </svg>
      <figcaption className="text-caption text-ink2 -mt-3">
        S4 death or fire in the building, S1 nuisance. An order, not a probability.
      </figcaption>
    </figure>
  );
}

interface DotProps {
  number: number;
  cx: number;
  cy: number;
  chosen: boolean;
  choose(): void;
}

const Dot = ({ number, cx, cy, chosen, choose }: DotProps) => (
  <g transform={`translate(${cx} ${cy})`} onClick={choose} className="cursor-pointer">
    <circle
      r="7"
      fill={chosen ? 'var(--accent)' : 'var(--sheet)'}
      stroke={chosen ? 'var(--accent)' : 'var(--ink)'}
    />
    <text
      y="2.8"
      fontSize="7.5"
      textAnchor="middle"
      fill={chosen ? 'var(--on-accent)' : 'var(--ink)'}
    >
      {number}
    </text>
  </g>
);
