import type { ReportView } from './view';

/** The report's data for other programs. */
export function TakeAlong({ report, issued }: ReportView) {
  const base = issued?.base ?? `/inspections/${report.inspection}`;
  return (
    <section className="no-print border-line mt-8 border-t pt-3" aria-label="Take it along">
      <p className="text-ink2">As data, for other programs:</p>
      <p className="mt-1 flex flex-wrap gap-2">
        <a className="act" href={`${base}/data/findings.csv`} download>
          Findings, CSV
        </a>
        <a className="act" href={`${base}/data/circuits.csv`} download>
          Circuits, CSV
        </a>
        <a className="act" href={`${base}/data/report.json`} download>
          Whole report, JSON
        </a>
      </p>
    </section>
  );
}
