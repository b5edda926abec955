import type { WhyHere } from './explain';
import { ampsWords } from './figures';

/** A part of the small drawing, in points from its upper left corner. */
export type WhyPart =
  | { kind: 'box'; x: number; y: number; width: number; height: number }
  | {
      kind: 'way';
      x1: number;
      x2: number;
      y: number;
      width: number;
      touchable: boolean;
      open: boolean;
    }
  | {
      kind: 'text';
      x: number;
      y: number;
      size: number;
      text: string;
      anchor: 'start' | 'middle' | 'end';
      bold: boolean;
    };

export interface WhyDrawing {
  width: number;
  height: number;
  parts: WhyPart[];
}

const [width, boxWidth, pitch, top] = [460, 104, 26, 16];

/** Two ends and the ways between them, each as wide as its current, with its figure; an open one is broken. */
export function drawWhyHere({ ends, lanes }: WhyHere): WhyDrawing {
  const height = top + lanes.length * pitch + 14;
  const box = { kind: 'box' as const, y: 4, width: boxWidth, height: height - 8 };
  const parts: WhyPart[] = [
    { ...box, x: 1 },
    { ...box, x: width - boxWidth - 1 },
    ...ends.flatMap((text, index): WhyPart[] =>
      inLines(text).map((line, at, all) => ({
        kind: 'text',
        x: index === 0 ? boxWidth / 2 + 1 : width - boxWidth / 2 - 1,
        y: height / 2 + 4 + (at - (all.length - 1) / 2) * 12,
        size: 10,
        text: line,
        anchor: 'middle',
        bold: true,
      })),
    ),
  ];
  lanes.forEach(({ words, amps, touchable }, index) => {
    const y = top + index * pitch + 14;
    const [x1, x2] = [boxWidth + 1, width - boxWidth - 1];
    parts.push(
      {
        kind: 'way',
        x1,
        x2,
        y,
        width: amps === undefined ? 1.5 : 1.5 + Math.min(5, Math.sqrt(amps)),
        touchable,
        open: amps === undefined,
      },
      { kind: 'text', x: x1 + 4, y: y - 6, size: 9, text: words, anchor: 'start', bold: false },
      {
        kind: 'text',
        x: x2 - 4,
        y: y - 6,
        size: 9.5,
        text: amps === undefined ? 'open' : ampsWords(amps),
        anchor: 'end',
        bold: true,
      },
    );
  });
  return { width, height, parts };
}

/** Words in lines that fit a box. */
function inLines(text: string): string[] {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && `${last} ${word}`.length <= 16)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines.slice(0, 4);
}

/** The drawing in words, for those who do not see it. */
export const whyHereAlt = ({ ends, lanes }: WhyHere): string =>
  `Between ${ends[0]} and ${ends[1]}: ${lanes.map(({ words, amps }) => `${words} ${amps === undefined ? 'open' : ampsWords(amps)}`).join(', ')}`;
