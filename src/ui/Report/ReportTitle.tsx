import { dayWords } from '@/core/show/report/dates';
import type { ReportFrame } from './frame';

/** Draft or issued, of what, as of when, by whom. */
export function ReportTitle({ report, issued }: ReportFrame) {
  return (
    <>
      {issued ? (
        <div className="mb-3">
          <p className="font-bold">
            {report.closing ? 'Closing report' : 'Report'} {issued.number}, issued{' '}
            {dayWords(issued.issuedOn)}, signed {issued.signedName}
            {issued.licence && `, ${issued.licence}`}
          </p>
          {issued.changes && <p>This revision changes: {issued.changes}</p>}
        </div>
      ) : (
        <p className="font-bold">A draft: not issued, not signed.</p>
      )}
      <p className="text-ink2">
        Panel report · {[report.place, report.address].filter(Boolean).join(', ')}
        {report.client && ` · for ${report.client}`}
      </p>
      <p className="text-ink2">
        {report.asOf ? `As of ${report.asOf}` : 'Nothing recorded yet'}
        {report.authors.length > 0 &&
          ` · recorded by ${report.authors.map(({ name, licence }) => (licence ? `${name} (${licence})` : name)).join(', ')}`}
        {` · ${report.organisation}`}
      </p>
    </>
  );
}
