import { properties } from '../entries/properties';
import type { Facts } from '../entries/properties';
import { lengthWords, parseLength } from '../../vocabulary/lengths';
import { capital } from '../../vocabulary/phrases';
import { compareSizes, isPowerSize } from '../../vocabulary/size';
import type { BarLine, Line, LineFault, ParsedLine, Token } from './line';
import type { Word } from './parse-words';
import { readLabel } from './label-line';
import { number, panel } from './understood';
import type { Understood } from './understood';
import { bonds, kinds, mains, numberings, systemsByWord } from './panel-words';
import { readWires } from './wires';

interface PanelLineReader {
  head: string;
  card: readonly [string, string];
  read(words: readonly Word[], text: string): Understood;
}

/** One of a property's choices by its first letters or by a short word. */
function oneOf<K extends string>(
  word: Word | undefined,
  choices: Readonly<Record<string, K>>,
): K | undefined {
  return choices[word?.text.toLowerCase() ?? ''];
}

const lengthLine = (
  head: string,
  property: 'depthMm' | 'clearWidth' | 'headroom' | 'highestHandle',
  example: string,
): PanelLineReader => ({
  head,
  card: [example, properties[property].label.toLowerCase()],
  read([, ...rest]) {
    const length = parseLength(rest.map((word) => word.text).join(' '), 'mm');
    if (length === undefined) return { fault: `name a length: ${example}`, at: 1 };
    return {
      line: { kind: 'panel', facts: { [property]: length }, certainty: 'measured' },
      meanings: [lengthWords(length)],
    };
  },
});

