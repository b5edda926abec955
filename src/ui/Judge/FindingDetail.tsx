import { useMemo } from 'react';
import type { Finding } from '@/core/judge/grading/finding';
import { likelihoodWords, severityWords } from '@/core/judge/grading/matrix';
import { legacyWords } from '@/core/judge/grading/legacy';
import type { SchoolGrade } from '@/core/judge/grading/schools';
import { findingWords } from '@/core/show/report/finding-words';
import type { School } from '@/core/codes/settings/settings';
import { whyHereOf } from '@/core/model/simulation/why-here';
import { useBook } from '../Book/context';
import { GradeWord } from '../primitives/GradeWord';
import { WhyHereFigure } from '../primitives/WhyHereFigure';
import { TraceTable } from '../primitives/TraceTable';
import { MendForm } from './MendForm';
import { RestsOn } from './RestsOn';
import { RulingForm } from './RulingForm';
import { SchoolsCompared } from './SchoolsCompared';

interface FindingDetailProps {
  finding: Finding;
  schools: Record<School, SchoolGrade> | undefined;
  findings: readonly Finding[];
}

/** One finding: what, why, the steps of its grade, what it rests on, and what the inspector decides. */
export function FindingDetail({ finding, schools, findings }: FindingDetailProps) {
  const { state } = useBook();
  const { settings } = state.assessment;
  const { verdict, outcome } = finding;
  const words = (part: 'seen' | 'why' | 'ask') => findingWords(verdict, part, settings);
  const legacy = legacyWords(finding.legacy);
  const wants = outcome.wants ?? [];
  const { assessment } = state;
  const why = useMemo(() => whyHereOf(assessment)(finding), [assessment, finding]);
  return (
    <article aria-labelledby="finding-title" className="grid gap-4">
      <header>
        <h2 id="finding-title" className="text-lg leading-tight font-bold">
          {verdict.place.label}: {verdict.rule.title}
        </h2>
        <p className="mt-1">
          <GradeWord grade={finding.grade} />{' '}
          <span className="text-ink2">
            S{finding.severity} {severityWords[finding.severity]} · L{finding.likelihood}{' '}
            {likelihoodWords[finding.likelihood]}
          </span>
        </p>
        {finding.madeSafe && <p className="mt-1 font-semibold">Made safe: {finding.madeSafe}</p>}
        {finding.overrule?.refused && (
          <p className="text-danger mt-1" role="status">
            The grade set by hand does not count: {finding.overrule.refused}.
          </p>
        )}
      </header>
      <div>
        <p>{words('seen')}</p>
        <p className="mt-1">{words('why')}</p>
        <p className="mt-1">
          <strong>Ask for:</strong> {words('ask')}
        </p>
        {why && (
          <div className="mt-2">
            <WhyHereFigure why={why} />
          </div>
        )}
        {outcome.presumes?.map((one) => (
          <p key={one} className="text-ink2 mt-1">
            Presumed: {one}
          </p>
        ))}
        {wants.length > 0 && (
          <p className="text-ink2 mt-1">
            Would sharpen it: {wants.map((one) => one.say).join('; ')}.
          </p>
        )}
      </div>
      <section aria-labelledby="why-grade">
        <h3 id="why-grade" className="font-bold">
          Why this grade
        </h3>
        <TraceTable trace={finding.trace} />
        {legacy && <p className="text-ink2 mt-1">{legacy}</p>}
        {finding.absorbed.length > 0 && (
          <p className="text-ink2 mt-1">
            Takes over:{' '}
            {finding.absorbed
              .map((one) => `${one.place.label}, ${one.rule.title.toLowerCase()}`)
              .join('; ')}
            .
          </p>
        )}
      </section>
      {schools && <SchoolsCompared schools={schools} />}
      <RestsOn finding={finding} />
      <MendForm key={finding.key} finding={finding} />
      <RulingForm finding={finding} findings={findings} />
    </article>
  );
}
