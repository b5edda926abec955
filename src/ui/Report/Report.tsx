import type { ReactNode } from 'react';
import type { Sheet } from '@/core/show/report/blocks/sheet';
import { AudienceChoice } from './AudienceChoice';
import { Blocks } from './Blocks';
import { DraftBlocks } from './DraftBlocks';
import { ReportHeader } from './ReportHeader';
import { TakeAlong } from './TakeAlong';
import type { ReportView } from './view';
import { picturesAt } from './view';

interface ReportProps extends ReportView {
  above?: ReactNode;
  /** As it was issued; of a draft it is sent by itself. */
  sheet?: Sheet;
}

/** The report for one of its readers: its sheet, and around it where to go and what to take along. */
export function Report({ above, sheet, ...view }: ReportProps) {
  const { report, audience, issued } = view;
  return (
    <>
      <ReportHeader {...view} />
      <main className="bg-sheet mx-auto max-w-6xl px-4 py-6 md:px-10">
        {above}
        <AudienceChoice
          base={issued?.base ?? `/inspections/${report.inspection}/report`}
          chosen={audience}
        />
        {sheet ? (
          <Blocks {...sheet} pictures={picturesAt(issued)} />
        ) : (
          <DraftBlocks
            inspection={report.inspection}
            audience={audience}
            pictures={picturesAt(issued)}
          />
        )}
        <TakeAlong {...view} />
        {issued && (
          <p className="text-ink2 mt-6 font-mono text-xs break-all">Sealed with {issued.digest}</p>
        )}
      </main>
    </>
  );
}
