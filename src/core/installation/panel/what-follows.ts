import type { Fact } from '../../record/entries/inspection';
import type { PropertyName } from '../../record/entries/properties';
import type { SiteView } from './site-view';
import type { PanelView } from './views';

/** Whether the supply of a panel carries a whole dwelling, and the fact that says so. */
export interface WholeDwelling {
  whole: boolean;
  fact: Fact | undefined;
}

/**
 * As it was said; else of a house, whose only panel at the street's side carries all of it, and of a
 * shop or an outbuilding, which is no dwelling. Undefined where it does not follow.
 */
export function wholeDwelling(site: SiteView, panel: PanelView): WholeDwelling | undefined {
  const { reader } = site;
  const said = reader.fact(panel.id, 'wholeDwelling');
  if (said) return { whole: said.value, fact: said };
  const kind = reader.fact(panel.building, 'buildingKind');
  if (kind?.value === 'shop' || kind?.value === 'outbuilding') return { whole: false, fact: kind };
  const alone =
    site.panels.filter(
      ({ building, supply }) => building === panel.building && supply.place !== 'downstream',
    ).length === 1;
  const one = (reader.value(panel.building, 'dwellings') ?? 1) === 1;
  if (kind?.value === 'house' && panel.supply.place !== 'downstream' && alone && one)
    return { whole: true, fact: kind };
  return undefined;
}

/** Figures that are read off a rating label. */
const labelFigures = [
  'labelBusA',
  'labelMainA',
  'labelAccepts',
  'labelCircuits',
  'labelTandemPositions',
  'labelTandemRatings',
  'labelGroundsPerTerminal',
  'labelStabA',
] as const satisfies readonly PropertyName[];

/** A figure somebody read off the label: it could be read. */
export const figureOffLabel = ({ reader }: SiteView, panel: string): Fact | undefined =>
  labelFigures.map((property) => reader.fact(panel, property) as Fact | undefined).find(Boolean);
