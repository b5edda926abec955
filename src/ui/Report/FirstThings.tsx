import { keepAway } from '@/core/show/report/cautions';
import type { ReportData } from '@/core/show/report/report';
import { GradeMark } from '../primitives/GradeMark';
import { GradeWord } from '../primitives/GradeWord';

/** What to do first, by date; of a danger, what a layman does today. */
export function FirstThings({ report }: { report: Pick<ReportData, 'firstThings' | 'findings'> }) {
  const { firstThings, findings } = report;
  if (firstThings.length === 0) return null;
  const dangers = findings.filter(({ grade }) => grade === 'danger');
  return (
    <section className="mt-6" aria-labelledby="first">
      <h2 id="first" className="border-ink text-heading border-b pb-1 font-bold">
        What to do first
      </h2>
      {firstThings.map((thing) => (
        <div key={thing.grade} className="border-hair border-b py-2.5">
          <h3 className="text-heading flex items-center gap-2">
            <GradeMark grade={thing.grade} size={16} /> <GradeWord grade={thing.grade} />{' '}
            <span>{thing.by}</span>
          </h3>
          <p className="text-ink2">{thing.advice}</p>
          <ol className="mt-1 grid gap-1 text-sm">
            {thing.findings.map((finding) => (
              <li key={finding.number} className="grid grid-cols-[1.8rem_1fr]">
                <a className="font-bold underline" href={`#finding-${finding.number}`}>
                  {finding.number}
                </a>
                <span>{finding.title}</span>
              </li>
            ))}
          </ol>
          {thing.grade === 'danger' && (
            <div className="border-danger mt-2 grid gap-1 border-l-4 pl-3 text-sm">
              {dangers.map(({ number, ask, also, untilThen, madeSafe }) => (
                <p key={number}>
                  <strong>{number}</strong>{' '}
                  {madeSafe ? `Made safe: ${madeSafe}` : [ask, ...also, ...untilThen].join(' ')}
                </p>
              ))}
              <p className="font-bold">{keepAway}</p>
            </div>
          )}
        </div>
      ))}
    </section>
  );
}
