import { mendingWords } from '@/core/report/mending';
import type { ReportData } from '@/core/report/report';
import { WhyHereFigure } from '../primitives/WhyHereFigure';
import { FindingHead } from './FindingHead';
import { GradeReasons } from './GradeReasons';
import { Item, Items } from './Item';
import { Part } from './Part';
import { NothingFound } from './PlainFindings';

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
            {finding.absorbed.map((words) => (
              <Item key={words} term="Of the same cause">
                {words}
              </Item>
            ))}
            <Item term="Why it matters here">{finding.why}</Item>
            {finding.whyHere && (
              <Item term="In this house, calculated">
                <WhyHereFigure why={finding.whyHere} />
              </Item>
            )}
            <Item term="What to ask for">{finding.ask}</Item>
            <Item term="Who and when">
              {finding.who}, {finding.by}
            </Item>
            {finding.madeSafe && <Item term="Made safe">{finding.madeSafe}</Item>}
            {finding.overrule && <Item term="Grade set by hand">{finding.overrule}</Item>}
            <Item term="Ways to mend it">{mendingWords(finding)}</Item>
            {finding.presumes.length > 0 && (
              <Item term="Presumed">{finding.presumes.join(' ')}</Item>
            )}
            {finding.photos.length > 0 && <Item term="Photos">{finding.photos.join(', ')}</Item>}
          </Items>
          <GradeReasons finding={finding} open />
        </article>
      ))}
    </Part>
  );
}
