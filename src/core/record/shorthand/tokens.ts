import { formNames, formOf } from '../../vocabulary/device-forms';
import { properties } from '../entries/properties';
import { capital, counted } from '../../vocabulary/phrases';
import { readScrews, screwWords } from './bar-screws';
import type { Mark, PositionLine } from './line';
import { marks } from './line';
import { becomesToken } from './becomes-token';
import { loadTokens } from './load-tokens';
import type { TokenReader } from './token-reader';
import { busMarks, openingWords, protectionWords } from './token-words';
import { readWires, wiresPattern } from './wires';

/** Forms with a word of their own. */
const named = formNames.filter((name) => formOf(name).word);

/** Screws of the device the line describes. */
export const screwsOf = (line: Pick<PositionLine, 'form'>) =>
  formOf(line.form ?? 'single-pole').terminals.length;
export const circuitsOf = (line: Pick<PositionLine, 'form'>) =>
  formOf(line.form ?? 'single-pole').circuits.length;

const amps = (text: string): number | undefined => {
  const value = Number(text);
  return Number.isInteger(value) && value >= 5 && value <= 1200 ? value : undefined;
};

/** `15/15`, or `15` for both, as ratings of a form. */
function readRatings(text: string, counts: readonly number[]): number[] | undefined {
  const parts = text.split('/');
  const spread = parts.length === 1 ? Array.from({ length: counts[0]! }, () => parts[0]!) : parts;
  const ratings = spread.map(amps);
  return counts.includes(ratings.length) && !ratings.includes(undefined)
    ? (ratings as number[])
    : undefined;
}

const screwReader = (
  letter: 'n' | 'g',
  home: 'neutral' | 'ground',
  key: 'neutrals' | 'grounds',
): TokenReader => ({
  pattern: new RegExp(`^${letter}\\d`, 'i'),
  card: [
    `${letter}4  ${letter}4@${letter === 'n' ? 'g' : 'n'}  ${letter}2.4  ${letter}5/6  ${letter}7+8`,
    `its ${home} on screw 4; of the other kind of bar; of the second bar; / next circuit, + next cable`,
  ],
  read(text, line) {
    const screws = readScrews(text.slice(1), home);
    if (!screws)
      return { fault: `expected screws such as ${letter}4, ${letter}4/5 or ${letter}4+5` };
    if (screws.length > circuitsOf(line))
      return { fault: `${screws.length} circuits named, this device has ${circuitsOf(line)}` };
    line[key] = screws;
    return { meaning: `${home} on ${screwWords(screws)}` };
  },
});

