import type { Fact } from '../entries/inspection';
import type { SiteView } from '../panel/site-view';
import { systems } from '../panel/system';
import type { LoadView, PanelView } from '../panel/views';
import { SupplyReading } from '../supply/tree';
import type { Demand, DwellingLoads } from './dwelling-demand';
import { existingDemand, measuredDemand, optionalDemand } from './dwelling-demand';

export interface PanelDemand {
  demand: Demand;
  amps: number;
  facts: Fact[];
}

const dwellings = ['house', 'flats', 'mixed'];
/** Loads that the floor area stands for; any other needs its power. */
const branchKinds: readonly string[] = ['lighting', 'receptacles', 'low-voltage'];

/** The panel and those fed from it. */
export function panelsBelow({ reader, panels }: SiteView, panel: PanelView): PanelView[] {
  const supply = new SupplyReading(reader);
  return panels.filter(
    (one) => one === panel || supply.wayUp(one.id).some(({ thing }) => thing.id === panel.id),
  );
}

/**
 * Demand by every method that has its facts; a measurement stands alone. Undefined with the reason
 * where none has.
 */
export function panelDemands(
  site: SiteView,
  panel: PanelView,
  /** VA that would be added; a continuous load by 125 %. */
  addedVa = 0,
): { demands: PanelDemand[]; wanted: 'peakLegA' | 'floorAreaM2' | 'loadsListed' | 'listedW' } {
  const { reader } = site;
  const volts = systems[panel.system].legToLegV;
  const phases = systems[panel.system].legs.length === 3 ? Math.sqrt(3) : 1;
  const of = (demand: Demand, facts: readonly (Fact | undefined)[]): PanelDemand => ({
    demand,
    amps: demand.va / (volts * phases),
    facts: facts.filter((fact) => fact !== undefined),
  });
  const peak = reader.fact(panel.id, 'peakLegA');
  if (peak)
    return {
      demands: [of(measuredDemand(peak.value, volts * phases, addedVa), [peak as Fact])],
      wanted: 'peakLegA',
    };
  const kind = reader.fact(panel.building, 'buildingKind');
  if (!kind || !dwellings.includes(kind.value)) return { demands: [], wanted: 'peakLegA' };
  const area = reader.fact(panel.building, 'floorAreaM2');
  if (!area) return { demands: [], wanted: 'floorAreaM2' };
  const listed = reader.fact(panel.id, 'loadsListed');
  if (!listed?.value) return { demands: [], wanted: 'loadsListed' };
  const circuits = panelsBelow(site, panel).flatMap((one) => one.circuits);
  const loads = circuits.flatMap((circuit) => circuit.loads);
  const unread = loads.some(
    (load) => !branchKinds.includes(load.kind?.value ?? '') && !reader.fact(load.id, 'listedW'),
  );
  if (unread) return { demands: [], wanted: 'listedW' };
  const watts = (load: LoadView) => reader.value(load.id, 'listedW') ?? 0;
  const sum = (...kinds: string[]) =>
    loads
      .filter((load) => kinds.includes(load.kind?.value ?? ''))
      .reduce((w, one) => w + watts(one), 0);
  const inPlace = (place: 'kitchen' | 'laundry') =>
    circuits.filter((circuit) => reader.value(circuit.id, 'places')?.includes(place)).length;
  const dwelling: DwellingLoads = {
    floorAreaM2: area.value,
    smallApplianceCircuits: inPlace('kitchen'),
    laundryCircuits: inPlace('laundry'),
    appliancesVa: sum('range', 'dryer', 'water-heater', 'motor', 'charger', 'other') + addedVa,
    coolingVa: sum('air-conditioner'),
    heatPumpVa: 0,
    resistanceHeatVa: sum('heat'),
    heatUnits: loads.filter((load) => load.kind?.value === 'heat').length,
  };
  const facts = [area as Fact, listed as Fact];
  return {
    demands: [of(optionalDemand(dwelling), facts), of(existingDemand(dwelling), facts)],
    wanted: 'peakLegA',
  };
}
