import type { ReactNode } from 'react';
import { AudienceChoice } from './AudienceChoice';
import { bodies } from './Bodies';
import type { ReportFrame } from './frame';
import { ReportHeader } from './ReportHeader';
import { ReportTitle } from './ReportTitle';
import { TakeAlong } from './TakeAlong';

/** The report for one of its readers; everything in it is in the data. */
export function Report({ above, ...frame }: ReportFrame & { above?: ReactNode }) {
  const { report, audience, issued } = frame;
  return (
    <>
      <ReportHeader {...frame} />
      <main className="bg-sheet mx-auto max-w-6xl px-4 py-6 md:px-10">
        {above}
        <AudienceChoice
          base={issued?.base ?? `/inspections/${report.inspection}/report`}
          chosen={audience}
        />
        <ReportTitle {...frame} />
        {bodies[audience](frame)}
        <section className="border-ink mt-8 border-t-2 pt-3" aria-labelledby="cautions">
          <h2 id="cautions" className="text-lg font-bold">
            Look, do not touch
          </h2>
          <ul className="mt-2 grid gap-1 text-sm">
            {report.cautions.map((caution) => (
              <li key={caution}>{caution}</li>
            ))}
          </ul>
        </section>
        <TakeAlong {...frame} />
        {issued && (
          <p className="text-ink2 mt-6 font-mono text-xs break-all">Sealed with {issued.digest}</p>
        )}
      </main>
    </>
  );
}
