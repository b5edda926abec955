import Link from 'next/link';
import { gradeWords } from '@/core/vocabulary/grade';
import type { Lacking } from '@/core/show/report/lacking';
import { GradeMark } from '../primitives/GradeMark';

/** Issued reports held against the rules as they are now. */
export interface RecheckedReports {
  reports: readonly {
    inspection: string;
    number: string;
    place: string;
    lacks: readonly Lacking[];
    fault: string;
  }[];
  /** Never read again so far. */
  unread: number;
}

/** Reports whose readers do not know of a danger the corrected rules find in the same facts. */
export function ReadOtherwise({ reports, unread }: RecheckedReports) {
  if (reports.length === 0 && unread === 0) return null;
  return (
    <section aria-label="Issued reports to look at again">
      {reports.length > 0 && (
        <>
          <h2 className="text-heading mt-5 font-bold">Issued reports to look at again</h2>
          <p className="text-ink2">
            The rules were corrected since. In the facts recorded then they find what these reports
            do not say. Judge it, tell the client, and issue a revision.
          </p>
          <ul className="border-urgent mt-1 border-t-2">
            {reports.map((one) => (
              <li key={one.inspection} className="border-hair border-b py-1.5">
                <Link
                  className="font-bold hover:underline"
                  href={`/inspections/${one.inspection}/judge`}
                >
                  {one.number}, {one.place}
                </Link>
                {one.fault && (
                  <p className="text-danger">It could not be read again: {one.fault}</p>
                )}
                <ul>
                  {one.lacks.map(({ key, title, place, grade, was }) => (
                    <li key={key} className="flex items-baseline gap-1.5">
                      <GradeMark grade={grade} size={12} />
                      <span>
                        <span className="font-semibold">{gradeWords[grade]}</span> {title}, {place}
                        {was && (
                          <span className="text-ink2"> (the report says {gradeWords[was]})</span>
                        )}
                      </span>
                    </li>
                  ))}
                </ul>
              </li>
            ))}
          </ul>
        </>
      )}
      {unread > 0 && (
        <p className="text-ink2 mt-2">
          {unread === 1
            ? 'One issued report is still to be read again by the rules as they are now.'
            : `${unread} issued reports are still to be read again by the rules as they are now.`}
        </p>
      )}
    </section>
  );
}
