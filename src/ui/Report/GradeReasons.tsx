import { gradeWords } from '@/core/vocabulary/grade';
import { capital } from '@/core/vocabulary/phrases';
import type { ReportFinding } from '@/core/show/report/report';
import { severityLine } from '@/core/show/report/severity-words';

/** Every step of a grade, the text it rests on, and who recorded what; folded unless asked for. */
export function GradeReasons({
  finding,
  open = false,
}: {
  finding: ReportFinding;
  open?: boolean;
}) {
  return (
    <details className="mt-2 text-sm" open={open}>
      <summary className="text-ink2 cursor-pointer">
        Why this grade, its sources, and who recorded it
      </summary>
      <ol className="mt-1 list-decimal pl-6">
        {finding.trace.map((line, index) => (
          <li key={index} className={line.counted ? '' : 'text-ink3'}>
            {line.because}
            {line.moves && ` (${line.moves})`}
            {line.counted ? '' : ', not counted'}: severity {line.severity}, likelihood{' '}
            {line.likelihood}, {gradeWords[line.grade]}
          </li>
        ))}
      </ol>
      <p className="mt-1">
        {capital(severityLine(finding))}. Severity {finding.severity} of 4, likelihood{' '}
        {finding.likelihood} of 5.
      </p>
      <p className="mt-1">
        {finding.sources.join(' · ')}
        {finding.since && ` · ${finding.since}`}
      </p>
      <ul className="text-ink2 mt-1">
        {finding.recorded.map((fact) => (
          <li key={fact.entry + fact.says}>
            {fact.says}, {fact.by}, {fact.at.slice(0, 16).replace('T', ' ')}
          </li>
        ))}
      </ul>
    </details>
  );
}
