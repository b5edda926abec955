import type { PropertyValue } from '../entries/properties';
import { properties } from '../entries/properties';
import type { Mark, PositionLine } from './line';
import { readWires, wiresPattern } from './wires';

export type TokenResult = { reading: string } | { fault: string };

interface TokenReader {
  /** Which words it takes. Words no reader takes begin the circuit's name. */
  pattern: RegExp;
  read(text: string, line: PositionLine): TokenResult;
  /** For the card: form, and what it says. */
  card: readonly [string, string];
}

const openings = { open: 'open', 'open!': 'open', blank: 'blanked', covered: 'covered' } as const;

const loads: Record<string, PropertyValue<'loadKind'>> = {
  range: 'range',
  dryer: 'dryer',
  heater: 'water-heater',
  ac: 'air-conditioner',
  motor: 'motor',
  outlets: 'receptacles',
  lights: 'lighting',
  low: 'low-voltage',
  other: 'other',
};

const marks: Record<Mark, string> = {
  heat: 'heat mark',
  melted: 'melted or charred',
  loose: 'loose',
  falls: 'falls off when touched',
  arc: 'arcing',
  damp: 'moisture or corrosion',
  burned: 'bus burned',
};

export const screwsOf = (line: Pick<PositionLine, 'form'>) =>
  line.form === 'two-pole' || line.form === 'tandem' ? 2 : 1;

const standing = (text: string): number | undefined => {
  const amps = Number(text);
  return Number.isInteger(amps) && amps >= 5 && amps <= 1200 ? amps : undefined;
};

