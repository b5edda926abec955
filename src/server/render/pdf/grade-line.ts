import 'server-only';
import { gradeMarks } from '@/core/show/drawing/grade-marks';
import type { Grade } from '@/core/vocabulary/grade';
import { gradeColours } from './colours';
import type { Flow } from './flow';

/** The grade's shape in the margin of its words. */
export function gradeLine(flow: Flow, grade: Grade, words: string, level?: 3): void {
  flow.room(48);
  const { doc } = flow;
  const y = doc.y;
  flow.artifact(() => {
    doc.save().translate(flow.left, y + 1);
    doc.path(gradeMarks[grade]).fill(gradeColours[grade], 'even-odd').restore();
  });
  const style = { bold: true, size: 11, color: gradeColours[grade], indent: 20, after: 2 };
  if (level) flow.headingLine(words, level, style);
  else flow.paragraph(words, style);
}
