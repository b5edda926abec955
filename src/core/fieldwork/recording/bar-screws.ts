import { terminalRef } from '../../record/entries/thing-types';
import type { Draft } from './draft';
import { add } from './draft';
import type { RecordingBench } from './recording-bench';
import type { BarView, PanelView } from '../../installation/panel/views';
import type { BarScrew, PositionLine } from '../../record/shorthand/line';

/** Bar screws by circuit and cable, as references. */
export interface Screws {
  neutrals: string[][];
  grounds: string[][];
}

/** The nth bar of a kind; for grounds, where they have none of their own, the one bar for both. */
export const barOf = (panel: PanelView, kind: BarScrew['bar'], nth = 1): BarView | undefined =>
  panel.bars.filter((bar) => bar.kind === kind)[nth - 1] ??
  (kind === 'ground' && nth === 1 ? panel.bars.find((bar) => bar.forBoth) : undefined);

/**
 * The bar screws the line names, or why there are none. A first bar that nobody recorded is made with
 * the line that names a screw of it: how many screws it has stays open.
 */
export function findScrews(
  line: PositionLine,
  { panel, newId }: Pick<RecordingBench, 'panel' | 'newId'>,
  drafts: Draft[],
): Screws | { message: string } {
  const found: Screws = { neutrals: [], grounds: [] };
  const made = new Map<BarScrew['bar'], string>();
  for (const key of ['neutrals', 'grounds'] as const)
    for (const cables of line[key] ?? []) {
      const refs: string[] = [];
      for (const screw of cables) {
        const bar = barOf(panel, screw.bar, screw.nth);
        const name = `${screw.bar} bar${screw.nth ? ` ${screw.nth}` : ''}`;
        if (!bar && (screw.nth ?? 1) === 1 && screw.number >= 1 && screw.number <= 60) {
          const id = made.get(screw.bar) ?? newId();
          if (!made.has(screw.bar)) {
            made.set(screw.bar, id);
            const side = screw.bar === 'ground' ? 'right' : 'left';
            drafts.push(add('bar', id, panel.id, { barKind: screw.bar, side }));
          }
          refs.push(terminalRef(id, screw.number));
          continue;
        }
        if (!bar) return { message: `record the ${name} first` };
        if (screw.number < 1 || screw.number > (bar.count ?? 60))
          return {
            message: `the ${name} has screws 1 to ${bar.count ?? 60}, not ${screw.number}`,
          };
        refs.push(terminalRef(bar.id, screw.number));
      }
      found[key].push(refs);
    }
  return found;
}
