'use client';

import { Check, Ellipsis } from 'lucide-react';
import { useState } from 'react';
import type { KeyboardEvent, Ref } from 'react';
import { parseLine } from '@/core';
import { useBook, useInHand } from '../Book/context';
import { notJudged } from '../Book/NotJudged';
import { GradeMark } from '../primitives/GradeMark';
import { findingWords } from '@/core/show/report/finding-words';
import { GrammarCard } from './GrammarCard';
import { neighbour } from './neighbour';
import { useParsed } from './use-preview';
import type { Preview, PreviewResult } from './use-preview';
import { TokenMeanings } from './TokenMeanings';

interface ShorthandBarProps {
  ref: Ref<HTMLInputElement>;
  typed: string;
  setTyped(text: string): void;
  /** What it would give, or why it cannot be recorded. */
  result: PreviewResult;
}

/** The desk's line: read as it is typed, previewed on the drawing, recorded by Enter. */
export function ShorthandBar({ ref, typed, setTyped, result }: ShorthandBarProps) {
  const { panel, actions } = useBook();
  const { selection } = useInHand();
  const parsed = useParsed(typed);
  const { preview, message } = result;
  // A name that may not be one is asked about once; entered again it is the name.
  const [asked, setAsked] = useState<string>();
  const asks = asked === typed ? (parsed.asks ?? []) : [];

  const record = async () => {
    const { line, asks = [] } = parseLine(typed, panel);
    if (!line) return;
    if (asks.length > 0 && asked !== typed) {
      setAsked(typed);
      return;
    }
    const refused = await actions.recordLine(line);
    if (refused) return;
    setTyped('');
    if (line.kind === 'position') actions.step({ kind: 'position', number: line.positions[0]! });
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') void record();
    else if (event.key === 'Escape') setTyped('');
    else if (
      (event.key === 'ArrowUp' || event.key === 'ArrowDown') &&
      typed.trim() === '' &&
      selection.kind === 'position'
    ) {
      const next = neighbour(panel, selection.number, event.key);
      if (next) {
        event.preventDefault();
        actions.select({ kind: 'position', number: next });
      }
    }
  };
  return (
    <section
      className="border-line bg-app grid min-h-[86px] grid-cols-[auto_1fr_auto_auto] gap-x-5 border-t px-4 py-2"
      aria-label="Shorthand"
    >
      <label htmlFor="shorthand" className="text-ink2 pt-1">
        Shorthand
      </label>
      <div>
        <input
          id="shorthand"
          ref={ref}
          className="border-line text-ink placeholder:text-ink3 w-full border-b bg-transparent font-mono text-[19px] leading-7 outline-offset-4"
          value={typed}
          placeholder="7 20 12cu:b m1 n4 kitchen left"
          autoComplete="off"
          spellCheck={false}
          aria-invalid={parsed.faults.length > 0 || message !== undefined}
          aria-describedby="shorthand-reading"
          onChange={(event) => {
            actions.dropTrouble();
            setTyped(event.target.value);
          }}
          onKeyDown={onKeyDown}
        />
        <div id="shorthand-reading" aria-live="polite">
          <TokenMeanings typed={typed} parsed={parsed} />
          {asks.map((ask) => (
            <p key={ask.start} role="alert" className="text-accent font-semibold">
              {ask.message}.
            </p>
          ))}
          {message && <p className="text-danger font-semibold">{message}</p>}
        </div>
      </div>
      <PreviewVerdicts preview={preview} />
      <div className="text-caption text-ink2 grid content-start gap-1">
        <p>
          <kbd className="key">↵</kbd> record <kbd className="key">Esc</kbd> drop
        </p>
        <p>
          <kbd className="key">/</kbd> here <kbd className="key">Alt 1</kbd> stage
        </p>
        <GrammarCard />
      </div>
    </section>
  );
}

/** What the checks would say of the position being typed. */
function PreviewVerdicts({ preview }: { preview: Preview | undefined }) {
  if (!preview || preview.positions.length === 0) return <div className="w-80" />;
  const device = preview.panel.positions.find((one) => one.number === preview.positions[0])
    ?.devices[0];
  const refs = new Set([
    device?.id,
    ...(device?.terminals.flatMap((terminal) => [
      terminal.ref,
      ...terminal.conductors.map((one) => one.id),
    ]) ?? []),
  ]);
  if (!preview.assessment.judged) return <p className="text-ink2 w-80">{notJudged}</p>;
  const { findings, verdicts } = preview.assessment;
  const found = findings.filter((finding) => refs.has(finding.verdict.place.ref));
  const others = verdicts.filter(
    ({ place, outcome }) =>
      refs.has(place.ref) && (outcome.outcome === 'clear' || outcome.outcome === 'not-seen'),
  );
  const lines = [
    ...found.map(({ key, grade, verdict }) => ({
      key,
      mark: <GradeMark grade={grade} />,
      text: findingWords(verdict, 'short', preview.assessment.settings),
    })),
    ...others
      .toSorted((a, b) => (a.outcome.outcome < b.outcome.outcome ? -1 : 1))
      .map(({ rule, place, outcome }) => ({
        key: rule.id + place.ref,
        mark:
          outcome.outcome === 'clear' ? (
            <Check size={14} aria-label="Clear" />
          ) : (
            <Ellipsis size={14} aria-label="Not seen" />
          ),
        text:
          outcome.outcome === 'clear'
            ? outcome.message
            : outcome.outcome === 'not-seen'
              ? (outcome.wants[0]?.say ?? '')
              : '',
      })),
  ];
  const distinct = lines.filter(
    (line, index) => lines.findIndex((one) => one.text === line.text) === index,
  );
  return (
    <ul className="w-80">
      {distinct.slice(0, 4).map((line) => (
        <li key={line.key} className="flex items-center gap-2">
          {line.mark}
          <span className="truncate">{line.text}</span>
        </li>
      ))}
    </ul>
  );
}
