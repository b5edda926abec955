import type { ReportData } from '@/core/report/report';
import { FindingHead } from './FindingHead';
import { GradeReasons } from './GradeReasons';
import { Item, Items } from './Item';
import { Part } from './Part';
import { NothingFound } from './PlainFindings';
import { ToldItems } from './ToldItems';

/** Each finding with every reason, source and author. */
export function WholeFindings({ report }: { report: ReportData }) {
  return (
    <Part id="all-findings" title="Findings">
      <NothingFound findings={report.findings} />
      {report.findings.map((finding) => (
        <article
          key={finding.number}
          id={`finding-${finding.number}`}
          className="border-hair border-b py-4"
        >
          <FindingHead finding={finding} />
          <Items>
            <Item term="What was seen">{finding.seen}</Item>
          </Items>
          <ToldItems finding={finding}>
            {finding.photos.length > 0 && <Item term="Photos">{finding.photos.join(', ')}</Item>}
          </ToldItems>
          <GradeReasons finding={finding} open />
        </article>
      ))}
    </Part>
  );
}
