import type { ReportFinding } from '@/core/report/report';
import { gradeWords } from '@/core/grading/grade';
import { GradeMark } from '../primitives/GradeMark';
import { GradeWord } from '../primitives/GradeWord';
import { WhyHereFigure } from '../primitives/WhyHereFigure';

/** Each finding: what was seen, why it matters here, what to ask for, of whom, by when; and the reasons. */
export function Findings({ findings }: { findings: readonly ReportFinding[] }) {
  return (
    <section className="mt-8" aria-labelledby="all-findings">
      <h2 id="all-findings" className="border-ink border-b-2 pb-1 text-lg font-bold">
        Findings
      </h2>
      {findings.length === 0 && (
        <p className="mt-2 text-sm">
          Nothing was found in what was recorded. What was not seen is listed below, and is not fine
          by being unseen.
        </p>
      )}
      {findings.map((finding) => (
        <article
          key={finding.number}
          id={`finding-${finding.number}`}
          className="border-hair break-inside-avoid border-b py-4"
        >
          <h3 className="flex flex-wrap items-center gap-x-2 text-base">
            <span className="font-bold">{finding.number}</span>
            <GradeMark grade={finding.grade} size={16} />
            <GradeWord grade={finding.grade} />
            <span className="font-bold">{finding.title}</span>
          </h3>
          <p className="text-ink2">
            {finding.panelName}, {finding.place} ·{' '}
            <span className={`sure-${finding.certainty}`}>{finding.certainty}</span> · {finding.by}
          </p>
          <dl className="mt-2 grid gap-x-4 gap-y-1.5 text-sm md:grid-cols-[9rem_1fr]">
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
            <Item term="Ways to mend it">{finding.remedies.join(' · ')}</Item>
            {finding.presumes.length > 0 && (
              <Item term="Presumed">{finding.presumes.join(' ')}</Item>
            )}
            <Item term="Source">
              {finding.sources.join(' · ')}
              {finding.since && ` · ${finding.since}`}
            </Item>
          </dl>
          <details className="mt-2 text-sm">
            <summary className="text-ink2 cursor-pointer">
              Why this grade, and who recorded it
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
              Severity {finding.severity}: {finding.severityWord}. Likelihood {finding.likelihood}:{' '}
              {finding.likelihoodWord}.
            </p>
            <ul className="text-ink2 mt-1">
              {finding.recorded.map((fact) => (
                <li key={fact.entry + fact.says}>
                  {fact.says}, {fact.by}, {fact.at.slice(0, 16).replace('T', ' ')}
                </li>
              ))}
            </ul>
          </details>
        </article>
      ))}
    </section>
  );
}

function Item({ term, children }: { term: string; children: React.ReactNode }) {
  return (
    <>
      <dt className="text-ink2 font-semibold">{term}</dt>
      <dd>{children}</dd>
    </>
  );
}
