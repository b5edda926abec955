import type { ReportData } from '@/core/report/report';
import { FindingHead } from './FindingHead';
import { GradeReasons } from './GradeReasons';
import { Item, Items } from './Item';
import { Part } from './Part';
import { PhotoRow } from './ReportPhoto';
import { ToldItems } from './ToldItems';

/** Each finding in plain words, with this panel's numbers, its photos and the ways to mend it. */
export function PlainFindings({ report, pictures }: { report: ReportData; pictures: string }) {
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
          <PhotoRow
            photos={report.photos.filter(({ number }) => finding.photos.includes(number))}
            pictures={pictures}
          />
          <ToldItems finding={finding} />
          <GradeReasons finding={finding} />
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
