import { hazardWords } from '@/core/report/comparisons';
import { mendingWords } from '@/core/report/mending';
import type { ReportData } from '@/core/report/report';
import { WhyHereFigure } from '../primitives/WhyHereFigure';
import { FindingHead } from './FindingHead';
import { GradeReasons } from './GradeReasons';
import { Item, Items } from './Item';
import { Part } from './Part';
import { PhotoRow } from './ReportPhoto';

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
          <Items>
            {finding.absorbed.map((words) => (
              <Item key={words} term="Of the same cause">
                {words}
              </Item>
            ))}
            <Item term="Why it matters here">{finding.why}</Item>
            {finding.hazards.length > 0 && (
              <Item term="What it can lead to">
                {finding.hazards.map((hazard) => hazardWords[hazard].toLowerCase()).join(', ')}
              </Item>
            )}
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
          </Items>
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
