'use client';

import { useMemo, useState } from 'react';
import type { Assessment } from '@/core';
import type { Contradiction } from '@/core/fieldwork/merging/contradiction';
import { contradictionTitle } from '@/core/show/report/contradiction-words';
import type { FindingItem } from '@/core/judge/grading/items';
import { itemsOf } from '@/core/judge/grading/items';
import { findingWords, itemWords } from '@/core/show/report/finding-words';
import type { Message } from '@/core/judge/check/rule';
import { schoolWords } from '@/core/codes/settings/settings';
import { GradeMark } from '../primitives/GradeMark';
import { GradeWord } from '../primitives/GradeWord';
import { TraceTable } from '../primitives/TraceTable';
import { useBook } from '../Book/context';
import { useDrawn } from '../Book/Drawn';
import { notJudged } from '../Book/NotJudged';
import { findingsOf, surenessOf } from '../Judge/item-words';
import { MendedList } from './MendedList';
import { selectionOf } from './selection';
import { useContradictions } from '../Merging/use-contradictions';
import { lazily } from '../primitives/lazily';

const ContradictionCard = lazily(
  async () => (await import('../Merging/ContradictionCard')).ContradictionCard,
);
const MendForm = lazily(async () => (await import('../Judge/MendForm')).MendForm);

/** Findings as they appear, gravest first, each with its reasons. */
export function Ledger() {
  const drawn = useDrawn();
  if (drawn.judged) return <Judged drawn={drawn} />;
  return (
    <section className="p-4" aria-labelledby="findings">
      <h2 id="findings" className="border-line text-heading border-b pb-1.5 font-bold">
        {notJudged}
      </h2>
      <p className="text-ink2 mt-2">
        What you record is kept. Nothing was said of it yet, and no danger was looked for.
      </p>
      <Doubts />
    </section>
  );
}

function Judged({ drawn }: { drawn: Assessment }) {
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

/** What contradicts itself or could not be placed: kept, and said. */
function Doubts() {
  const { state } = useBook();
  const { inspection, site } = state.assessment;
  const contradictions = useContradictions();
  const lost = new Set(
    contradictions.flatMap((one) =>
      one.kind === 'taken-back' ? one.writings.map(({ id }) => id) : [],
    ),
  );
  const claimed = new Set(
    contradictions.flatMap((one) =>
      one.kind === 'circuit' ? one.sides.map(({ circuit }) => circuit.id) : [],
    ),
  );
  const unplaced = inspection.unplaced.filter(({ entry }) => !lost.has(entry));
  const outside = site.panels
    .flatMap((panel) => panel.outOfRange)
    .filter(({ about }) => !claimed.has(about));
  if (contradictions.length + unplaced.length + outside.length === 0) return null;
  return (
    <>
      <h3 className="mt-4 font-bold">To be cleared up</h3>
      <div className="mt-1 grid gap-2">
        {contradictions.map((one) => (
          <ContradictionItem key={one.key} contradiction={one} />
        ))}
      </div>
      <ul className="text-ink2 mt-1">
        {outside.map((one) => (
          <li key={one.about + one.reason}>Outside the panel: {one.reason}.</li>
        ))}
        {unplaced.map((one) => (
          <li key={one.entry + (one.property ?? '')}>Not placed: {one.reason}.</li>
        ))}
      </ul>
    </>
  );
}

/** In a line; opened, with all of it, and what it is about in hand. */
function ContradictionItem({ contradiction }: { contradiction: Contradiction }) {
  const { state, panel, actions } = useBook();
  const [open, setOpen] = useState(false);
  if (open) return <ContradictionCard contradiction={contradiction} />;
  return (
    <button
      className="act justify-start! text-left"
      aria-expanded={false}
      onClick={() => {
        setOpen(true);
        const selection = selectionOf(contradiction.about, panel);
        if (selection) actions.select(selection);
      }}
    >
      {contradictionTitle(contradiction, state.assessment.site)}
    </button>
  );
}
