import { counted } from '@/core/vocabulary/phrases';
import type { ReportData } from '@/core/show/report/report';

/** What it comes to in three sentences, and by which yardstick. */
export function Summary({ report }: { report: ReportData }) {
  return (
    <>
      {report.head.map((words) => (
        <p key={words} role="note" className="border-danger mb-4 border-l-8 pl-3 text-lg font-bold">
          {words}
        </p>
      ))}
      <h1 id="summary" className="text-[26px] leading-8 font-bold">
        {report.summary.join(' ')}
      </h1>
      <p className="text-ink2 mt-3 text-sm">
        {counted(report.findings.length, 'finding')}, {report.school}. Yardstick: {report.yardstick}
        .
      </p>
      {report.differs.length > 0 && (
        <p className="text-ink2 mt-1 text-sm">
          Differs from what is shipped: {report.differs.join(' ')}
        </p>
      )}
    </>
  );
}
