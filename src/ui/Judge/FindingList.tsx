import type { KeyboardEvent } from 'react';
import { gradeWords } from '@/core/vocabulary/grade';
import type { Finding } from '@/core/judge/grading/finding';
import type { SchoolGrade } from '@/core/judge/grading/schools';
import { findingWords } from '@/core/show/report/finding-words';
import type { School } from '@/core/codes/settings/settings';
import { useBook } from '../Book/context';
import { GradeMark } from '../primitives/GradeMark';
import { GradeWord } from '../primitives/GradeWord';

interface FindingListProps {
  findings: readonly Finding[];
  compared: ReadonlyMap<string, Record<School, SchoolGrade>>;
  chosen: string | undefined;
  choose(key: string): void;
}

/** Findings in the order of the report; arrow keys go through them. */
export function FindingList({ findings, compared, chosen, choose }: FindingListProps) {
  const { state } = useBook();
  const { settings, site } = state.assessment;
  const several = site.panels.length > 1;
  const step = (event: KeyboardEvent<HTMLUListElement>) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (!by) return;
    const at = findings.findIndex((one) => one.key === chosen);
    const next = findings[at + by];
    if (!next) return;
    event.preventDefault();
    choose(next.key);
    event.currentTarget.querySelectorAll('button')[at + by]?.focus();
  };
  return (
    <section
      className="border-line min-w-0 lg:overflow-y-auto lg:border-r"
      aria-labelledby="in-order"
    >
      <h2 id="in-order" className="text-heading border-line border-b px-4 pt-4 pb-1.5 font-bold">
        In the order of the report
      </h2>
      <ul onKeyDown={step}>
        {findings.map((finding, index) => {
          const schools = compared.get(finding.key);
          const differ =
            schools && new Set(Object.values(schools).map(({ grade }) => grade)).size > 1;
          const panel = site.panels.find((one) => one.id === finding.verdict.panel);
          return (
            <li key={finding.key} className="border-hair border-b">
              <button
                className={`grid w-full grid-cols-[22px_20px_1fr_auto] gap-x-1.5 px-4 py-1.5 text-left max-lg:min-h-12 ${finding.key === chosen ? 'bg-app border-accent border-l-4 pl-3' : 'hover:bg-app'}`}
                aria-pressed={finding.key === chosen}
                onClick={() => choose(finding.key)}
              >
                <span className="text-ink2 text-right">{index + 1}</span>
                <span className="pt-0.5">
                  <GradeMark grade={finding.grade} />
                </span>
                <span className="min-w-0">
                  <GradeWord grade={finding.grade} /> <strong>{finding.verdict.place.label}</strong>
                  {several && <span className="text-ink2"> {panel?.name}</span>}
                  <br />
                  {findingWords(finding.verdict, 'short', settings)}
                  {finding.overrule && !finding.overrule.refused && (
                    <span className="text-ink2"> (computed {gradeWords[finding.computed]})</span>
                  )}
                </span>
                <span className="text-caption text-ink2 text-right whitespace-nowrap">
                  {differ && (
                    <span title="The schools differ" aria-label="the schools differ">
                      ≠{' '}
                    </span>
                  )}
                  <span className={`sure-${finding.certainty}`}>{finding.certainty}</span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
