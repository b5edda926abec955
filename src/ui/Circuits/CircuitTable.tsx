'use client';

import { useState } from 'react';
import Link from 'next/link';
import {
  columnFilteringFeature,
  createColumnHelper,
  createFilteredRowModel,
  createSortedRowModel,
  filterFns,
  globalFilteringFeature,
  rowSortingFeature,
  sortFns,
  tableFeatures,
  useTable,
} from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { gradeWords } from '@/core/vocabulary/grade';
import { positionsOf } from '@/core/fieldwork/recording/line-of-device';
import { useBook } from '../Book/context';
import { GradeMark } from '../primitives/GradeMark';
import type { CircuitLine } from './circuit-table';

const features = tableFeatures({
  rowSortingFeature,
  columnFilteringFeature,
  globalFilteringFeature,
  sortedRowModel: createSortedRowModel(),
  filteredRowModel: createFilteredRowModel(),
  sortFns,
  filterFns,
});
const helper = createColumnHelper<typeof features, CircuitLine>();
const columns = helper.columns([
  helper.accessor((row) => row.order, {
    id: 'position',
    header: 'Position',
    cell: ({ row }) => row.original.position,
  }),
  helper.accessor('name', { header: 'Feeds' }),
  helper.accessor((row) => row.ratingA ?? 0, {
    id: 'rating',
    header: 'A',
    cell: ({ row }) => row.original.ratingA ?? '?',
  }),
  helper.accessor('form', { header: 'Form' }),
  helper.accessor('leg', { header: 'Leg' }),
  helper.accessor('wire', { header: 'Wire' }),
  helper.accessor('neutral', { header: 'Neutral' }),
  helper.accessor('method', { header: 'Wiring method' }),
  helper.accessor('jacket', { header: 'Jacket' }),
  helper.accessor('load', { header: 'Load' }),
  helper.accessor((row) => row.grades.length, { id: 'findings', header: 'Findings' }),
]);

interface CircuitTableProps {
  rows: CircuitLine[];
  chosen: ReadonlySet<string>;
  choose(chosen: ReadonlySet<string>): void;
}

/** Sorted by any heading, narrowed by words, named in place; a position leads to the drawing. */
export function CircuitTable({ rows, chosen, choose }: CircuitTableProps) {
  const [words, setWords] = useState('');
  const table = useTable({
    features,
    columns,
    data: rows,
    state: { globalFilter: words },
    onGlobalFilterChange: setWords,
    globalFilterFn: 'includesString',
  });
  const shown = table.getRowModel().rows;
  const toggle = (key: string) => {
    const next = new Set(chosen);
    if (!next.delete(key)) next.add(key);
    choose(next);
  };
  return (
    <>
      <label className="mt-2 flex flex-wrap items-center gap-2">
        <span className="text-ink2">Show those with</span>
        <input
          className="field max-w-60"
          value={words}
          placeholder="any words"
          onChange={(event) => setWords(event.target.value)}
        />
        <span className="text-ink2">
          {shown.length} of {rows.length}
        </span>
      </label>
      <div className="mt-2 overflow-x-auto" tabIndex={0} role="region" aria-label="Circuit table">
        <table className="w-full border-collapse">
          <thead>
            {table.getHeaderGroups().map((group) => (
              <tr key={group.id} className="border-ink border-b-2 text-left">
                <th className="w-8 py-1.5">
                  <span className="sr-only">Chosen</span>
                </th>
                {group.headers.map((header) => {
                  const sorted = header.column.getIsSorted();
                  return (
                    <th
                      key={header.id}
                      className="py-1.5 pr-3 font-semibold whitespace-nowrap"
                      aria-sort={
                        sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'
                      }
                    >
                      <button
                        className="inline-flex items-center gap-1 font-semibold"
                        onClick={() => header.column.toggleSorting()}
                      >
                        <table.FlexRender header={header} />
                        {sorted === 'asc' && <ArrowUp size={12} aria-hidden="true" />}
                        {sorted === 'desc' && <ArrowDown size={12} aria-hidden="true" />}
                      </button>
                    </th>
                  );
                })}
              </tr>
            ))}
          </thead>
          <tbody>
            {shown.map((row) => (
              <tr key={row.original.key} className="border-hair border-b">
                <td className="py-0.5 pr-2">
                  <input
                    type="checkbox"
                    className="size-4 align-middle"
                    aria-label={`Choose ${row.original.position}`}
                    checked={chosen.has(row.original.key)}
                    onChange={() => toggle(row.original.key)}
                  />
                </td>
                {row.getAllCells().map((cell) => (
                  <td key={cell.id} className="py-0.5 pr-3 whitespace-nowrap">
                    {cell.column.id === 'position' ? (
                      <PositionLink line={row.original} />
                    ) : cell.column.id === 'name' ? (
                      <NameCell key={row.original.name} line={row.original} />
                    ) : cell.column.id === 'findings' ? (
                      <Grades line={row.original} />
                    ) : (
                      <table.FlexRender cell={cell} />
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}

function PositionLink({ line }: { line: CircuitLine }) {
  const { inspection, actions } = useBook();
  return (
    <Link
      className="font-bold underline"
      href={`/inspections/${inspection}/walk`}
      onClick={() =>
        actions.select(
          line.device.stands === 'position'
            ? { kind: 'position', number: line.device.number }
            : { kind: 'thing', ref: line.device.id },
        )
      }
    >
      {line.position}
    </Link>
  );
}

function NameCell({ line }: { line: CircuitLine }) {
  const { panel, actions } = useBook();
  const [name, setName] = useState(line.name);
  const record = () => {
    const words = name.trim();
    if (words === '' || words === line.name) return setName(line.name);
    const circuit = line.device.terminals[0]?.circuit;
    if (line.device.stands !== 'position') {
      if (circuit) void actions.observe(circuit.id, { name: words });
      return;
    }
    void actions.recordLine({
      kind: 'position',
      positions: positionsOf(panel, line.device),
      form: line.device.form,
      ...(line.device.half && { half: line.device.half }),
      marks: [],
      names: [...Array.from({ length: line.index }, () => ''), words],
    });
  };
  return (
    <input
      className="hover:border-line min-h-7 w-44 border border-transparent bg-transparent px-1"
      aria-label={`What ${line.position} feeds`}
      placeholder="no name"
      value={name}
      onChange={(event) => setName(event.target.value)}
      onBlur={record}
      onKeyDown={(event) => event.key === 'Enter' && record()}
    />
  );
}

function Grades({ line }: { line: CircuitLine }) {
  if (line.grades.length === 0) return null;
  return (
    <span className="inline-flex items-center gap-2">
      {line.grades.map((grade, index) => (
        <span key={index} className="inline-flex items-center gap-1">
          <GradeMark grade={grade} size={12} /> {gradeWords[grade]}
        </span>
      ))}
    </span>
  );
}