/** Lines that are about the panel, by their first word. */
export const panelLines: readonly PanelLineReader[] = [
  {
    head: 'main',
    card: [
      'main 100 @maker  main 200 3p  main lugs',
      'main breaker; three poles; lugs, throws, pull-out',
    ],
    read([, second, ...rest]) {
      if (!second) return { fault: 'name its rating: main 100', at: 0 };
      const kind = oneOf(second, mains);
      if (kind && rest.length === 0)
        return panel({ mainKind: kind }, properties.mainKind.choices[kind]);
      const ratingA = number(second);
      if (!Number.isInteger(ratingA) || ratingA < 15 || ratingA > 1200)
        return { fault: 'a main is 15 to 1200 A; or lugs, throws, pull-out', at: 1 };
      const line: Line = { kind: 'main', ratingA };
      const meanings = [`${ratingA} A`];
      for (const [index, word] of rest.entries()) {
        if (/^3p$/i.test(word.text)) line.form = 'three-pole';
        else if (/^@./.test(word.text)) line.maker = capital(word.text.slice(1));
        else if (/^fuses$/i.test(word.text)) line.form = 'pull-out';
        else return { fault: 'after the rating only 3p, fuses and @maker', at: index + 2 };
        meanings.push(word.text);
      }
      return { line, meanings };
    },
  },
  {
    head: 'pullout',
    card: [
      'pullout 1 60 10cu range',
      'pull-out block beside the main: its number, rating, wires, name',
    ],
    read(words) {
      const [, second, third, fourth] = words;
      const nth = number(second);
      if (nth !== 1 && nth !== 2 && nth !== 3)
        return { fault: 'blocks are numbered 1 to 3', at: 1 };
      const ratingA = number(third);
      if (!Number.isInteger(ratingA) || ratingA < 15 || ratingA > 1200)
        return { fault: 'name its rating: pullout 1 60', at: third ? 2 : 1 };
      const line: Line = { kind: 'main', ratingA, form: 'pull-out', pullOut: nth };
      const meanings = [`block ${nth}`, `${ratingA} A`];
      let rest = words.slice(3);
      if (fourth && /^(\d+x)?\d+(\/0)?(cu|al)\b/i.test(fourth.text)) {
        const wires = readWires(fourth.text, 2);
        if ('fault' in wires) return { fault: wires.fault, at: 3 };
        line.wires = wires.screws;
        meanings.push(wires.meaning);
        rest = words.slice(4);
      }
      const name = rest.map((word) => word.text).join(' ');
      if (name) line.name = capital(name);
      return { line, meanings };
    },
  },
  {
    head: 'bar',
    card: [
      'bar n 18 left all 17  bar g2 12 right  bar n takes 14-4',
      'neutral or ground bar: screws, side, count of all on it, sizes a screw takes',
    ],
    read([, second, ...rest]) {
      const which = /^([ng])(\d)?$/i.exec(second?.text ?? '');
      if (!which) return { fault: 'after bar: n or g, such as bar n 18', at: 1 };
      const bar = which[1]!.toLowerCase() === 'n' ? 'neutral' : 'ground';
      const line: Line = { kind: 'bar', bar, ...(which[2] && { nth: Number(which[2]) }) };
      const meanings = [`${bar} bar${which[2] ? ` ${which[2]}` : ''}`];
      for (let index = 0; index < rest.length; index += 1) {
        const word = rest[index]!.text.toLowerCase();
        if (word === 'left' || word === 'right') line.side = word;
        else if (word === 'all') {
          index += 1;
          line.holds = Number(rest[index]?.text);
          if (!(Number.isInteger(line.holds) && line.holds >= 0 && line.holds <= 90))
            return { fault: 'after all: how many are on it, 0 to 90', at: index + 1 };
        } else if (word === 'takes') {
          index += 1;
          const takes = readSizes(rest[index]?.text ?? '');
          if (!takes)
            return { fault: 'after takes: thinnest and thickest, such as 14-4', at: index + 1 };
          line.takes = takes;
          meanings.push(`takes ${takes.from} to ${takes.to} AWG`);
          continue;
        } else if (/^\d+$/.test(word) && Number(word) >= 1 && Number(word) <= 60)
          line.screws = Number(word);
        else
          return {
            fault: 'a bar has 1 to 60 screws, a side, all with a count, takes with sizes',
            at: index + 2,
          };
        meanings.push(word);
      }
      return { line, meanings };
    },
  },
  {
    head: 'bond',
    card: ['bond strap  screw  can  none', 'how neutral and enclosure are joined'],
    read([, second]) {
      const bond = oneOf(second, bonds);
      return bond
        ? panel({ bond }, properties.bond.choices[bond])
        : { fault: 'after bond: strap, screw, can or none', at: 1 };
    },
  },
  lengthLine('depth', 'depthMm', 'depth 690'),
  lengthLine('width', 'clearWidth', 'width 32 in'),
  lengthLine('headroom', 'headroom', 'headroom 2.1 m'),
  lengthLine('handle', 'highestHandle', 'handle 1900'),
  {
    head: 'panel',
    card: [
      'panel 24 down  panel fuse 8  panel split 20 upper 3  panel 208y/120  panel sideways',
      'positions, numbering, kind, upper rows, system, how it hangs',
    ],
    read(words) {
      const facts: Facts = {};
      const meanings: string[] = [];
      for (let index = 1; index < words.length; index += 1) {
        const word = words[index]!;
        const lower = word.text.toLowerCase();
        const positions = Number(lower);
        const kind = oneOf(word, kinds);
        const numbering = oneOf(word, numberings);
        const system = oneOf(word, systemsByWord);
        if (kind) facts.panelKind = kind;
        else if (numbering) facts.numbering = numbering;
        else if (system) facts.serviceSystem = system;
        else if (lower === 'sideways' || lower === 'upright') facts.orientation = lower;
        else if (lower === 'single') facts.columns = 1;
        else if (lower === 'upper') {
          index += 1;
          const rows = Number(words[index]?.text);
          if (!(Number.isInteger(rows) && rows >= 1 && rows <= 20))
            return { fault: 'after upper: its rows, 1 to 20', at: index - 1 };
          facts.upperRows = rows;
          meanings.push('upper section');
        } else if (Number.isInteger(positions) && positions >= 2 && positions <= 84) {
          const columns = words.some((one) => /^single$/i.test(one.text)) ? 1 : 2;
          if (positions % columns !== 0 || positions / columns < 2 || positions / columns > 42)
            return { fault: 'a panel has 4 to 84 positions, in equal columns', at: index };
          facts.rows = positions / columns;
        } else
          return {
            fault: `after panel: positions, ${[...Object.keys(kinds), ...Object.keys(numberings), ...Object.keys(systemsByWord)].join(', ')}, sideways, single, upper 3`,
            at: index,
          };
        meanings.push(word.text);
      }
      return Object.keys(facts).length > 0
        ? panel(facts, ...meanings)
        : { fault: 'say how many positions: panel 24', at: 0 };
    },
  },
  {
    head: 'maker',
    card: ['maker Tarnholt TL-24', 'maker and model on the label'],
    read([, second, ...rest]) {
      if (!second) return { fault: 'name the maker: maker Tarnholt', at: 0 };
      const model = rest.map((word) => word.text).join(' ');
      return panel(
        { maker: capital(second.text), ...(model && { model }) },
        capital(second.text),
        ...(model ? [model] : []),
      );
    },
  },
  {
    head: 'year',
    card: ['year 1964', 'year of the panel'],
    read([, second]) {
      const year = Number(second?.text);
      return Number.isInteger(year) && year >= 1880 && year <= 2100
        ? panel({ yearBuilt: year }, String(year))
        : { fault: 'a year is 1880 to 2100', at: 1 };
    },
  },
  {
    head: 'label',
    card: [
      'label bus 125 circuits 30 tandem 17-24 pairs 15/15,15/20 grounds 2 accepts tarnholt, oskelund',
      'what the label says; accepts comes last',
    ],
    read: (words) => readLabel(words),
  },
  {
    head: 'supply',
    card: [
      'supply 2al n4 g8  supply 2x3/0cu n3/0',
      'supply conductors of each leg; their neutral; ground run with them',
    ],
    read([, second, ...rest]) {
      const wire = /^(?:([1-6])x)?(\d+(?:\/0)?)(cu|al)$/i.exec(second?.text ?? '');
      const size = wire?.[2] ?? '';
      if (!wire || !isPowerSize(size))
        return {
          fault: 'name size and metal: supply 2al, or of each leg two: supply 2x3/0al',
          at: 1,
        };
      const metal = wire[3]!.toLowerCase() as 'cu' | 'al';
      const facts: Facts = {
        supplySize: size,
        supplyMetal: metal,
        ...(wire[1] && { parallelSets: Number(wire[1]) }),
      };
      const meanings = [
        ...(wire[1] ? [`${wire[1]} for each leg`] : []),
        `${size} ${properties.metal.choices[metal]}`,
      ];
      for (const [index, word] of rest.entries()) {
        const other = word.text.slice(1);
        if (!/^[ng]/i.test(word.text) || !isPowerSize(other))
          return { fault: 'then n4 for its neutral, g8 for a ground run with it', at: index + 2 };
        if (/^n/i.test(word.text)) facts.supplyNeutralSize = other;
        else Object.assign(facts, { supplyGroundSize: other, feederHasGround: true });
        meanings.push(word.text);
      }
      return panel(facts, ...meanings);
    },
  },
  {
    head: 'fed',
    card: ['fed service  fed meter  fed disconnect', 'what feeds this panel, where there is one'],
    read([, second]) {
      const from = oneOf(second, { service: 'service', meter: 'meter', disconnect: 'disconnect' });
      return from
        ? { line: { kind: 'fed', from }, meanings: [`the ${from}`] }
        : { fault: 'after fed: service, meter or disconnect; another panel in Supply', at: 1 };
    },
  },
  {
    head: 'cover',
    card: ['cover opened  cover shut padlocked', 'cover opened; not opened, and why'],
    read([, second, ...rest]) {
      if (/^opened$/i.test(second?.text ?? '')) return panel({ coverOpened: 'opened' }, 'opened');
      const why = rest.map((word) => word.text).join(' ');
      if (!/^shut$/i.test(second?.text ?? ''))
        return { fault: 'after cover: opened, or shut and why', at: 1 };
      if (!why) return { fault: 'say why it was not opened', at: 1 };
      return panel({ coverOpened: 'not-opened', coverReason: why }, 'not opened', why);
    },
  },
  {
    head: 'note',
    card: ['note words', 'a note, to be placed later'],
    read(words, text) {
      const from = words[1];
      if (!from) return { fault: 'write the note after the word', at: 0 };
      const said = text.slice(from.start).trim();
      return { line: { kind: 'note', words: said }, meanings: [said] };
    },
  },
];

