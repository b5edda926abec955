import type { Entry } from '../../record/entries/entry';
import { fold } from '../../record/entries/fold';
import { readSite } from '../../installation/panel/site-view';
import type { PositionLine } from '../../record/shorthand/line';
import type { LinesFault } from '../../record/shorthand/parse';
import { parseLine, splitLines } from '../../record/shorthand/parse';
import { refusals } from './check';
import type { Draft, Stamp } from './draft';
import { stamp } from './draft';
import { recordLine } from './record-line';

/** A line to be recorded after others: its number in what was pasted, its words, and how to read it. */
interface Pasted {
  number: number;
  text: string;
  line?: PositionLine;
}

/**
 * Many lines as one action, each against what the lines before it make. Good lines are kept; each
 * faulty one is named with its line and columns.
 */
export function recordLines(
  pasted: readonly Pasted[],
  panelId: string,
  standing: readonly Entry[],
  by: Stamp,
): { drafts: Draft[]; faults: LinesFault[]; good: number } {
  const drafts: Draft[] = [];
  const faults: LinesFault[] = [];
  let good = 0;
  for (const { number, text, line: read } of pasted) {
    const trial = stamp(drafts, by);
    const site = readSite(fold([...standing, ...trial]));
    const panel = site.panels.find((one) => one.id === panelId);
    const whole = { line: number, text, start: 0, end: text.length };
    if (!panel) {
      faults.push({ ...whole, message: 'there is no panel to record in' });
      continue;
    }
    const parsed = read ? { line: read, faults: [] } : parseLine(text, panel);
    if (!parsed.line) {
      faults.push({ ...whole, ...(parsed.faults[0] ?? { message: 'not understood' }) });
      continue;
    }
    const recorded = recordLine(parsed.line, { site, panel, newId: by.newId });
    if (!recorded.ok) {
      faults.push({ ...whole, message: recorded.message });
      continue;
    }
    const fresh = stamp(recorded.drafts, { ...by, counter: by.counter + drafts.length });
    const [refusal] = refusals([...standing, ...trial], fresh);
    if (refusal) {
      faults.push({ ...whole, message: refusal.message });
      continue;
    }
    drafts.push(...recorded.drafts);
    good += 1;
  }
  return { drafts, faults, good };
}

export const pastedLines = (text: string): Pasted[] => splitLines(text);
