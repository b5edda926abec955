import type { Fact } from '../../record/entries/inspection';
import type { SiteView } from '../../installation/panel/site-view';
import { systems } from '../../vocabulary/system';
import type { LoadView, PanelView } from '../../installation/panel/views';
import { SupplyTree } from '../../installation/supply/tree';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import type { ClimateLoads, Demand, DwellingLoads } from './dwelling-demand';
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
  const supply = new SupplyTree(reader);
  return panels.filter(
    (one) => one === panel || supply.wayUp(one.id).some(({ thing }) => thing.id === panel.id),
  );
}

/** What would be added to a panel, VA. */
export interface AddedLoad {
  va: number;
  climate?: keyof Omit<ClimateLoads, 'heatUnits'> | undefined;
}

export type WantedForDemand = 'peakLegA' | 'peakOver' | 'floorAreaM2' | 'loadsListed' | 'listedW';

/**
 * Demand by every method that has its facts; a year's peak or 30 days recorded stands alone, a
 * moment's clamp is no method. Without any, what is wanted.
 */
export function panelDemands(
  site: SiteView,
  panel: PanelView,
  yardstick: Yardstick,
  added: readonly AddedLoad[] = [],
): { demands: PanelDemand[]; wanted: WantedForDemand } {
  const { reader } = site;
  const volts = systems[panel.system].legToLegV;
  const phases = systems[panel.system].legs.length === 3 ? Math.sqrt(3) : 1;
  const of = (demand: Demand, facts: readonly (Fact | undefined)[]): PanelDemand => ({
    demand,
    amps: demand.va / (volts * phases),
    facts: facts.filter((fact) => fact !== undefined),
  });
  const circuits = panelsBelow(site, panel).flatMap((one) => one.circuits);
  const loads = withoutTheLesser(
    reader,
    circuits.flatMap((circuit) => circuit.loads),
  );
  const isNew = (load: LoadView) => reader.value(load.id, 'newLoad') === true;
  const addedVa = added.reduce((sum, one) => sum + one.va, 0);
  const peak = reader.fact(panel.id, 'peakLegA');
  const over = reader.fact(panel.id, 'peakOver');
  if (peak && (over?.value === 'year' || over?.value === 'month')) {
    const fresh = loads.filter(isNew);
    if (fresh.some((load) => !reader.fact(load.id, 'listedW')))
      return { demands: [], wanted: 'listedW' };
    const freshVa = fresh.reduce((sum, load) => sum + (reader.value(load.id, 'listedW') ?? 0), 0);
    return {
      demands: [
        of(measuredDemand(peak.value, volts * phases, addedVa + freshVa, yardstick), [
          peak as Fact,
          over as Fact,
        ]),
      ],
      wanted: 'peakLegA',
    };
  }
  const wantedPeak = peak && !over ? 'peakOver' : 'peakLegA';
  const kind = reader.fact(panel.building, 'buildingKind');
  if (!kind || !dwellings.includes(kind.value)) return { demands: [], wanted: wantedPeak };
  const area = floorAreaOf(reader, panel.building);
  if (!area) return { demands: [], wanted: peak && !over ? 'peakOver' : 'floorAreaM2' };
  const listed = reader.fact(panel.id, 'loadsListed');
  if (!listed?.value) return { demands: [], wanted: peak && !over ? 'peakOver' : 'loadsListed' };
  const unread = loads.some(
    (load) => !branchKinds.includes(load.kind?.value ?? '') && !reader.fact(load.id, 'listedW'),
  );
  if (unread) return { demands: [], wanted: 'listedW' };
  const sum = (of: readonly LoadView[], ...kinds: string[]) =>
    of
      .filter((load) => kinds.includes(load.kind?.value ?? ''))
      .reduce((w, load) => w + (reader.value(load.id, 'listedW') ?? 0), 0);
  const climateOf = (of: readonly LoadView[]): ClimateLoads => ({
    coolingVa: sum(of, 'air-conditioner'),
    heatPumpVa: sum(of, 'heat-pump'),
    supplementaryVa: sum(of, 'supplementary-heat'),
    resistanceHeatVa: sum(of, 'heat'),
    heatUnits: of
      .filter((load) => load.kind?.value === 'heat')
      .reduce((units, load) => units + (reader.value(load.id, 'heatUnits') ?? 1), 0),
  });
  const inPlace = (place: 'kitchen' | 'laundry') =>
    circuits.filter((circuit) => reader.value(circuit.id, 'places')?.includes(place)).length;
  const newClimate = climateOf(loads.filter(isNew));
  for (const { va, climate } of added)
    if (climate) {
      newClimate[climate] += va;
      if (climate === 'resistanceHeatVa') newClimate.heatUnits += 1;
    }
  const dwelling: DwellingLoads = {
    floorArea: area.area,
    smallApplianceCircuits: inPlace('kitchen'),
    laundryCircuits: inPlace('laundry'),
    appliancesVa:
      sum(loads, 'range', 'dryer', 'water-heater', 'motor', 'charger', 'other') +
      added.reduce((va, one) => va + (one.climate ? 0 : one.va), 0),
    climate: climateOf(loads.filter((load) => !isNew(load))),
    newClimate,
  };
  const facts = [area.fact, listed as Fact];
  return {
    demands: [
      of(optionalDemand(dwelling, yardstick), facts),
      of(existingDemand(dwelling, yardstick), facts),
    ],
    wanted: 'peakLegA',
  };
}

/** The floor area as it was entered. */
function floorAreaOf(
  reader: SiteView['reader'],
  building: string,
): { area: DwellingLoads['floorArea']; fact: Fact } | undefined {
  const metric = reader.fact(building, 'floorAreaM2');
  if (metric) return { area: { value: metric.value, unit: 'm²' }, fact: metric as Fact };
  const feet = reader.fact(building, 'floorAreaFt2');
  return feet && { area: { value: feet.value, unit: 'ft²' }, fact: feet as Fact };
}

/** Of two loads that a listed switch never lets run together only the larger counts (220.60). */
function withoutTheLesser(reader: SiteView['reader'], loads: readonly LoadView[]): LoadView[] {
  const watts = (id: string) => reader.value(id, 'listedW') ?? 0;
  const lesser = new Set(
    loads.flatMap(({ id }) => {
      const other = reader.value(id, 'neverWith');
      if (other === undefined || !loads.some((load) => load.id === other)) return [];
      return [watts(id) <= watts(other) ? id : other];
    }),
  );
  return loads.filter(({ id }) => !lesser.has(id));
}
