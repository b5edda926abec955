import type { VisitCoverage } from '@/core/judge/scope/visit-coverage';
import { actsWord } from '@/core/show/report/visit';

/** How much of what was agreed was done: solid is made, dashed is not. */
export function CoverageRuler({ visit }: { visit: VisitCoverage }) {
  const { made, agreed, scope } = visit;
  const percent = agreed === 0 ? 0 : Math.round((made / agreed) * 100);
  return (
    <div className="flex items-center gap-2">
      <svg
        width="84"
        height="14"
        viewBox="0 0 100 14"
        aria-hidden="true"
        preserveAspectRatio="none"
        className="max-md:hidden xl:max-2xl:w-9"
      >
        <path d={`M0 10H${percent}`} stroke="var(--ink)" strokeWidth="2.5" />
        <path
          d={`M${percent} 10H100`}
          stroke="var(--ink3)"
          strokeWidth="1.5"
          strokeDasharray="4 3"
        />
        <path d={`M${percent} 2V13`} stroke="var(--accent)" strokeWidth="2" />
      </svg>
      <span className="leading-tight whitespace-nowrap">
        <span className="font-bold">
          {made} of {agreed}
        </span>{' '}
        <span className="text-caption text-ink2 lg:block">agreed {actsWord(scope)}</span>
      </span>
    </div>
  );
}
