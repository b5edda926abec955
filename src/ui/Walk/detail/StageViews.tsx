'use client';

import Link from 'next/link';
import { useBook } from '../../Book/context';

/** Views in which the work of a stage is done. */
const viewsOf: Readonly<
  Partial<Record<number, readonly (readonly [view: string, words: string])[]>>
> = {
  3: [['supply', 'Draw what stands outside']],
  10: [['readings', 'Take the readings']],
  11: [['circuits', 'Trace the circuits']],
  12: [['judge', 'Judge what was found']],
  13: [['notes', 'Look through notes and photos']],
  14: [['plan', 'Plans: what to mend and what it costs']],
  15: [['report', 'Read the report, and issue it']],
  16: [['return', 'Come back to a report']],
};

/** A stage whose work is done in another view leads there. */
export function StageViews({ number, asks }: { number: number; asks: boolean }) {
  const { inspection } = useBook();
  const views = viewsOf[number] ?? [];
  if (views.length === 0)
    return asks ? null : (
      <p className="text-ink2">Nothing is asked here; it follows from what was recorded.</p>
    );
  return (
    <div className="grid gap-2">
      {views.map(([view, words]) => (
        <Link key={view} className="act act-main" href={`/inspections/${inspection}/${view}`}>
          {words}
        </Link>
      ))}
    </div>
  );
}
