import type { ReportData } from '@/core/show/report/report';
import { FindingHead } from './FindingHead';
import { GradeReasons } from './GradeReasons';
import { Item, Items } from './Item';
import { Part } from './Part';
import { PhotoRow } from './ReportPhoto';
import { ToldItems } from './ToldItems';

interface FindingsProps {
  report: ReportData;
  /** Address below which the pictures lie; without it photos are named by number, and every reason is open. */
  pictures?: string;
}

/** Each finding in plain words with this panel's numbers: for the client with its photos, in the record with every reason. */
export function Findings({ report, pictures }: FindingsProps) {
  return (
    <Part id="all-findings" title="Findings">
      <NothingFound findings={report.findings} />
      {report.findings.map((finding) => (
        <article
          key={finding.number}
          id={`finding-${finding.number}`}
          className="border-hair break-inside-avoid border-b py-4"
        >
          <FindingHead finding={finding} />
          <Items>
            <Item term="What was seen">{finding.seen}</Item>
          </Items>
          {pictures && (
            <PhotoRow
              photos={report.photos.filter(({ number }) => finding.photos.includes(number))}
              pictures={pictures}
            />
          )}
          <ToldItems finding={finding}>
            {!pictures && finding.photos.length > 0 && (
              <Item term="Photos">{finding.photos.join(', ')}</Item>
            )}
          </ToldItems>
          <GradeReasons finding={finding} open={!pictures} />
        </article>
      ))}
    </Part>
  );
}

export function NothingFound({ findings }: Pick<ReportData, 'findings'>) {
  return findings.length > 0 ? null : (
    <p className="mt-2 text-sm">
      Nothing was found in what was recorded. What was not seen is listed below, and is not fine by
      being unseen.
    </p>
  );
}
