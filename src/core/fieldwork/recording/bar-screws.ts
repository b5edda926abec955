import { terminalRef } from '../../record/entries/thing-types';
import type { BarView, PanelView } from '../../installation/panel/views';
import type { BarScrew, PositionLine } from '../../record/shorthand/line';

/** Bar screws by circuit and cable, as references. */
export interface Screws {
  neutrals: string[][];
  grounds: string[][];
}

/** The nth bar of a kind. */
export const barOf = (panel: PanelView, kind: BarScrew['bar'], nth = 1): BarView | undefined =>
  panel.bars.filter((bar) => bar.kind === kind)[nth - 1];

/** The bar screws the line names, or why there are none. */
export function findScrews(line: PositionLine, panel: PanelView): Screws | { message: string } {
  const found: Screws = { neutrals: [], grounds: [] };
  for (const key of ['neutrals', 'grounds'] as const)
    for (const cables of line[key] ?? []) {
      const refs: string[] = [];
      for (const screw of cables) {
        const bar = barOf(panel, screw.bar, screw.nth);
        const name = `${screw.bar} bar${screw.nth ? ` ${screw.nth}` : ''}`;
        if (!bar) return { message: `record the ${name} first` };
        if (screw.number < 1 || screw.number > (bar.count ?? 0))
          return {
            message: `the ${name} has screws 1 to ${bar.count ?? 0}, not ${screw.number}`,
          };
        refs.push(terminalRef(bar.id, screw.number));
      }
      found[key].push(refs);
    }
  return found;
}
