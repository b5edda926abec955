import 'server-only';
import type { Block } from '@/core/show/report/blocks/block';
import { ink2 } from './flow';
import type { Press } from './press';

type LetterheadBlock = Extract<Block, { kind: 'letterhead' }>;

/** Points: the sign of the office is no larger. */
const mostLogo = { width: 150, height: 54 };
const gap = 14;

function logoSize({ width, height }: { width: number; height: number }) {
  const scale = Math.min(mostLogo.width / width, mostLogo.height / height);
  return { width: width * scale, height: height * scale };
}

/** Points it takes, near enough. */
export const letterheadHeight = ({ lines, logo }: LetterheadBlock): number =>
  Math.max(logo ? logoSize(logo).height : 0, 14 + lines.length * 11) + 14;

/** The office above everything: its sign, and beside it its name and lines. */
export function setLetterhead(press: Press, block: LetterheadBlock): void {
  const { flow, pictures } = press;
  const { doc } = flow;
  const { office, lines, logo } = block;
  const top = doc.y;
  const picture = logo && pictures.get(logo.digest);
  const size = logo ? logoSize(logo) : { width: 0, height: 0 };
  if (logo && picture)
    flow.figure(logo.alt, () => void doc.image(picture.bytes, flow.left, top, size));
  const left = flow.left + (picture ? size.width + gap : 0);
  const width = flow.width - (left - flow.left);
  let y = top;
  const line = (text: string, bold: boolean) => {
    const part = flow.element('P');
    const style = { size: bold ? 11 : 8.5, bold, width, ...(bold ? {} : { color: ink2 }) };
    part.add(() => flow.textAt(text, left, y, style));
    part.end();
    y += flow.height(text, style) + 1.5;
  };
  line(office, true);
  for (const text of lines) line(text, false);
  doc.x = flow.left;
  doc.y = Math.max(y, top + size.height) + 6;
  flow.rule();
}
