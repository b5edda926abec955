import type { KeyboardEvent } from 'react';
import { gradeWords } from '@/core/vocabulary/grade';
import type { FindingItem } from '@/core/judge/grading/items';
import type { SchoolGrade } from '@/core/judge/grading/schools';
import { findingWords } from '@/core/show/report/finding-words';
import type { School } from '@/core/codes/settings/settings';
import { useBook } from '../Book/context';
import { GradeMark } from '../primitives/GradeMark';
import { GradeWord } from '../primitives/GradeWord';
import { has, surenessOf } from './item-words';

type Compared = ReadonlyMap<string, Record<School, SchoolGrade>>;

interface FindingListProps {
  items: readonly FindingItem[];
  compared: Compared;
  chosen: string | undefined;
  choose(key: string): void;
}

/** Findings in the order of the report, one thing once; arrow keys go through them. */
export function FindingList({ items, compared, chosen, choose }: FindingListProps) {
  const step = (event: KeyboardEvent<HTMLUListElement>) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (!by) return;
    const at = items.findIndex((one) => has(one, chosen));
    const next = items[at + by];
    if (!next) return;
    event.preventDefault();
    choose(next.key);
    event.currentTarget.querySelectorAll<HTMLElement>('[data-item]')[at + by]?.focus();
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
        {items.map((item) => (
          <ItemLine
            key={item.key}
            item={item}
            compared={compared}
            chosen={has(item, chosen) ? chosen : undefined}
            choose={choose}
          />
        ))}
      </ul>
      <p className="text-caption text-ink2 px-4 py-2">
        One thing is one item, however many places it has.
      </p>
    </section>
  );
}

interface ItemLineProps {
  item: FindingItem;
  compared: Compared;
  /** The place in hand, where it is one of this item's. */
  chosen: string | undefined;
  choose(key: string): void;
}

function ItemLine({ item, compared, chosen, choose }: ItemLineProps) {
  const { state } = useBook();
  const { settings, site } = state.assessment;
  const [first] = item.places;
  const { finding } = first!;
  const several = item.places.length > 1;
  const differ = item.places.some(({ finding: { key } }) => {
    const schools = compared.get(key);
    return schools && new Set(Object.values(schools).map(({ grade }) => grade)).size > 1;
  });
  const panelOf = (id: string) =>
    site.panels.length > 1 ? site.panels.find((one) => one.id === id)?.name : undefined;
  return (
    <li
      className={`border-b-hair border-b ${chosen ? 'bg-app border-l-accent border-l-4' : 'hover:bg-app'}`}
    >
      <button
        data-item=""
        className={`grid w-full grid-cols-[22px_20px_1fr_auto] gap-x-1.5 py-1.5 pr-4 text-left max-lg:min-h-12 ${chosen ? 'pl-3' : 'pl-4'}`}
        aria-pressed={chosen !== undefined}
        onClick={() => choose(item.key)}
      >
        <span className="text-ink2 text-right">{item.number}</span>
        <span className="pt-0.5">
          <GradeMark grade={item.grade} />
        </span>
        <span className="min-w-0">
          <GradeWord grade={item.grade} />{' '}
          <strong>{several ? finding.verdict.rule.title : finding.verdict.place.label}</strong>
          {!several && panelOf(finding.verdict.panel) && (
            <span className="text-ink2"> {panelOf(finding.verdict.panel)}</span>
          )}
          <br />
          {several
            ? chosen
              ? `at ${item.places.length} places`
              : item.places
                  .map(({ letter, finding: { verdict } }) => `${letter} ${verdict.place.label}`)
                  .join(', ')
            : findingWords(finding.verdict, 'short', settings)}
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
          <span className={`sure-${surenessOf(item)}`}>{surenessOf(item)}</span>
        </span>
      </button>
      {several && chosen && (
        <ul className="pr-4 pb-1.5 pl-[62px]">
          {item.places.map(({ letter, finding: { key, verdict } }) => (
            <li key={key} className="border-hair border-t">
              <button
                className="hover:bg-sheet grid min-h-6 w-full grid-cols-[2.4rem_1fr_auto] text-left max-lg:min-h-12 max-lg:items-center"
                aria-pressed={key === chosen}
                onClick={() => choose(key)}
              >
                <strong>
                  {item.number}
                  {letter}
                </strong>
                <span className={key === chosen ? 'font-bold' : ''}>{verdict.place.label}</span>
                <span className="text-ink2">{panelOf(verdict.panel)}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </li>
  );
}
