import 'server-only';
import { gradeMarks } from '@/core/show/drawing/grade-marks';
import { paperPalette } from '@/core/show/drawing/palette';
import type { Shape } from '@/core/show/drawing/shapes';
import type { DrawnPanel } from '@/core/show/report/blocks/sealed-text';
import { numberWords } from '@/core/show/report/places';
import { drawingAlt } from '@/core/show/report/blocks/drawn-panel';
import { gradeColours } from './colours';
import type { Flow, Pdf } from './flow';
import { ink, runsOf } from './flow';

const margin = 9.4;

/** Points kept below a drawing for what is not on it. */
const foot = 40;
/** Points an inch of the panel: half of one is a letter of seven points. */
const leastScale = 13;

/** Two panels of a house stand on one page, as long as their words can be read. */
function scaleOf(flow: Flow, { width, height }: Pick<DrawnPanel, 'width' | 'height'>): number {
  const tall = height + 1.2;
  return Math.min(
    flow.width / (width + 2 * margin),
    (flow.tallest - foot) / tall,
    Math.max((0.37 * flow.tallest) / tall, leastScale),
  );
}

/** Points a drawing takes. */
export const drawingHeight = (flow: Flow, drawn: DrawnPanel): number =>
  (drawn.height + 1.2) * scaleOf(flow, drawn) + 8;

/** The panel with numbered marks, as vectors. */
export function setDrawing(flow: Flow, { name, width, height, shapes, marks }: DrawnPanel): void {
  const { doc } = flow;
  const wide = width + 2 * margin;
  const tall = height + 1.2;
  const scale = scaleOf(flow, { width, height });
  if (flow.bottom - doc.y < tall * scale) doc.addPage();
  const top = doc.y;
  flow.figure(drawingAlt({ name, marks }), () => {
    doc.save();
    doc
      .translate(flow.left + (flow.width - wide * scale) / 2 + margin * scale, top + 0.6 * scale)
      .scale(scale);
    for (const shape of shapes) drawShape(doc, shape);
    for (const balloon of marks) {
      const edge = balloon.at.x + (balloon.side === 'left' ? 0.95 : -0.95);
      for (const [width, colour] of [
        [0.16, '#ffffff'],
        [0.05, ink],
      ] as const)
        doc
          .moveTo(edge, balloon.at.y)
          .lineTo(balloon.to.x, balloon.to.y)
          .lineWidth(width)
          .undash()
          .stroke(colour);
      doc.circle(balloon.to.x, balloon.to.y, 0.1).fill(ink);
      doc
        .roundedRect(balloon.at.x - 0.95, balloon.at.y - 0.42, 1.9, 0.84, 0.08)
        .lineWidth(0.05)
        .fillAndStroke('#ffffff', ink);
      doc
        .save()
        .translate(balloon.at.x - 0.75, balloon.at.y - 0.25)
        .scale(0.5 / 12);
      doc.path(gradeMarks[balloon.grade]).fill(gradeColours[balloon.grade], 'even-odd').restore();
      label(
        doc,
        numberWords(balloon),
        balloon.at.x + 0.35,
        balloon.at.y + 0.2,
        0.56,
        'middle',
        true,
        ink,
      );
      balloon.lines.forEach((line, index) => {
        const y = balloon.at.y + 0.18 + (index - (balloon.lines.length - 1) / 2) * 0.56;
        const x = balloon.at.x + (balloon.side === 'left' ? -1.15 : 1.15);
        label(doc, line, x, y, 0.5, balloon.side === 'left' ? 'end' : 'start', false, ink);
      });
    }
    doc.restore();
  });
  doc.y = top + tall * scale + 6;
}

function drawShape(doc: Pdf, shape: Shape): void {
  if (shape.kind === 'text') {
    label(
      doc,
      shape.text,
      shape.x,
      shape.y,
      shape.size,
      shape.anchor,
      shape.bold ?? false,
      paperPalette[shape.tone],
    );
    return;
  }
  doc.save();
  if (shape.opacity !== undefined) doc.opacity(shape.opacity);
  if (shape.dashed) doc.dash(0.14, { space: 0.1 });
  else doc.undash();
  doc.lineCap(shape.round ? 'round' : 'butt').lineWidth(shape.width ?? 0.02);
  doc.path(shape.d);
  const [fill, stroke] = [
    shape.fill && paperPalette[shape.fill],
    shape.stroke && paperPalette[shape.stroke],
  ];
  if (fill && stroke) doc.fillAndStroke(fill, stroke);
  else if (fill) doc.fill(fill);
  else if (stroke) doc.stroke(stroke);
  doc.restore();
}

/** One line of words on its baseline. */
export function label(
  doc: Pdf,
  text: string,
  x: number,
  y: number,
  size: number,
  anchor: 'start' | 'middle' | 'end',
  bold: boolean,
  colour: string,
): void {
  const runs = runsOf(text, bold);
  const widths = runs.map((run) => doc.font(run.font).fontSize(size).widthOfString(run.text));
  const total = widths.reduce((sum, width) => sum + width, 0);
  let at = x - (anchor === 'middle' ? total / 2 : anchor === 'end' ? total : 0);
  runs.forEach((run, index) => {
    doc.font(run.font).fontSize(size).fillColor(colour);
    doc.text(run.text, at, y, { lineBreak: false, baseline: 'alphabetic' });
    at += widths[index]!;
  });
}
