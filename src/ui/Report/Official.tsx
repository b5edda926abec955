import type { ReportData } from '@/core/show/report/report';
import { Part } from './Part';
import { PermitResult } from './PermitResult';
import { Table } from './Table';

/** For a permit inspection: pass, correct or refuse, what is left; then each finding with its source. */
export function Official({ report }: { report: ReportData }) {
  return (
    <>
      {report.permit ? (
        <PermitResult permit={report.permit} />
      ) : (
        <p className="mt-6 font-semibold">
          This was not recorded as a permit inspection. No pass, correction or refusal is given;
          what was found stands below with its sources.
        </p>
      )}
      <Part id="all-findings" title="Findings and sources">
        {report.findings.length === 0 && (
          <p className="mt-2 text-sm">Nothing was found in what was recorded.</p>
        )}
        <Table
          label="Findings and sources"
          titles={['No.', 'Where', 'What was seen', 'Grade, by when', 'Source']}
          rows={report.findings.map((finding) => [
            String(finding.number),
            `${finding.panelName}, ${finding.place}`,
            finding.seen,
            `${finding.gradeWord}, ${finding.by}`,
            [...finding.sources, finding.since].filter(Boolean).join('; '),
          ])}
        />
      </Part>
    </>
  );
}
