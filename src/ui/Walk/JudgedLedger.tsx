'use client';

import { useMemo, useState } from 'react';
import type { Assessment } from '@/core';
import type { FindingItem } from '@/core/judge/grading/items';
import { itemsOf } from '@/core/judge/grading/items';
import { findingWords, itemWords } from '@/core/show/report/finding-words';
import type { Message } from '@/core/judge/check/rule';
import { schoolWords } from '@/core/codes/settings/settings';
import { GradeMark } from '../primitives/GradeMark';
import { GradeWord } from '../primitives/GradeWord';
import { TraceTable } from '../primitives/TraceTable';
import { useBook } from '../Book/context';
import { findingsOf, surenessOf } from '../Judge/item-words';
import { Doubts } from './Doubts';
import { MendedList } from './MendedList';
import { selectionOf } from './selection';
import { lazily } from '../primitives/lazily';

const MendForm = lazily(async () => (await import('../Judge/MendForm')).MendForm);

/** Findings as they appear, gravest first, each with its reasons. */
export function JudgedLedger({ drawn }: { drawn: Assessment }) {
  const { findings, notSeen, settings } = drawn;
  const items = useMemo(() => itemsOf(findings, settings), [findings, settings]);
  const [open, setOpen] = useState<string>();
  const likely = notSeen.filter((line) => line.likely);
  return (
    <section className="p-4" aria-labelledby="findings">
      <div className="border-line flex items-baseline justify-between border-b pb-1.5">
        <h2 id="findings" className="text-heading font-bold">
          Findings {items.length}
        </h2>
        <span className="text-caption text-ink2">
          graded {schoolWords[settings.school].toLowerCase()}
        </span>
      </div>
      {findings.length === 0 && (
        <p className="text-ink2 mt-2">
          Nothing found in what was recorded. What was not seen is not fine.
        </p>
      )}
      <ul aria-live="polite" aria-relevant="additions">
        {items.map((item) => (
          <LedgerItem
            key={item.key}
            item={item}
            open={open === item.key}
            toggle={() => setOpen(open === item.key ? undefined : item.key)}
          />
        ))}
      </ul>
      <MendedList />
      {likely.length > 0 && (
        <>
          <h3 className="mt-4 font-bold">Likely, once seen</h3>
          <ul>
            {likely.map((line) => (
              <li key={line.rule + line.say} className="border-line border-b border-dashed py-1.5">
                <strong>{line.places.map((place) => place.label).join(', ')}</strong> {line.title}
                <br />
                <span className="text-ink2">{line.say}</span>
              </li>
            ))}
          </ul>
        </>
      )}
      <Doubts />
    </section>
  );
}

function LedgerItem({ item, open, toggle }: { item: FindingItem; open: boolean; toggle(): void }) {
  const { state, panel, actions } = useBook();
  const all = findingsOf(item);
  const { verdict, grade, trace } = all[0]!;
  const text = (part: keyof Message) =>
    itemWords(
      all.map((one) => one.verdict),
      part,
      state.assessment.settings,
    );
  const elsewhere =
    verdict.panel !== panel.id &&
    state.assessment.site.panels.find((one) => one.id === verdict.panel);
  const go = (ref: string) => {
    const selection = selectionOf(ref, panel);
    if (selection) actions.select(selection);
  };
  const choose = () => {
    toggle();
    go(verdict.place.ref);
  };
  return (
    <li className="border-hair border-b">
      <button
        className="hover:bg-sheet grid w-full grid-cols-[20px_1fr_auto] gap-x-1.5 py-1.5 text-left"
        aria-expanded={open}
        onClick={choose}
      >
        <span className="pt-0.5">
          <GradeMark grade={grade} />
        </span>
        <span>
          <GradeWord grade={grade} />{' '}
          <strong>{all.map((one) => one.verdict.place.label).join(', ')}</strong>
          {elsewhere && <span className="text-ink2"> {elsewhere.name}</span>}
          <br />
          {all.length > 1
            ? verdict.rule.title
            : findingWords(verdict, 'short', state.assessment.settings)}
        </span>
        <span className={`text-caption text-ink2 h-fit sure-${surenessOf(item)}`}>
          {surenessOf(item)}
        </span>
      </button>
      {open && (
        <div className="pb-3 pl-6">
          {all.length > 1 && (
            <ul className="mb-2 grid gap-1">
              {item.places.map(({ letter, finding }) => (
                <li key={finding.key}>
                  <button
                    className="act w-full justify-start! text-left"
                    onClick={() => go(finding.verdict.place.ref)}
                  >
                    <strong>
                      {item.number}
                      {letter}
                    </strong>{' '}
                    {findingWords(finding.verdict, 'short', state.assessment.settings)}
                  </button>
                </li>
              ))}
            </ul>
          )}
          <p>{text('why')}</p>
          <p className="mt-1">
            <strong>Ask for:</strong> {text('ask')}
          </p>
          <TraceTable trace={trace} />
          <MendForm findings={all} />
          <p className="text-caption text-ink2 mt-1">
            {verdict.rule.sources.map((source) => source.code).join(', ')}
            {verdict.rule.since && ` · in words since ${verdict.rule.since}`}
          </p>
        </div>
      )}
    </li>
  );
}
