import type { ReactNode } from 'react';
import { hazardsOf } from '@/core/show/report/comparisons';
import { mendingWords } from '@/core/show/report/mending';
import type { ReportFinding } from '@/core/show/report/report';
import { WhyHereFigure } from '../primitives/WhyHereFigure';
import { Item, Items } from './Item';

interface ToldItemsProps {
  finding: ReportFinding;
  /** What stands after them. */
  children?: ReactNode;
}

/** Why it matters, what to ask for, of whom, by when, and the ways to mend it. */
export function ToldItems({ finding, children }: ToldItemsProps) {
  return (
    <Items>
      {finding.absorbed.map((words) => (
        <Item key={words} term="Of the same cause">
          {words}
        </Item>
      ))}
      <Item term="Why it matters here">{finding.why}</Item>
      {finding.hazards.length > 0 && <Item term="What it can lead to">{hazardsOf(finding)}</Item>}
      {finding.whyHere && (
        <Item
          term={
            finding.whyHere.assumed.length > 0
              ? 'An example, calculated'
              : 'In this house, calculated'
          }
        >
          <WhyHereFigure why={finding.whyHere} />
        </Item>
      )}
      <Item term="What to ask for">{finding.ask}</Item>
      {finding.also.map((words) => (
        <Item key={words} term="Also, of the same cause">
          {words}
        </Item>
      ))}
      {!finding.madeSafe &&
        finding.untilThen.map((words) => (
          <Item key={words} term="Meanwhile">
            <strong>{words}</strong>
          </Item>
        ))}
      <Item term="Who and when">
        {finding.who}, {finding.by}
      </Item>
      {finding.madeSafe && <Item term="Made safe">{finding.madeSafe}</Item>}
      {finding.overrule && <Item term="Grade set by hand">{finding.overrule}</Item>}
      <Item term="Ways to mend it">{mendingWords(finding)}</Item>
      {finding.presumes.length > 0 && <Item term="Presumed">{finding.presumes.join(' ')}</Item>}
      {children}
    </Items>
  );
}