/** The words of a breaker line, tried in this order. */
export const deviceTokens: readonly TokenReader[] = [
  {
    pattern: /^(open!?|blank|covered)$/i,
    card: [
      'open  open!  blank  covered',
      'no breaker: open, open with live metal, blank, closed by the cover',
    ],
    read(text, line) {
      const word = text.toLowerCase() as keyof typeof openings;
      line.opening = openings[word];
      if (word === 'open!') line.liveMetal = true;
      return {
        reading:
          word === 'open!'
            ? 'open, live metal in its plane'
            : properties.opening.choices[line.opening],
      };
    },
  },
  {
    pattern: wiresPattern,
    card: [
      '12cu  2x12cu  14cu:b+14cu:w*  10cu:b/10cu:r',
      'wires: + under the same screw, / next screw; :b r u w e g colour; * re-marked',
    ],
    read(text, line) {
      const result = readWires(text, screwsOf(line));
      if ('fault' in result) return result;
      line.wires = result.screws;
      return { reading: result.reading };
    },
  },
  {
    pattern: /^t\d/i,
    card: ['t15/15', 'tandem, a rating for each half'],
    read(text, line) {
      if (line.positions.length > 1) return { fault: 'a tandem sits on one position' };
      const parts = text.slice(1).split('/');
      const ratings = (parts.length === 1 ? [parts[0], parts[0]] : parts).map((part) =>
        standing(part ?? ''),
      );
      if (ratings.length !== 2 || ratings.includes(undefined))
        return { fault: 'expected a tandem such as t15/15' };
      line.form = 'tandem';
      line.ratingsA = ratings as number[];
      return { reading: `tandem ${ratings.join(' and ')} A` };
    },
  },
  {
    pattern: /^\d+a?$/i,
    card: ['20', 'rating on the handle, A'],
    read(text, line) {
      if (line.ratingsA) return { fault: `the rating is ${line.ratingsA.join('/')} A already` };
      const amps = standing(text.replace(/a$/i, ''));
      if (amps === undefined) return { fault: `a rating is 5 to 1200 A, got ${text}` };
      line.ratingsA = [amps];
      line.form ??= 'single-pole';
      return { reading: `${amps} A, ${line.form === 'two-pole' ? '2 poles' : '1 pole'}` };
    },
  },
  {
    pattern: /^in:/i,
    card: ['in:nm  in:ac  in:uf  in:se  in:cloth  in:tw  in:thw', 'wiring method'],
    read(text, line) {
      const kind = text.slice(3).toLowerCase();
      const kinds = properties.cableKind.choices;
      if (!Object.hasOwn(kinds, kind))
        return { fault: `after in: one of ${Object.keys(kinds).join(', ')}` };
      line.cableKind = kind as keyof typeof kinds;
      return { reading: kinds[line.cableKind] };
    },
  },
  {
    pattern: /^n\d+(@g)?$/i,
    card: ['n4  n4@g', 'its neutral on screw 4 of the neutral bar; of the ground bar'],
    read(text, line) {
      line.neutral = {
        bar: /@g$/i.test(text) ? 'ground' : 'neutral',
        number: parseInt(text.slice(1), 10),
      };
      return { reading: `neutral on ${line.neutral.bar} screw ${line.neutral.number}` };
    },
  },
  {
    pattern: /^g\d+(@n)?$/i,
    card: ['g2  g2@n', 'its ground on screw 2 of the ground bar; of the neutral bar'],
    read(text, line) {
      line.ground = {
        bar: /@n$/i.test(text) ? 'neutral' : 'ground',
        number: parseInt(text.slice(1), 10),
      };
      return { reading: `ground on ${line.ground.bar} screw ${line.ground.number}` };
    },
  },
  {
    pattern: /^~\d*$/,
    card: ['~2', 'shares its neutral with position 2'],
    read(text, line) {
      if (text === '~') return { fault: 'name the position it shares a neutral with, such as ~2' };
      line.sharesWith = Number(text.slice(1));
      return { reading: `shares its neutral with ${line.sharesWith}` };
    },
  },
  {
    pattern: /^m\d+$/i,
    card: ['m1  m2', 'screw marked for 1 or 2 wires'],
    read(text, line) {
      const takes = Number(text.slice(1));
      if (takes !== 1 && takes !== 2)
        return { fault: `a screw is marked for 1 or 2 wires, got ${takes}` };
      line.takes = takes;
      return { reading: `screw marked for ${takes}` };
    },
  },
  {
    pattern: /^@/,
    card: ['@maker  @maker.type', 'maker and type of the breaker'],
    read(text, line) {
      const [maker, type] = text.slice(1).split('.');
      if (!maker) return { fault: 'name the maker after @' };
      line.maker = maker.charAt(0).toUpperCase() + maker.slice(1);
      if (type) line.breakerType = type.toUpperCase();
      return { reading: [line.maker, line.breakerType].filter(Boolean).join(' ') };
    },
  },
  {
    pattern: /^=/,
    card: ['=range  =dryer  =heater  =ac  =motor  =outlets  =lights  =low', 'what it feeds'],
    read(text, line) {
      const kind = loads[text.slice(1).toLowerCase()];
      if (!kind) return { fault: `after = one of ${Object.keys(loads).join(', ')}` };
      line.load = { ...line.load, loadKind: kind };
      return { reading: properties.loadKind.choices[kind] };
    },
  },
  {
    pattern: /^(mca|mop|fla)\d+(\.\d+)?$/i,
    card: [
      'mca18  mop30  fla12',
      'nameplate: minimum circuit ampacity, maximum overcurrent, full load, A',
    ],
    read(text, line) {
      const key = text.slice(0, 3).toLowerCase();
      const amps = Number(text.slice(3));
      const field = {
        mca: 'minimumCircuitAmpacityA',
        mop: 'maximumOvercurrentA',
        fla: 'fullLoadA',
      }[key]!;
      line.load = { ...line.load, [field]: amps };
      return { reading: `nameplate ${key} ${amps} A` };
    },
  },
  {
    pattern: /^!/,
    card: ['!heat  !melted  !loose  !falls  !arc  !damp  !burned  !nail', 'what was noticed there'],
    read(text, line) {
      const word = text.slice(1).toLowerCase();
      if (word === 'nail') {
        line.tie = 'improvised';
        return { reading: 'handles tied with a nail, wire or screw' };
      }
      if (!Object.hasOwn(marks, word))
        return { fault: `after ! one of ${Object.keys(marks).join(', ')}, nail` };
      line.marks.push(word as Mark);
      return { reading: marks[word as Mark] };
    },
  },
  {
    pattern: /^tied$/i,
    card: ['tied', 'handles tied as made or with a listed tie'],
    read(_, line) {
      line.tie = line.form === 'two-pole' ? 'factory' : 'listed';
      return { reading: properties.tie.choices[line.tie] };
    },
  },
];

/** The grammar card: form and meaning, in the order the words are tried. */
export const grammarCard: readonly (readonly [string, string])[] = [
  ['7  9+11', 'position; two positions for two poles'],
  ...deviceTokens.map((token) => token.card),
  ['kitchen left', 'the rest of the line is the name; a tandem has two, with / between'],
  ['main 100  bond strap  depth 690', 'whole-panel lines'],
];
