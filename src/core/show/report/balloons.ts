import type { Balloon } from './blocks/sealed-text';
import { eachPlace } from './places';
import type { PlacedFinding } from './places';
import type { ReportFinding } from './report';
import type { PanelView } from '../../installation/panel/views';
import type { Geometry } from '../drawing/geometry';
import { anchorOf, onSheet, sheetSize } from '../drawing/geometry';

const pitch = 1.55;

/** Numbered marks beside the drawing, in order down each side, their leaders never crossing on a side. */
export function balloons(
  findings: readonly ReportFinding[],
  panel: PanelView,
  g: Geometry,
): { placed: Balloon[]; elsewhere: PlacedFinding[] } {
  const { width, height } = sheetSize(g);
  const here = findings.flatMap(eachPlace).filter((finding) => finding.panel === panel.id);
  const anchored = here.flatMap((finding) => {
    const anchor = anchorOf(g, panel, finding.ref);
    if (!anchor) return [];
    const to = onSheet(g, anchor);
    return [{ finding, to, side: to.x < width / 2 ? ('left' as const) : ('right' as const) }];
  });
  const placed = (['left', 'right'] as const).flatMap((side) => {
    const onSide = anchored.filter((one) => one.side === side).sort((a, b) => a.to.y - b.to.y);
    const ys = spread(
      onSide.map((one) => one.to.y),
      height,
    );
    return onSide.map(({ finding, to }, index): Balloon => ({
      number: finding.number,
      ...(finding.letter && { letter: finding.letter }),
      grade: finding.grade,
      side,
      at: { x: side === 'left' ? -1.1 : width + 1.1, y: ys[index]! },
      to,
      lines: clipLines(wrap(`${finding.place}: ${finding.short}`, 26), 3),
    }));
  });
  const marked = new Set(anchored.map((one) => one.finding));
  return { placed, elsewhere: here.filter((finding) => !marked.has(finding)) };
}

/** Moves labels apart to the pitch, keeping their order, within the drawing's height where it can be. */
function spread(wanted: readonly number[], height: number): number[] {
  const ys: number[] = [];
  for (const y of wanted) ys.push(Math.max(y, (ys.at(-1) ?? -Infinity) + pitch));
  const over = (ys.at(-1) ?? 0) - height;
  if (over > 0) {
    for (let index = ys.length - 1, floor = height; index >= 0; index -= 1, floor -= pitch)
      ys[index] = Math.min(ys[index]!, floor);
  }
  return ys;
}

function clipLines(lines: string[], most: number): string[] {
  return lines.length <= most ? lines : [...lines.slice(0, most - 1), `${lines[most - 1]}…`];
}

/** Breaks words into lines of at most so many characters. */
export function wrap(text: string, most: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= most)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
