'use client';

import { useState } from 'react';
import { circuitRows, lineOfRow } from '@/core/fieldwork/circuit-table/circuit-rows';
import { highestCounter } from '@/core/fieldwork/recording/draft';
import { pastedLines, recordLines } from '@/core/fieldwork/recording/record-lines';
import { useBook } from '../Book/context';
import { saveFile } from '../primitives/save-file';
import { circuitsFromCsv, circuitsToCsv } from './csv';

/** Lines of shorthand or rows of a spreadsheet, pasted or from a file; and the table as a file. */
export function PasteLines() {
  const { state, panel, actions } = useBook();
  const [text, setText] = useState('');
  const [said, setSaid] = useState<{ good: number; faults: string[] }>();
  const { reader } = state.assessment.site;

  const read = (words: string) => {
    const table = /^﻿?\s*position\s*[,;\t]/i.test(words);
    const rows = table ? circuitsFromCsv(words) : undefined;
    if (rows && 'faults' in rows)
      return { pasted: [], faults: rows.faults.map((fault) => fault.message) };
    const pasted = rows
      ? rows.rows
          .map((row, index) => ({ number: index + 2, text: lineOfRow(row) }))
          .filter((line) => line.text !== '')
      : pastedLines(words);
    return { pasted, faults: [] as string[] };
  };
  const record = async (words: string) => {
    const { pasted, faults } = read(words);
    if (faults.length > 0) return setSaid({ good: 0, faults });
    const outcome = { good: 0, faults: [] as string[] };
    const refused = await actions.record((newId) => {
      const result = recordLines(pasted, panel.id, state.entries, {
        newId,
        device: 'paste',
        author: 'paste',
        at: '2000-01-01T00:00:00Z',
        counter: highestCounter(state.entries),
      });
      outcome.good = result.good;
      outcome.faults = result.faults.map(
        (fault) =>
          `Line ${fault.line}, column ${fault.start + 1}: ${fault.message} (${fault.text.slice(fault.start, fault.end)})`,
      );
      return result.drafts;
    });
    setSaid(refused ? { good: 0, faults: [refused] } : outcome);
    const faulty = new Set(outcome.faults.map((fault) => Number(/^Line (\d+)/.exec(fault)?.[1])));
    setText(
      outcome.faults.length === 0
        ? ''
        : words
            .split(/\r?\n/)
            .filter((_, index) => faulty.has(index + 1) || (index === 0 && /position/i.test(words)))
            .join('\n'),
    );
  };
  const download = () =>
    saveFile(
      `${panel.name.toLowerCase().replaceAll(' ', '-')}-circuits.csv`,
      circuitsToCsv(circuitRows(panel, reader)),
      'text/csv',
    );
  return (
    <section className="border-ink border-t-2 pt-2" aria-labelledby="paste">
      <h3 id="paste" className="font-bold">
        Many at once
      </h3>
      <label className="mt-1 grid gap-1">
        <span className="text-ink2">
          Lines of shorthand, or rows of a spreadsheet with their heading
        </span>
        <textarea
          className="field min-h-28 p-2 font-mono"
          value={text}
          spellCheck={false}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <div className="mt-2 flex flex-wrap gap-2">
        <button
          className="act act-main"
          disabled={text.trim() === ''}
          onClick={() => void record(text)}
        >
          Record them
        </button>
        <label className="act">
          From a CSV file
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            className="sr-only"
            onChange={(event) =>
              void event.target.files?.[0]?.text().then((words) => record(words))
            }
          />
        </label>
        <button className="act" onClick={download}>
          Download as CSV
        </button>
      </div>
      {said && (
        <div role="status" className="mt-2">
          <p>
            {said.good} {said.good === 1 ? 'line' : 'lines'} recorded
            {said.faults.length > 0 && `, ${said.faults.length} kept here with their fault`}.
          </p>
          <ul className="text-danger">
            {said.faults.map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
