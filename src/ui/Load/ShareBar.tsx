import { scaleLinear } from 'd3-scale';

const x = scaleLinear().domain([0, 1.35]).range([0, 100]).clamp(true);

/** A share of a rating: a bar to 135 %, with ticks at 80 and 100 %; the figure in words. */
export function ShareBar({ share, words }: { share: number | undefined; words: string }) {
  if (share === undefined) return <span className="text-ink3">{words}</span>;
  const tone = share > 1 ? 'var(--danger)' : share > 0.8 ? 'var(--repair)' : 'var(--accent)';
  return (
    <span className="flex items-center gap-2">
      <svg
        viewBox="0 0 100 10"
        preserveAspectRatio="none"
        className="h-3 min-w-0 flex-1"
        aria-hidden="true"
      >
        <rect width={100} height={10} fill="var(--hair)" />
        <rect width={x(share)} height={10} fill={tone} />
        {[0.8, 1].map((at) => (
          <line
            key={at}
            x1={x(at)}
            x2={x(at)}
            y2={10}
            stroke="var(--ink)"
            strokeWidth={at === 1 ? 1 : 0.5}
          />
        ))}
      </svg>
      <span className="w-24 whitespace-nowrap max-lg:w-20">
        <strong>{Math.round(share * 100)} %</strong> of {words}
      </span>
    </span>
  );
}
