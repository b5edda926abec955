import Link from 'next/link';
import type { Audience } from '@/core/show/report/audience';
import { audiences, audienceWords } from '@/core/show/report/audience';

/** For whom the one report is read. */
export function AudienceChoice({ base, chosen }: { base: string; chosen: Audience }) {
  return (
    <nav
      className="no-print border-line mb-4 flex flex-wrap gap-x-5 border-b"
      aria-label="Read the report"
    >
      {audiences.map((audience) => (
        <Link
          key={audience}
          href={audience === 'client' ? base : `${base}?for=${audience}`}
          className={
            audience === chosen
              ? 'border-accent -mb-px border-b-3 py-2 font-bold'
              : 'text-ink2 hover:text-ink py-2'
          }
          aria-current={audience === chosen ? 'page' : undefined}
        >
          {audienceWords[audience]}
        </Link>
      ))}
    </nav>
  );
}
