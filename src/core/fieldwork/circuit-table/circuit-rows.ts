import { openings } from '../../vocabulary/openings';
import type { FactReader } from '../../record/entries/fact-reader';
import type { PanelView } from '../../installation/panel/views';
import { wholeLine } from '../recording/whole-line';
import { printScrews } from '../../record/shorthand/bar-screws';
import type { PositionLine } from '../../record/shorthand/line';
import { parseLine } from '../../record/shorthand/parse';
import { printLine } from '../../record/shorthand/print';

/** Columns of the circuit table in a spreadsheet, in this order. */
export const circuitColumns = [
  'position',
  'device',
  'wires',
  'neutral screws',
  'ground screws',
  'marked for',
  'protection',
  'wiring method',
  'jacket',
  'maker and type',
  'load',
  'name',
  'opening',
] as const;
export type CircuitColumn = (typeof circuitColumns)[number];
export type CircuitRow = Record<CircuitColumn, string>;

const blank = Object.fromEntries(circuitColumns.map((name) => [name, ''])) as CircuitRow;

/** The panel's devices and openings as rows of words, each in shorthand's own spelling. */
export function circuitRows(panel: PanelView, reader: FactReader): CircuitRow[] {
  return panel.positions.flatMap((position): CircuitRow[] => {
    if (position.devices.length === 0)
      return position.opening
        ? [
            {
              ...blank,
              position: String(position.number),
              opening:
                position.opening.value === 'open' && reader.value(position.ref, 'liveMetalInPlane')
                  ? 'open!'
                  : openings[position.opening.value].token,
            },
          ]
        : [];
    return position.devices
      .filter((device) => device.row === position.row)
      .map((device) => deviceRow(wholeLine(panel, device, reader)));
  });
}

function deviceRow(line: PositionLine): CircuitRow {
  const only = (keep: Partial<PositionLine>) =>
    printLine({
      kind: 'position',
      positions: line.positions,
      ...(line.half && { half: line.half }),
      ...(line.form && { form: line.form }),
      marks: [],
      names: [],
      ...keep,
    })
      .split(' ')
      .slice(1)
      .join(' ');
  const formWords = only({});
  const part = (keep: Partial<PositionLine>) => only(keep).slice(formWords.length).trim();
  return {
    ...blank,
    position: printLine({
      kind: 'position',
      positions: line.positions,
      ...(line.half && { half: line.half }),
      marks: [],
      names: [],
    }),
    device: only({
      ...(line.ratingsA && { ratingsA: line.ratingsA }),
      ...(line.fuseBase && { fuseBase: line.fuseBase }),
      ...(line.insertA && { insertA: line.insertA }),
      ...(line.year && { year: line.year }),
      ...(line.tie && { tie: line.tie }),
    }),
    wires: line.wires ? part({ wires: line.wires }) : '',
    'neutral screws': line.neutrals ? `n${printScrews(line.neutrals, 'neutral')}` : '',
    'ground screws': line.grounds ? `g${printScrews(line.grounds, 'ground')}` : '',
    'marked for': line.takes ? `m${line.takes}` : '',
    protection: line.protection ? part({ protection: line.protection }) : '',
    'wiring method': line.cableKind ? `in:${line.cableKind}` : '',
    jacket: line.jacket ? `j:${line.jacket}` : '',
    'maker and type': line.maker
      ? `@${line.maker}${line.breakerType ? `.${line.breakerType}` : ''}`
      : '',
    load: line.load ? part({ load: line.load }) : '',
    name: line.names.join(' / '),
  };
}

/** A row's line of shorthand, to be read like any other. */
export function lineOfRow(row: Partial<CircuitRow>): string {
  const name = row.name?.trim() ?? '';
  const cells = circuitColumns
    .filter((column) => column !== 'name')
    .map((column) => row[column]?.trim() ?? '');
  const quoted = name === '' ? '' : `"${name.replaceAll('"', '')}"`;
  return [...cells, quoted].filter(Boolean).join(' ');
}

/** A fault of an imported row: its number counted from 1 below the heading, and why. */
export interface RowFault {
  row: number;
  message: string;
}

/** Reads rows as lines; good ones are kept, each faulty one named. */
export function readRows(
  rows: readonly Partial<CircuitRow>[],
  panel: PanelView,
): { lines: PositionLine[]; faults: RowFault[] } {
  const lines: PositionLine[] = [];
  const faults: RowFault[] = [];
  rows.forEach((row, index) => {
    const text = lineOfRow(row);
    if (text === '') return;
    const parsed = parseLine(text, panel);
    if (parsed.line?.kind === 'position') lines.push(parsed.line);
    else
      faults.push({
        row: index + 1,
        message: parsed.faults[0]
          ? `${text.slice(parsed.faults[0].start, parsed.faults[0].end)}: ${parsed.faults[0].message}`
          : 'a row begins with a position',
      });
  });
  return { lines, faults };
}
