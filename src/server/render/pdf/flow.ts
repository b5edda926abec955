import 'server-only';
import type PDFDocument from 'pdfkit';

export type Pdf = InstanceType<typeof PDFDocument>;
export type Struct = PDFKit.PDFStructureElement;

export interface TextStyle {
  size: number;
  bold?: boolean;
  color?: string;
  indent?: number;
  /** Space after, points. */
  after?: number;
  width?: number;
}

/** A stretch of words of one weight and colour. */
export interface Span {
  text: string;
  bold: boolean;
  color: string;
}

export const ink = '#172022';
export const ink2 = '#455256';

/** Characters the latin file holds. All others are set in the fallback. */
const latin =
  /[\u0020-\u007e\u00a0-\u00b4\u00b6-\u00ff\u2013\u2014\u2018\u2019\u201c\u201d\u2026\u2212]/;

/** Parts of a text that one font can set. */
export function runsOf(
  text: string,
  bold: boolean,
): { text: string; font: 'regular' | 'bold' | 'fallback' }[] {
  const runs: { text: string; font: 'regular' | 'bold' | 'fallback' }[] = [];
  for (const character of text) {
    const font = latin.test(character) ? (bold ? 'bold' : 'regular') : 'fallback';
    const last = runs.at(-1);
    if (last?.font === font) last.text += character;
    else runs.push({ text: character, font });
  }
  return runs;
}

/** Sets tagged text down the page, breaking to the next where it must. */
export class Flow {
  constructor(
    readonly doc: Pdf,
    private readonly root: Struct,
  ) {}

  /** Points what stands out is set in by, within the margin. */
  private indented = 0;

  get left() {
    return this.doc.page.margins.left + this.indented;
  }
  get width() {
    const { page } = this.doc;
    return page.width - page.margins.left - page.margins.right - this.indented;
  }
  /** The most that is kept together on one page. */
  get tallest() {
    return this.bottom - 100;
  }
  get bottom() {
    return this.doc.page.height - this.doc.page.margins.bottom;
  }

  heading(text: string, level: 1 | 2 | 3, outline = true): void {
    const size = { 1: 20, 2: 14, 3: 11.5 }[level];
    this.room(size * 4);
    if (outline && level < 3) this.doc.outline.addItem(text);
    this.set(`H${level}`, text, { size, bold: true, after: level === 1 ? 8 : 4 });
  }

  /** A heading in a style of its own, not in the outline. */
  headingLine(text: string, level: 3, style: TextStyle): void {
    this.set(`H${level}`, text, style);
  }

  /** A paragraph of stretches, each in its own weight and colour. */
  spans(spans: readonly Span[], style: { size: number; after: number; indent?: number }): void {
    const { doc } = this;
    const { size, after, indent = 0 } = style;
    const words = spans.map(({ text }) => text).join('');
    this.room(Math.min(this.height(words, { size, indent }), 200));
    this.tagged('P', () => {
      doc.x = this.left + indent;
      const parts = spans.flatMap(({ text, bold, color }) =>
        runsOf(text, bold).map((run) => ({ ...run, color })),
      );
      const width = this.width - indent;
      parts.forEach(({ text, font, color }, at) => {
        doc.font(font).fontSize(size).fillColor(color);
        const options = { width, continued: at < parts.length - 1 };
        if (at === 0) doc.text(text, this.left + indent, doc.y, options);
        else doc.text(text, options);
      });
    });
    this.gap(after);
  }

  /** Sets what is drawn in by so many points. */
  inset(points: number, draw: () => void): void {
    this.indented += points;
    draw();
    this.indented -= points;
    this.doc.x = this.left;
  }

  gap(points: number): void {
    this.doc.y += points;
  }

  rule(): void {
    const { doc } = this;
    this.artifact(() =>
      doc
        .moveTo(this.left, doc.y)
        .lineTo(this.left + this.width, doc.y)
        .lineWidth(0.5)
        .stroke('#98a3a2'),
    );
    this.gap(6);
  }

  /** Begins a new page unless this much room is left. */
  room(points: number): void {
    if (this.doc.y + points > this.bottom) this.doc.addPage();
  }

  height(text: string, style: Pick<TextStyle, 'size'> & Partial<TextStyle>): number {
    const { doc } = this;
    doc.font(style.bold ? 'bold' : 'regular').fontSize(style.size);
    return (
      doc.heightOfString(text, { width: style.width ?? this.width - (style.indent ?? 0) }) +
      (style.after ?? 0)
    );
  }

  /** Words on which a tap goes elsewhere in the document, then what follows them. */
  reference(to: string, words: string, text: string, style: Partial<TextStyle> = {}): void {
    const { doc } = this;
    const { size = 10, indent = 0, after = 1 } = style;
    this.room(this.height(`${words}  ${text}`, { size, indent }));
    const y = doc.y;
    const wide = 26;
    const link = doc.struct('Link');
    const line = doc.struct('P');
    this.root.add(line);
    line.add(link);
    link.add(() => {
      doc.font('bold').fontSize(size).fillColor(ink);
      doc.text(words, this.left + indent, y, { width: wide, underline: true, lineBreak: false });
      // The link's own words; a plain string would become a name.
      const spoken = { structParent: link, Contents: new String(`To ${words}`) };
      doc.goTo(this.left + indent, y, doc.widthOfString(words), size * 1.3, to, spoken as object);
    });
    link.end();
    line.add(() => {
      doc.x = this.left + indent + wide;
      doc.y = y;
      this.runs(text, { size, indent: indent + wide }, false);
    });
    line.end();
    this.gap(after);
  }

  /** Text in a column of its own; the page does not break within it. */
  textAt(text: string, x: number, y: number, style: TextStyle & { width: number }): void {
    const { doc } = this;
    doc.x = x;
    doc.y = y;
    this.runs(text, { ...style, indent: x - this.left }, false);
  }

  /** A structure element that takes others in. */
  element(type: string, within: Struct = this.root): Struct {
    const element = this.doc.struct(type);
    within.add(element);
    return element;
  }

  /** A place that references lead to. */
  place(name: string): void {
    const { doc } = this;
    doc.addNamedDestination(name, 'XYZ', this.left, doc.y, null);
  }

  /** A drawing with words for those who do not see it. */
  figure(alt: string, draw: () => void): void {
    this.root.add(this.doc.struct('Figure', { alt }, draw));
  }

  artifact(draw: () => void): void {
    this.doc.markContent('Artifact', { type: 'Layout' });
    draw();
    this.doc.endMarkedContent();
  }

  private set(type: string, text: string, style: TextStyle): void {
    this.room(Math.min(this.height(text, style), 200));
    this.tagged(type, () => {
      this.doc.x = this.left + (style.indent ?? 0);
      this.runs(text, style, false);
    });
    this.gap(style.after ?? 0);
  }

  private tagged(type: string, draw: () => void): void {
    this.root.add(this.doc.struct(type, {}, draw));
  }

  private runs(
    text: string,
    style: Partial<TextStyle> & { size: number },
    following: boolean,
  ): void {
    const { doc } = this;
    const runs = runsOf(text, style.bold ?? false);
    const width = style.width ?? this.width - (style.indent ?? 0);
    runs.forEach((run, index) => {
      doc
        .font(run.font)
        .fontSize(style.size)
        .fillColor(style.color ?? ink);
      const options = { width, continued: index < runs.length - 1 };
      if (index === 0 && !following)
        doc.text(run.text, this.left + (style.indent ?? 0), doc.y, options);
      else doc.text(run.text, options);
    });
    if (runs.length === 0) doc.text('', { continued: false });
  }
}