/** The words of a breaker line, tried in this order. */
export const deviceTokens: readonly TokenReader[] = [
  becomesToken,
  {
    pattern: /^(open!?|blank|covered|taped|unfit)$/i,
    card: [
      'open  open!  blank  covered  taped  unfit',
      'no breaker: open, open with live metal, blank, closed by the cover, by tape or card, by a part not made for it',
    ],
    read(text, line) {
      const word = text.toLowerCase() as keyof typeof openingWords;
      line.opening = openingWords[word];
      if (word === 'open!') line.liveMetal = true;
      return {
        meaning:
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
      'wires: + under the same screw, / next screw; :b r u o n y w e g colour; * re-marked',
    ],
    read(text, line) {
      const result = readWires(text, screwsOf(line));
      if ('fault' in result) return result;
      line.wires = result.screws;
      return { meaning: result.meaning };
    },
  },
  {
    pattern: /^t\d/i,
    card: ['t15/15', 'tandem, a rating for each half'],
    read(text, line) {
      if (line.positions.length > 1) return { fault: 'a tandem sits on one position' };
      const ratings = readRatings(text.slice(1), [2]);
      if (!ratings) return { fault: 'expected a tandem such as t15/15' };
      line.form = 'tandem';
      line.ratingsA = ratings;
      return { meaning: `tandem ${ratings.join(' and ')} A` };
    },
  },
  {
    pattern: /^q\d/i,
    card: ['q20/30  q15/15/20/20', 'quad on two positions: outer and inner pair; or four circuits'],
    read(text, line) {
      if (line.positions.length !== 2)
        return { fault: 'a quad sits on two positions, such as 10+12' };
      const ratings = readRatings(text.slice(1), [2, 4]);
      if (!ratings) return { fault: 'expected a quad such as q20/30 or q15/15/20/20' };
      line.form = ratings.length === 2 ? 'quad' : 'quad-separate';
      line.ratingsA = ratings;
      return {
        meaning:
          ratings.length === 2
            ? `quad, outer ${ratings[0]} A, inner ${ratings[1]} A`
            : `quad ${ratings.join(', ')} A`,
      };
    },
  },
  {
    pattern: /^f\d+$/i,
    card: ['f15', 'plug fuse'],
    read(text, line) {
      const rating = amps(text.slice(1));
      if (rating === undefined) return { fault: `a fuse is 5 to 1200 A, got ${text.slice(1)}` };
      line.form = 'plug-fuse';
      line.ratingsA = [rating];
      return { meaning: `plug fuse ${rating} A` };
    },
  },
  {
    pattern: /^(edison|insert\d+)$/i,
    card: ['edison  insert15', 'fuse base: Edison; size-limiting insert for 15 A'],
    read(text, line) {
      if (/^edison$/i.test(text)) {
        line.fuseBase = 'edison';
        return { meaning: 'Edison base' };
      }
      const rating = Number(text.slice(6));
      if (![15, 20, 30].includes(rating))
        return { fault: `inserts are made for 15, 20 or 30 A, got ${rating}` };
      line.fuseBase = 'size-limiting';
      line.insertA = rating;
      return { meaning: `size-limiting insert for ${rating} A` };
    },
  },
  {
    pattern: new RegExp(`^(${named.map((name) => formOf(name).word).join('|')})$`, 'i'),
    card: [
      named.map((name) => formOf(name).word).join('  '),
      named.map((name) => formOf(name).words).join('; '),
    ],
    read(text, line) {
      const form = named.find((name) => formOf(name).word === text.toLowerCase())!;
      const { words, rows } = formOf(form);
      if (line.positions.length !== rows)
        return {
          fault: `${words} takes ${counted(rows, 'position')}${rows > 1 ? ', such as 2+4' : ''}`,
        };
      line.form = form;
      return { meaning: words };
    },
  },
  {
    pattern: /^\d+a?$/i,
    card: ['20', 'rating on the handle, A'],
    read(text, line) {
      if (line.ratingsA) return { fault: `the rating is ${line.ratingsA.join('/')} A already` };
      const rating = amps(text.replace(/a$/i, ''));
      if (rating === undefined) return { fault: `a rating is 5 to 1200 A, got ${text}` };
      line.ratingsA = [rating];
      line.form ??= 'single-pole';
      return { meaning: `${rating} A, ${formOf(line.form).short}` };
    },
  },
  {
    pattern: /^(gf|af|afgf|plain)$/i,
    card: ['gf  af  afgf  plain', 'ground-fault, arc-fault, both, ordinary'],
    read(text, line) {
      line.protection = protectionWords[text.toLowerCase()]!;
      return { meaning: properties.protection.choices[line.protection] };
    },
  },
  {
    pattern: /^in:/i,
    card: [
      'in:nm  in:ac  in:uf  in:se  in:cloth  in:tw  in:thw  in:porcelain  in:cord',
      'wiring method',
    ],
    read(text, line) {
      const kind = text.slice(3).toLowerCase();
      const kinds = properties.cableKind.choices;
      if (!Object.hasOwn(kinds, kind))
        return { fault: `after in: one of ${Object.keys(kinds).join(', ')}` };
      line.cableKind = kind as keyof typeof kinds;
      return { meaning: kinds[line.cableKind] };
    },
  },
  {
    pattern: /^j:/i,
    card: ['j:woven  j:white  j:yellow  j:orange  j:black  j:steel', 'jacket of its cable'],
    read(text, line) {
      const jacket = text.slice(2).toLowerCase();
      const jackets = properties.jacket.choices;
      if (!Object.hasOwn(jackets, jacket))
        return { fault: `after j: one of ${Object.keys(jackets).join(', ')}` };
      line.jacket = jacket as keyof typeof jackets;
      return { meaning: `${jackets[line.jacket]} jacket` };
    },
  },
  {
    pattern: /^from:/i,
    card: ['from:top  from:bottom-left', 'where its cable enters'],
    read(text, line) {
      for (const word of text.slice(5).toLowerCase().split('-')) {
        if (word === 'top' || word === 'bottom') line.edge = word;
        else if (word === 'left' || word === 'right') line.side = word;
        else return { fault: 'after from: top or bottom, left or right, joined by -' };
      }
      return { meaning: `enters ${[line.edge, line.side].filter(Boolean).join(' ')}` };
    },
  },
  screwReader('n', 'neutral', 'neutrals'),
  screwReader('g', 'ground', 'grounds'),
  {
    pattern: /^~\d*$/,
    card: ['~2', 'shares its neutral with position 2'],
    read(text, line) {
      if (text === '~') return { fault: 'name the position it shares a neutral with, such as ~2' };
      line.sharesWith = Number(text.slice(1));
      return { meaning: `shares its neutral with ${line.sharesWith}` };
    },
  },
  {
    pattern: /^\/3$/,
    card: ['/3', 'in one cable of three wires with the position it shares a neutral with'],
    read(text, line) {
      if (line.sharesWith === undefined)
        return { fault: 'say first with which position it shares a neutral: ~2 /3' };
      line.oneCable = true;
      return { meaning: 'one cable of three wires' };
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
      return { meaning: `screw marked for ${takes}` };
    },
  },
  {
    pattern: /^@/,
    card: ['@maker  @maker.type', 'maker and type of the breaker'],
    read(text, line) {
      const [maker, type] = text.slice(1).split('.');
      if (!maker) return { fault: 'name the maker after @' };
      line.maker = capital(maker);
      if (type) line.breakerType = type.toUpperCase();
      return { meaning: [line.maker, line.breakerType].filter(Boolean).join(' ') };
    },
  },
  {
    pattern: /^y\d{4}$/i,
    card: ['y1998', 'year of the breaker'],
    read(text, line) {
      const year = Number(text.slice(1));
      if (year < 1880 || year > 2100) return { fault: `a year is 1880 to 2100, got ${year}` };
      line.year = year;
      return { meaning: `made ${year}` };
    },
  },
  ...loadTokens,
  {
    pattern: /^!/,
    card: [
      `${[...Object.keys(marks), ...Object.keys(busMarks), 'nail'].map((word) => `!${word}`).join('  ')}`,
      'what was noticed there',
    ],
    read(text, line) {
      const word = text.slice(1).toLowerCase();
      if (word === 'nail') {
        line.tie = 'improvised';
        return { meaning: 'handles tied with a nail, wire or screw' };
      }
      const known = {
        ...marks,
        burned: { words: busMarks.burned },
        bright: { words: busMarks.bright },
      };
      if (!Object.hasOwn(known, word))
        return { fault: `after ! one of ${Object.keys(known).join(', ')}, nail` };
      line.marks.push(word as Mark);
      return { meaning: known[word as Mark].words };
    },
  },
  {
    pattern: /^(tied|untied)$/i,
    card: ['tied  untied', 'handles tied as made or with a listed tie; not tied'],
    read(text, line) {
      const together = formOf(line.form ?? 'single-pole').circuits.some((one) => one.length > 1);
      line.tie = /^un/i.test(text) ? 'none' : together ? 'factory' : 'listed';
      return {
        meaning: line.tie === 'none' ? 'handles not tied' : properties.tie.choices[line.tie],
      };
    },
  },
];
