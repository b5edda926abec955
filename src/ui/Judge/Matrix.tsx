import { scaleBand } from 'd3-scale';
import { gradeWords } from '@/core/vocabulary/grade';
import type { FindingItem } from '@/core/judge/grading/items';
import { gradeOf, likelihoodWords, severityWords } from '@/core/judge/grading/matrix';
import { chipWords, has } from './item-words';
import type { Likelihood, Severity } from '@/core/vocabulary/severity';

const [width, height, left, bottom] = [300, 216, 22, 34];
const likelihoods: readonly Likelihood[] = [1, 2, 3, 4, 5];
const severities: readonly Severity[] = [4, 3, 2, 1];
const x = scaleBand<number>(likelihoods, [left, width - 4]).paddingInner(0.04);
const y = scaleBand<number>(severities, [0, height - bottom]).paddingInner(0.05);
/** Rows of chips above the name of a cell's grade. */
const rowsShown = 2;

interface MatrixProps {
  items: readonly FindingItem[];
  chosen: string | undefined;
  choose(key: string): void;
}

/** One thing once by severity and likelihood, under its number in the list and the letters of its places. */
export function Matrix({ items, chosen, choose }: MatrixProps) {
  const cells = severities.flatMap((severity) =>
    likelihoods.map((likelihood) => ({
      severity,
      likelihood,
      held: items.filter(({ places }) => {
        const { finding } = places[0]!;
        return finding.severity === severity && finding.likelihood === likelihood;
      }),
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
              {chipsOf(held).map(({ item, x: at, y: row, width: wide }) => (
                <Chip
                  key={item.key}
                  words={chipWords(item)}
                  x={at}
                  y={row}
                  width={wide}
                  chosen={has(item, chosen)}
                  choose={() => choose(item.key)}
                />
              ))}
              {held.length > chipsOf(held).length && (
                <text
                  x={x.bandwidth() - 3}
                  y={y.bandwidth() - 3}
                  fontSize="8"
                  textAnchor="end"
                  fill="var(--ink)"
                >
                  +{held.length - chipsOf(held).length}
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

/** Chips of a cell in rows, as many as stand above its name. */
function chipsOf(held: readonly FindingItem[]) {
  const placed: { item: FindingItem; x: number; y: number; width: number }[] = [];
  let [left, row] = [2, 0];
  for (const item of held) {
    const wide = Math.max(14, 6 + chipWords(item).length * 4.6);
    if (left > 2 && left + wide > x.bandwidth() - 1) [left, row] = [2, row + 1];
    if (row >= rowsShown) break;
    placed.push({ item, x: left, y: 2 + row * 14.5, width: wide });
    left += wide + 2;
  }
  return placed;
}

interface ChipProps {
  words: string;
  x: number;
  y: number;
  width: number;
  chosen: boolean;
  choose(): void;
}

const Chip = ({ words, x, y, width, chosen, choose }: ChipProps) => (
  <g transform={`translate(${x} ${y})`} onClick={choose} className="cursor-pointer">
    <rect
      width={width}
      height="13"
      rx="6.5"
      fill={chosen ? 'var(--accent)' : 'var(--sheet)'}
      stroke={chosen ? 'var(--accent)' : 'var(--ink)'}
    />
    <text
      x={width / 2}
      y="9.4"
      fontSize="7.5"
      textAnchor="middle"
      fill={chosen ? 'var(--on-accent)' : 'var(--ink)'}
    >
      {words}
    </text>
  </g>
);
