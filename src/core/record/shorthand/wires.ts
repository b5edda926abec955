import { counted } from '../../vocabulary/phrases';
import { isSize, metalWords } from '../../vocabulary/size';
import type { ConductorMetal } from '../../vocabulary/size';
import type { Wire } from './line';

const colours = {
  b: 'black',
  r: 'red',
  u: 'blue',
  o: 'orange',
  n: 'brown',
  y: 'yellow',
  w: 'white',
  e: 'grey',
  g: 'green',
} as const;
export const colourLetters: Readonly<Record<string, string>> = colours;

/** Looks like wires, possible or not. */
export const wiresPattern = /^(\d+x)?\d+(\/0)?(cu|al|cca)\b/i;

/** `12cu`, `2x12cu`, `14cu:b+14cu:w*`, `10cu:b/10cu:r`. Wires of each screw, or what is wrong. */
export function readWires(
  text: string,
  screws: number,
): { screws: Wire[][]; meaning: string } | { fault: string } {
  const groups = splitScrews(text);
  const read: Wire[][] = [];
  for (const group of groups) {
    const wires: Wire[] = [];
    for (const item of group.split('+')) {
      const wire = readItem(item);
      if ('fault' in wire) return wire;
      wires.push(...Array.from({ length: wire.count }, () => wire.wire));
    }
    read.push(wires);
  }
  const spread = spreadOverScrews(read, screws);
  if (!spread) return { fault: spreadFault(read, screws) };
  return { screws: spread, meaning: describe(spread) };
}

/** Splits at the / between screws, leaving 1/0 to 4/0 whole. */
const splitScrews = (text: string) => text.split(/\/(?!0(?:cu|al|cca))/i);

/** One group for all screws, one for each, or `a+b` with one wire for each screw. */
function spreadOverScrews(groups: Wire[][], screws: number): Wire[][] | undefined {
  if (groups.length === screws) return groups;
  if (groups.length !== 1) return undefined;
  const only = groups[0]!;
  if (only.length === screws) return only.map((wire) => [wire]);
  return only.length === 1 ? Array.from({ length: screws }, () => only) : undefined;
}

const spreadFault = (groups: Wire[][], screws: number) =>
  groups.length > 1
    ? `${counted(groups.length, 'group')} of wires for ${counted(screws, 'screw')}`
    : `write / between the screws: this breaker has ${screws}`;

function readItem(item: string): { wire: Wire; count: number } | { fault: string } {
  const match = /^(?:(\d+)x)?(\d+(?:\/0)?)(cu|al|cca)(?::([a-z])(\*)?)?$/i.exec(item);
  if (!match)
    return { fault: `expected a wire such as 12cu, 2x14cu or 12cu:w, got ${item || 'nothing'}` };
  const [, times, size, metal, letter, star] = match;
  if (!isSize(size!)) return { fault: `there is no wire size ${size}: 14, 12, 10, 8, 6, 4 …` };
  const colour = letter?.toLowerCase();
  if (colour && !Object.hasOwn(colours, colour))
    return {
      fault: `no colour ${letter}: ${Object.entries(colours)
        .map(([k, word]) => `${k} ${word}`)
        .join(', ')}`,
    };
  const count = times === undefined ? 1 : Number(times);
  if (count < 1 || count > 6) return { fault: `1 to 6 wires under a screw, got ${count}` };
  return {
    count,
    wire: {
      size,
      metal: metal!.toLowerCase() as ConductorMetal,
      ...(colour && { colour: colours[colour as keyof typeof colours] }),
      ...(colour && (colour === 'w' || colour === 'e') && { remarked: star === '*' }),
    },
  };
}

function describe(screws: Wire[][]): string {
  const words = screws.map((wires) =>
    Object.entries(
      wires.reduce<Record<string, number>>((counts, wire) => {
        const word = [
          wire.size,
          metalWords[wire.metal],
          wire.colour,
          wire.remarked ? 're-marked' : '',
        ]
          .filter(Boolean)
          .join(' ');
        return { ...counts, [word]: (counts[word] ?? 0) + 1 };
      }, {}),
    )
      .map(([word, count]) => `${count} × ${word}`)
      .join(' + '),
  );
  const same = words.every((word) => word === words[0]);
  return same && words.length > 1 ? `each screw ${words[0]}` : words.join(' / ');
}
