import { isolationCaution } from '@/core/show/report/isolation';
import { mendingWords } from '@/core/show/report/mending';
import type { ReportData } from '@/core/show/report/report';
import { workList } from '@/core/show/report/work-list';
import { FindingHead } from './FindingHead';
import { Item, Items } from './Item';
import { Part } from './Part';
import { NothingFound } from './Findings';

/** By panel and place: exact facts, what must be off, torque, ways, readings to take afterwards, sources. */
export function WorkList({ report }: { report: ReportData }) {
  const distinct = (words: readonly string[]) => [...new Set(words)];
  return (
    <Part id="all-findings" title="Work by place">
      <p className="mt-2 font-bold">{isolationCaution}</p>
      {report.staysOn && (
        <p>
          <strong>Must stay on, as told:</strong> {report.staysOn}
        </p>
      )}
      <NothingFound findings={report.findings} />
      {workList(report).map(({ panelName, place, findings }) => (
        <article
          key={panelName + place}
          className="border-line break-inside-avoid border-b py-4"
          aria-label={`${panelName}, ${place}`}
        >
          <h3 className="text-heading font-bold">
            {panelName}, {place}
          </h3>
          {findings.map((finding) => (
            <div key={finding.number} id={`finding-${finding.number}`} className="mt-2">
              <FindingHead finding={finding} />
              <Items>
                <Item term="Found">{finding.seen}</Item>
                {finding.absorbed.length > 0 && (
                  <Item term="Of the same cause">{finding.absorbed.join('; ')}</Item>
                )}
                <Item term="To do">{finding.ask}</Item>
                {finding.also.map((words) => (
                  <Item key={words} term="To do too">
                    {words}
                  </Item>
                ))}
                <Item term="Ways">{mendingWords(finding)}</Item>
                {finding.whyHere && <Item term="Calculated">{finding.whyHere.sentence}</Item>}
                {finding.madeSafe && <Item term="Made safe">{finding.madeSafe}</Item>}
                <Item term="Source">
                  {[...finding.sources, finding.since].filter(Boolean).join(' · ')}
                </Item>
                {finding.photos.length > 0 && (
                  <Item term="Photos">{finding.photos.join(', ')}</Item>
                )}
              </Items>
            </div>
          ))}
          <Items>
            {distinct(findings.flatMap(({ exact }) => exact)).map((words) => (
              <Item key={words} term="There">
                {words}
              </Item>
            ))}
            {findings[0]!.isolation && (
              <Item term="To be off">
                {distinct(findings.map(({ isolation }) => isolation)).join(' ')}
              </Item>
            )}
            {findings[0]!.torque && <Item term="Torque">{findings[0]!.torque}</Item>}
            <Item term="Read and record after">
              {distinct(findings.flatMap(({ readingsAfter }) => readingsAfter)).join('; ')}
            </Item>
          </Items>
        </article>
      ))}
      <h3 className="text-heading mt-4 font-bold">Panels: label, supply and room left</h3>
      <Items>
        {report.panels.map(({ id, name, label }) => (
          <Item key={id} term={name}>
            {label}
          </Item>
        ))}
      </Items>
    </Part>
  );
}
