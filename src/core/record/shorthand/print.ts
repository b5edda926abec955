import { openings } from '../../vocabulary/openings';
import { formOf } from '../../vocabulary/device-forms';
import { printScrews } from './bar-screws';
import type { PositionLine, Wire } from './line';
import { loadWords, protectionWords } from './token-words';
import { deviceTokens } from './tokens';
import { colourLetters } from './wires';

const letterOf = (colour: string) =>
  Object.entries(colourLetters).find(([, word]) => word === colour)?.[0];
const wordOf = (words: Readonly<Record<string, string>>, value: string | undefined) =>
  Object.entries(words).find(([, one]) => one === value)?.[0];

/** The line that says the same: reading it gives the line back. */
export function printLine(line: PositionLine): string {
  const { load } = line;
  const words = [
    line.positions.join('+') + (line.half ? { upper: 'a', lower: 'b' }[line.half] : ''),
    becomesWord(line),
    line.opening && (line.liveMetal ? 'open!' : openings[line.opening].token),
    ratingWord(line),
    line.wires && line.wires.map((wires) => wires.map(wireWord).join('+')).join('/'),
    line.fuseBase && (line.fuseBase === 'edison' ? 'edison' : `insert${line.insertA}`),
    wordOf(protectionWords, line.protection),
    line.takes && `m${line.takes}`,
    line.neutrals && `n${printScrews(line.neutrals, 'neutral')}`,
    line.grounds && `g${printScrews(line.grounds, 'ground')}`,
    line.sharesWith !== undefined && `~${line.sharesWith}`,
    line.oneCable && '/3',
    line.cableKind && `in:${line.cableKind}`,
    line.jacket && `j:${line.jacket}`,
    (line.edge ?? line.side) && `from:${[line.edge, line.side].filter(Boolean).join('-')}`,
    line.maker && `@${line.maker}${line.breakerType ? `.${line.breakerType}` : ''}`,
    line.year && `y${line.year}`,
    line.tie && { none: 'untied', improvised: '!nail', factory: 'tied', listed: 'tied' }[line.tie],
    load?.loadKind && `=${wordOf(loadWords, load.loadKind)}`,
    load?.minimumCircuitAmpacityA !== undefined && `mca${load.minimumCircuitAmpacityA}`,
    load?.maximumOvercurrentA !== undefined &&
      `${load.fuseOnly ? 'mfu' : 'mop'}${load.maximumOvercurrentA}`,
    load?.fullLoadA !== undefined && `fla${load.fullLoadA}`,
    load?.listedW !== undefined && `${load.listedW}w`,
    ...line.marks.map((mark) => `!${mark}`),
    nameWords(line.names),
    line.remark && `; ${line.remark}`,
  ];
  return words.filter(Boolean).join(' ');
}

const becomesWord = ({ becomes }: PositionLine): string | undefined =>
  becomes &&
  (becomes.kind === 'moved'
    ? `>${becomes.to}${becomes.half ? { upper: 'a', lower: 'b' }[becomes.half] : ''}`
    : `>${becomes.kind}`);

function ratingWord({ form, ratingsA }: PositionLine): string | undefined {
  const figures = ratingsA?.join('/');
  const { prefix = '', word } = form ? formOf(form) : {};
  return word ? [word, figures].filter(Boolean).join(' ') : figures && prefix + figures;
}

function wireWord({ size, metal, colour, remarked }: Wire): string {
  return `${size}${metal}${colour ? `:${letterOf(colour)}` : ''}${remarked ? '*' : ''}`;
}

/** Quotes where the name would be read as another word. */
function nameWords(names: readonly string[]): string {
  const whole = names.join(' / ');
  const first = whole.split(' ')[0] ?? '';
  const taken = deviceTokens.some((token) => token.pattern.test(first)) || first.startsWith(';');
  return taken ? `"${whole}"` : whole;
}
