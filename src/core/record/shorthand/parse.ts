import { formOf, halved } from '../../vocabulary/device-forms';
import type { Layout } from '../../vocabulary/numbering';
import { positionOfNumber } from '../../vocabulary/numbering';
import type { Leg } from '../../vocabulary/system';
import { circuitsOf, deviceTokens } from './tokens';
import { panelLineHeads, parsePanelLine } from './panel-lines';
import type { LineFault, ParsedLine, PositionLine, Token } from './line';
import type { Word } from './parse-words';
import { splitWords } from './parse-words';

/** What a line is read against: the panel's layout and the legs of its positions. */
export interface LineContext {
  layout: Layout;
  positions?: readonly { number: number; leg: Leg }[];
}

/**
 * Reads one line as typed. Never throws: what does not fit is a fault at its columns, and the
 * rest is still read, so that a preview can be drawn while typing.
 * @example parseLine('9+11 30 10cu dryer', panel)
 */
export function parseLine(text: string, context: LineContext): ParsedLine {
  const words = splitWords(text);
  const first = words[0];
  if (!first) return { tokens: [], line: undefined, faults: [] };
  if (panelLineHeads.has(first.text.toLowerCase())) return parsePanelLine(words, text);

  const tokens: Token[] = [];
  const faults: LineFault[] = [];
  const line: PositionLine = { kind: 'position', positions: [], marks: [], names: [] };
  readPositions(first, context, line, tokens, faults);
  if (line.positions.length === 2) line.form = 'two-pole';
  if (line.positions.length === 3) line.form = 'three-pole';
  if (line.half) line.form = 'half';
  let index = 1;
  for (; index < words.length; index += 1) {
    const word = words[index]!;
    const reader = deviceTokens.find((one) => one.pattern.test(word.text));
    if (!reader) break;
    const result = reader.read(word.text, line);
    if ('fault' in result) faults.push({ start: word.start, end: word.end, message: result.fault });
    else tokens.push({ ...word, meaning: result.meaning });
  }
  readName(words.slice(index), text, line, tokens);
  if (line.positions.length > 0) faults.push(...incomplete(line, first));
  const asks = faults.length === 0 ? meantOtherwise(words.slice(index), line) : [];
  return {
    tokens,
    line: faults.length === 0 ? line : undefined,
    faults,
    ...(asks.length > 0 && { asks }),
  };
}

function readPositions(
  first: Word,
  { layout, positions }: LineContext,
  line: PositionLine,
  tokens: Token[],
  faults: LineFault[],
): void {
  const at = { start: first.start, end: first.end };
  const match = /^(\d+(?:\+\d+){0,2})([ab])?$/i.exec(first.text);
  if (!match || (match[2] && match[1]!.includes('+'))) {
    faults.push({ ...at, message: 'begin with a position, such as 7, 9+11, or 13a for a half' });
    return;
  }
  const numbers = match[1]!.split('+').map(Number);
  if (layout.rows === 0) {
    faults.push({ ...at, message: 'record first how many positions the panel has: panel 24' });
    return;
  }
  const places = numbers.map((number) => positionOfNumber(layout, number));
  const missing = places.findIndex((place) => !place);
  if (missing >= 0) {
    const last = layout.rows * layout.columns;
    const known = layout.numbering === 'custom' ? '' : `: the panel has 1 to ${last}`;
    faults.push({ ...at, message: `there is no position ${numbers[missing]}${known}` });
    return;
  }
  const inOneColumn = places.every(
    (place, index) =>
      index === 0 || (place!.column === places[0]!.column && place!.row === places[0]!.row + index),
  );
  if (!inOneColumn) {
    faults.push({ ...at, message: `${numbers.join(' and ')} are not neighbours down one column` });
    return;
  }
  line.positions = numbers;
  if (match[2]) line.half = match[2].toLowerCase() === 'a' ? 'upper' : 'lower';
  const legs = numbers.flatMap(
    (number) => positions?.find((one) => one.number === number)?.leg ?? [],
  );
  const where =
    numbers.length === 1
      ? `position ${numbers[0]}${line.half ? `, ${line.half} half` : ''}`
      : `positions ${numbers.join(' and ')}`;
  const on =
    legs.length === 0 ? '' : legs.length === 1 ? `, leg ${legs[0]}` : `, legs ${legs.join(' ')}`;
  tokens.push({ ...first, meaning: where + on });
}

/**
 * The rest of the line is the circuit's name, one for each circuit with / between. Quotes keep a
 * name that begins like another word; after ; stands a remark about the breaker.
 */
