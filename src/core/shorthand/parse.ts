import type { PanelView } from '../panel/views';
import { legOfRow } from '../panel/legs';
import { positionOfNumber } from '../panel/numbering';
import { panelLineHeads, parsePanelLine } from './panel-lines';
import type { LineFault, ParsedLine, PositionLine, Token } from './line';
import type { Word } from './parse-words';
import { splitWords } from './parse-words';
import { deviceTokens } from './tokens';

export type Layout = Pick<PanelView, 'rows' | 'numbering'>;

/**
 * Reads one line as typed. Never throws: what does not fit is a fault at its columns, and the
 * rest is still read, so that a preview can be drawn while typing.
 * @example parseLine('9+11 30 10cu dryer', panel)
 */
export function parseLine(text: string, layout: Layout): ParsedLine {
  const words = splitWords(text);
  const first = words[0];
  if (!first) return { tokens: [], line: undefined, faults: [] };
  if (panelLineHeads.has(first.text.toLowerCase())) return parsePanelLine(words);

  const tokens: Token[] = [];
  const faults: LineFault[] = [];
  const positions = readPositions(first, layout, tokens, faults);
  const line: PositionLine = { kind: 'position', positions, marks: [], names: [] };
  if (positions.length === 2) line.form = 'two-pole';
  let index = 1;
  for (; index < words.length; index += 1) {
    const word = words[index]!;
    const reader = deviceTokens.find((one) => one.pattern.test(word.text));
    if (!reader) break;
    const result = reader.read(word.text, line);
    if ('fault' in result) faults.push({ start: word.start, end: word.end, message: result.fault });
    else tokens.push({ ...word, reading: result.reading });
  }
  readName(words.slice(index), text, line, tokens);
  if (positions.length > 0) faults.push(...incomplete(line, first));
  return { tokens, line: faults.length === 0 ? line : undefined, faults };
}

function readPositions(
  first: Word,
  layout: Layout,
  tokens: Token[],
  faults: LineFault[],
): number[] {
  const at = { start: first.start, end: first.end };
  if (!/^\d+(\+\d+)?$/.test(first.text)) {
    faults.push({ ...at, message: 'begin with a position, such as 7 or 9+11' });
    return [];
  }
  const numbers = first.text.split('+').map(Number);
  const { rows, numbering } = layout;
  if (rows === undefined) {
    faults.push({ ...at, message: 'record first how many positions the panel has' });
    return [];
  }
  const places = numbers.map((number) => positionOfNumber(numbering, rows, number));
  const missing = places.findIndex((place) => !place);
  if (missing >= 0) {
    faults.push({
      ...at,
      message: `there is no position ${numbers[missing]}: the panel has 1 to ${rows * 2}`,
    });
    return [];
  }
  const [a, b] = places;
  if (a && b && (a.column !== b.column || b.row !== a.row + 1)) {
    faults.push({ ...at, message: `${numbers.join(' and ')} are not neighbours down one column` });
    return [];
  }
  const legs = places.map((place) => legOfRow(place!.row));
  tokens.push({
    ...first,
    reading:
      numbers.length === 1
        ? `position ${numbers[0]}, leg ${legs[0]}`
        : `positions ${numbers.join(' and ')}, 240 V`,
  });
  return numbers;
}

/** The rest of the line is the circuit's name; a tandem has two, with / between. */
function readName(rest: Word[], text: string, line: PositionLine, tokens: Token[]): void {
  const [from, to] = [rest[0], rest.at(-1)];
  if (!from || !to) return;
  const whole = text.slice(from.start, to.end);
  const names = line.form === 'tandem' ? whole.split('/') : [whole];
  line.names = names.map(asName).filter(Boolean);
  tokens.push({ start: from.start, end: to.end, text: whole, reading: line.names.join(' / ') });
}

function asName(words: string): string {
  const trimmed = words.trim().replace(/\s+/g, ' ').slice(0, 200);
  return trimmed.charAt(0).toUpperCase() + trimmed.slice(1);
}

function incomplete(line: PositionLine, first: Word): LineFault[] {
  const at = { start: first.start, end: first.end };
  if (line.opening && (line.ratingsA || line.wires))
    return [{ ...at, message: 'an opening holds no breaker: leave out the rating and the wires' }];
  if (line.opening && line.positions.length > 1)
    return [{ ...at, message: 'name one opening at a time' }];
  const says =
    Object.keys(line).length > (line.positions.length === 2 ? 5 : 4) || line.marks.length > 0;
  return says ? [] : [{ ...at, message: 'say what is there: a rating, open, blank or covered' }];
}
