import type { Finding } from '@/core/judge/grading/finding';
import { gradeWords } from '@/core/vocabulary/grade';
import { dayWords } from '@/core/show/report/dates';
import { howSoon, ifItHappens, whyThisGrade } from '@/core/show/report/grade-sentence';
import { adviceWords } from '@/core/show/report/advice';
import { useBook } from '../Book/context';

/** How bad beside how soon, and what follows from both; then the sentence that resolves them. */
export function SeverityBand({ finding }: { finding: Finding }) {
  const { state } = useBook();
  const { severity, likelihood, grade, due } = finding;
  const when = due ? `By ${dayWords(due.on)}. ` : '';
  return (
    <div>
      <dl className="border-hair divide-hair grid grid-cols-3 divide-x border-y py-2">
        <Cell term="If it happens" mark={`S${severity}`} says={ifItHappens[severity]} />
        <Cell term="How soon" mark={`L${likelihood}`} says={howSoon[likelihood]} />
        <Cell
          term="So"
          mark={gradeWords[grade]}
          says={`${when}${adviceWords(grade, state.assessment)}`}
        />
      </dl>
      <p className="mt-2">{whyThisGrade(finding)}</p>
    </div>
  );
}

const Cell = ({ term, mark, says }: { term: string; mark: string; says: string }) => (
  <div className="px-3 first:pl-0 last:pr-0">
    <dt className="text-caption text-ink2">{term}</dt>
    <dd>
      <strong className="block">{mark}</strong>
      {says}
    </dd>
  </div>
);
