'use client';

import { stops } from '@/core/show/report/reassurance';
import { useBook } from './context';

/** Stands over every view of an inspection that was stopped, until somebody records that it goes on. */
export function StopStrip({ ask }: { ask(): void }) {
  const { state } = useBook();
  const stopped = stops({ site: state.assessment.site });
  if (stopped.length === 0) return null;
  const untold = stopped.some(({ toldWhom }) => toldWhom === undefined);
  return (
    <div
      role="status"
      className="border-danger bg-sheet flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-l-8 px-3 py-1.5 print:hidden"
    >
      <p>
        <strong className="text-danger">
          Stopped at {stopped.map(({ name }) => name).join(', ')}: not safe to go on.
        </strong>{' '}
        Nothing there is opened, touched or measured.
        {untold && ' Nobody is recorded as told.'}
      </p>
      <button className="act ml-auto" onClick={ask}>
        {untold ? 'Record whom you told' : 'What to do'}
      </button>
    </div>
  );
}