function readName(rest: Word[], text: string, line: PositionLine, tokens: Token[]): void {
  const semicolon = rest.findIndex((word) => word.text.startsWith(';'));
  const named = semicolon < 0 ? rest : rest.slice(0, semicolon);
  const [from, to] = [named[0], named.at(-1)];
  if (from && to) {
    const whole = text.slice(from.start, to.end);
    const names = circuitsOf(line) > 1 ? whole.split('/').map(asName) : [asName(whole)];
    while (names.length > 0 && names.at(-1) === '') names.pop();
    line.names = names;
    tokens.push({ start: from.start, end: to.end, text: whole, meaning: names.join(' / ') });
  }
  const mark = rest[semicolon];
  if (!mark) return;
  const remark = text.slice(mark.start + 1).trim();
  if (remark === '') return;
  line.remark = remark;
  tokens.push({ start: mark.start, end: text.trimEnd().length, text: remark, meaning: 'remark' });
}

function asName(words: string): string {
  const trimmed = words.replaceAll('"', '').trim().replace(/\s+/g, ' ').slice(0, 200);
  return trimmed.charAt(0).toUpperCase() + trimmed.slice(1);
}

/** Ratings a number in a name may have been meant as. */
const usualRatings: ReadonlySet<string> = new Set([
  '15',
  '20',
  '25',
  '30',
  '35',
  '40',
  '45',
  '50',
  '60',
]);

/**
 * Words inside the name that would say something of their own before it. A name in quotes was meant,
 * and so was a number where the rating is said already.
 */
function meantOtherwise(rest: readonly Word[], line: PositionLine): LineFault[] {
  const semicolon = rest.findIndex((word) => word.text.startsWith(';'));
  const named = semicolon < 0 ? rest : rest.slice(0, semicolon);
  if (named.some((word) => word.text.includes('"'))) return [];
  return named.slice(1).flatMap((word) => {
    const reader = deviceTokens.find((one) => one.pattern.test(word.text));
    if (!reader) return [];
    if (
      /^\d+a?$/i.test(word.text) &&
      (line.ratingsA || !usualRatings.has(word.text.replace(/a$/i, '')))
    )
      return [];
    const read = reader.read(word.text, structuredClone(line));
    const meaning = 'fault' in read ? undefined : read.meaning;
    return meaning === undefined
      ? []
      : [
          {
            start: word.start,
            end: word.end,
            message: `${word.text} became part of the name. Meant as ${meaning}? Put it before the name. Meant as a name? Enter once more`,
          },
        ];
  });
}

function incomplete(line: PositionLine, first: Word): LineFault[] {
  const at = { start: first.start, end: first.end };
  if (line.becomes) return becomesFaults(line, at);
  if (line.opening && (line.ratingsA || line.wires))
    return [{ ...at, message: 'an opening holds no breaker: leave out the rating and the wires' }];
  if (line.opening && line.positions.length > 1)
    return [{ ...at, message: 'name one opening at a time' }];
  const form = line.form;
  if (form && formOf(form).rows !== line.positions.length && !line.opening)
    return [
      {
        ...at,
        message: `${formOf(form).short} takes ${formOf(form).rows} positions, got ${line.positions.length}`,
      },
    ];
  if (line.half && form && halved(form))
    return [{ ...at, message: `a ${formOf(form).short} takes the whole position` }];
  const { kind: _, positions, marks, names, half, form: __, ...more } = line;
  const says =
    Object.keys(more).length > 0 || marks.length > 0 || names.length > 0 || positions.length === 0;
  return says || (form && formOf(form).word) || (half && line.ratingsA)
    ? []
    : [{ ...at, message: 'say what is there: a rating, open, blank or covered' }];
}

/** What may be said beside what becomes of a device: it is one thing done, not several. */
function becomesFaults(line: PositionLine, at: Pick<LineFault, 'start' | 'end'>): LineFault[] {
  const { becomes, wires, names, load, opening, ratingsA, marks } = line;
  if (becomes!.kind === 'out' && !wires && !ratingsA && names.length === 0 && !load) return [];
  if (becomes!.kind === 'new')
    return wires || names.length > 0 || load || opening || marks.length > 0
      ? [
          {
            ...at,
            message: 'its wires and its name go over: say of the new one what it is, no more',
          },
        ]
      : [];
  return wires || ratingsA || names.length > 0 || load || opening || marks.length > 0
    ? [{ ...at, message: 'after what becomes of it say no more in this line' }]
    : [];
}

/** One faulty line of several: its number from 1, and the fault. */
export interface LinesFault extends LineFault {
  line: number;
  text: string;
}

/** Splits pasted text into lines, leaving out empty ones; numbers count from 1 in the text. */
export const splitLines = (text: string) =>
  text
    .split(/\r?\n/)
    .map((one, index) => ({ number: index + 1, text: one }))
    .filter((one) => one.text.trim() !== '');
