/** How much of what applies was seen: solid is seen, dashed is not. */
export function CoverageRuler({ share }: { share: number }) {
  const percent = Math.round(share * 100);
  return (
    <div className="flex items-center gap-2">
      <svg width="84" height="14" viewBox="0 0 100 14" aria-hidden="true" className="max-md:hidden">
        <path d={`M0 10H${percent}`} stroke="var(--ink)" strokeWidth="2.5" />
        <path
          d={`M${percent} 10H100`}
          stroke="var(--ink3)"
          strokeWidth="1.5"
          strokeDasharray="4 3"
        />
        <path d={`M${percent} 2V13`} stroke="var(--accent)" strokeWidth="2" />
      </svg>
      <span className="font-bold whitespace-nowrap">{percent} % seen</span>
    </div>
  );
}
