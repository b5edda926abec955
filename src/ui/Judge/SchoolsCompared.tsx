import { dayWords } from '@/core/show/report/dates';
import type { SchoolGrade } from '@/core/judge/grading/schools';
import type { School } from '@/core/codes/settings/settings';
import { schools as allSchools, schoolWords } from '@/core/codes/settings/settings';
import { GradeMark } from '../primitives/GradeMark';
import { GradeWord } from '../primitives/GradeWord';
import { useBook } from '../Book/context';

/** The three schools side by side; what differs from the one in use is framed. */
export function SchoolsCompared({ schools }: { schools: Record<School, SchoolGrade> }) {
  const { state } = useBook();
  const inUse = state.assessment.settings.school;
  return (
    <section aria-labelledby="schools">
      <h3 id="schools" className="font-bold">
        The schools
      </h3>
      <ul className="mt-1 grid grid-cols-3 gap-2">
        {allSchools.map((school) => {
          const { grade, due } = schools[school];
          const differs = grade !== schools[inUse].grade;
          return (
            <li
              key={school}
              className={`p-2 ${differs ? 'border-accent border-2' : 'border-hair border'}`}
            >
              <p className="text-caption text-ink2">
                {schoolWords[school]}
                {school === inUse && ', in use'}
                {differs && ', differs'}
              </p>
              <p className="flex flex-wrap items-center gap-1">
                <GradeMark grade={grade} size={12} />
                <GradeWord grade={grade} />
              </p>
              {due && (
                <p className="text-caption text-ink2">
                  by {dayWords(due.on)}: {due.because}
                </p>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
