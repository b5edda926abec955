import type { ConductorView, PanelView } from '../../installation/panel/views';
import type { Jacket } from './jackets';
import type { Use } from './jobs';
import type { Point } from './shapes';

/** A conductor on no screw: out of its jacket, and bent aside. */
export interface LooseEnd {
  conductor: ConductorView;
  use: Use;
  start: Point;
  end: Point;
}

/** How far the first reaches into the enclosure, and each further one of its jacket, inches. */
const reach = 0.95;
const further = 0.3;

/** Where the conductors of a panel that lie on no screw end. */
export function looseEnds(panel: PanelView, jackets: readonly Jacket[]): LooseEnd[] {
  return jackets.flatMap((jacket) => {
    const loose = jacket.conductors.filter(({ landsOn }) => landsOn?.value === null);
    const into = jacket.corner.edge === 'top' ? 1 : -1;
    const aside = jacket.corner.side === 'left' ? -1 : 1;
    return loose.map((conductor, index): LooseEnd => {
      const start = jacket.startOf(conductor);
      return {
        conductor,
        use: conductor.function?.value ?? 'hot',
        start,
        end: { x: start.x + aside * 0.22, y: start.y + into * (reach + further * index) },
      };
    });
  });
}