const byHead = new Map(panelLines.map((one) => [one.head, one]));
export const panelLineHeads: ReadonlySet<string> = new Set(byHead.keys());

/** Reads a line that begins with one of the heads. */
export function parsePanelLine(words: readonly Word[], text: string): ParsedLine {
  const head = words[0]!;
  const reader = byHead.get(head.text.toLowerCase())!;
  const headToken: Token = { ...head, meaning: reader.card[1] };
  const read = reader.read(words, text);
  if ('fault' in read) {
    const at = words[read.at ?? 0] ?? words.at(-1)!;
    const fault: LineFault = { start: at.start, end: at.end, message: read.fault };
    return { tokens: [headToken], line: undefined, faults: [fault] };
  }
  const rest = words.slice(1);
  const tokens = rest.map((word, index): Token => ({
    ...word,
    meaning: index < read.meanings.length ? read.meanings[index]! : '',
  }));
  return {
    tokens: [headToken, ...tokens.filter((token) => token.meaning !== '')],
    line: read.line,
    faults: [],
  };
}

/** Sizes as printed beside a bar, the thinnest first. */
function readSizes(text: string): BarLine['takes'] {
  const [from = '', to = ''] = text.split('-');
  if (text.split('-').length !== 2 || !isPowerSize(from) || !isPowerSize(to)) return undefined;
  return compareSizes(from, to) <= 0 ? { from, to } : { from: to, to: from };
}
