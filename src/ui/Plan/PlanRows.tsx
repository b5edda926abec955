import { grades } from '@/core/vocabulary/grade';
import type { PlanView } from '@/core';
import { planWords } from '@/core';
import { GradeMark } from '../primitives/GradeMark';
import { minutesWords, moneyWords, rangeWords } from './money';

/** The plans that have a name, and one between them where it was chosen on the figure. A row is the point. */
export function PlanRows({
  plans,
  chosen,
  currency,
  choose,
}: {
  plans: readonly PlanView[];
  chosen: string | undefined;
  currency: string;
  choose(key: string): void;
}) {
  return (
    <ol aria-label="Plans" className="border-hair self-start border-b">
      {plans.map((plan) => (
        <li key={plan.key} className="border-hair border-t">
          <button
            className={`grid min-h-14 w-full grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)] gap-x-4 px-3 py-2 text-left sm:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)_minmax(0,1fr)_minmax(0,0.9fr)] ${plan.key === chosen ? 'border-accent bg-app border-l-4' : 'hover:bg-app'}`}
            aria-pressed={plan.key === chosen}
            onClick={() => choose(plan.key)}
          >
            <span>
              <strong className="text-heading block">{nameOf(plan, currency)}</strong>
              <span className="text-ink2">{saysOf(plan)}</span>
            </span>
            <span>
              <strong className="text-heading block">
                {moneyWords(plan.cost.likely, currency)}
              </strong>
              <span className="text-ink2">{rangeWords(plan.cost)}</span>
            </span>
            <Stays plan={plan} />
            <span className="text-ink2">
              <strong className="text-ink block">{minutesWords(plan.minutes.likely)}</strong>
              {visitWords(plan)}
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}

/** "All defects"; of a plan without a name what it costs. */
export const nameOf = ({ names, cost }: PlanView, currency: string): string =>
  names.length > 0
    ? names.map((name) => planWords[name].name).join(' · ')
    : `Between, ${moneyWords(cost.likely, currency)}`;

/** A working day, in minutes. */
const dayMinutes = 480;

/** One call-out; of how many days, where one is not enough. */
const visitWords = ({ works, minutes }: PlanView): string =>
  works.length === 0
    ? 'no visit'
    : minutes.likely <= dayMinutes
      ? 'one visit'
      : `one visit of ${Math.ceil(minutes.likely / dayMinutes)} days`;

const saysOf = ({ names, works }: PlanView): string =>
  works.length === 0
    ? 'nothing to do'
    : names.length > 0
      ? planWords[names.at(-1)!].says
      : 'none beats it on both cost and risk left';

/** What stays wrong, by grade: a mark, its word for a reader, and how many. */
export function Stays({ plan }: { plan: PlanView }) {
  const left = grades.flatMap((grade) => {
    const many = plan.stays.filter((one) => one.grade === grade).length;
    return many > 0 ? [{ grade, many }] : [];
  });
  return (
    <span className="flex flex-wrap items-center gap-x-3">
      {left.length === 0 ? (
        <span className="text-ink2">nothing of what was found stays</span>
      ) : (
        left.map(({ grade, many }) => (
          <span key={grade} className="inline-flex items-center gap-1">
            <GradeMark grade={grade} /> <span className="sr-only">{grade}</span> {many}
          </span>
        ))
      )}
      {left.length > 0 && <span className="text-ink2">stay</span>}
    </span>
  );
}
