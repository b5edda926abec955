import 'server-only';
import type { WhyHere } from '@/core/model/simulation/explain';
import { drawWhyHere, whyHereAlt } from '@/core/model/simulation/why-here-drawing';
import { gradeColours } from './colours';
import { label } from './drawing';
import type { Flow } from './flow';
import { ink } from './flow';

/** The small drawing of what flows in this house, as vectors. */
export function setWhyHere(flow: Flow, why: WhyHere): void {
  const { doc } = flow;
  const { width, height, parts } = drawWhyHere(why);
  flow.room(height + 8);
  const top = doc.y;
  flow.figure(whyHereAlt(why), () => {
    doc.save().translate(flow.left, top);
    for (const part of parts)
      if (part.kind === 'box')
        doc.rect(part.x, part.y, part.width, part.height).lineWidth(0.8).undash().stroke(ink);
      else if (part.kind === 'way') {
        if (part.open) doc.dash(3, { space: 5 });
        else doc.undash();
        doc
          .moveTo(part.x1, part.y)
          .lineTo(part.x2, part.y)
          .lineWidth(part.width)
          .stroke(part.touchable ? gradeColours.danger : ink);
      } else label(doc, part.text, part.x, part.y, part.size, part.anchor, part.bold, ink);
    doc.restore();
  });
  doc.x = flow.left;
  doc.y = top + Math.min(height, width) + 4;
}
