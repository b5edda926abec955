import type { SiteView } from '../../installation/panel/site-view';
import { systems } from '../../vocabulary/system';
import type { CircuitView, PanelView } from '../../installation/panel/views';
import { supplyDevice } from '../../installation/panel/overcurrent-above';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import { circuitLoadA } from './circuit-load';
import { panelDemands } from './panel-demand';

/** A load somebody wants to add. */
export interface Addition {
  words: string;
  amps: number;
  volts: number;
  /** Three hours or more: counts 125 %. */
  continuous: boolean;
  kind: AdditionKind;
}

/** What is added: heating and cooling count by rules of their own. */
export const additionKinds = {
  other: 'other',
  charger: 'vehicle charger',
  coolingVa: 'air conditioner',
  heatPumpVa: 'heat pump',
  supplementaryVa: 'supplementary heat of a heat pump',
  resistanceHeatVa: 'electric heat',
} as const;
export type AdditionKind = keyof typeof additionKinds;

export interface AdditionAnswer {
  method: string;
  /** A with it. */
  amps: number;
  ratingA: number;
  fits: boolean;
  /** A left with it; below zero where it does not fit. */
  leftA: number;
}

const vaOf = ({ amps, volts, continuous }: Addition, { continuousFactor }: Yardstick) =>
  amps * volts * (continuous ? continuousFactor : 1);

/**
 * Whether additions fit the supply, by each method that has its facts. Undefined with what is
 * wanted, where none has.
 * @example 40 A measured peak, a 32 A charger: 50 + 40 = 90 A by 220.87.
 */
export function additionFits(
  site: SiteView,
  panel: PanelView,
  additions: readonly Addition[],
  yardstick: Yardstick,
): { answers: AdditionAnswer[]; wanted: string | undefined } {
  const device = supplyDevice(site, panel);
  const { demands, wanted } = panelDemands(
    site,
    panel,
    yardstick,
    additions.map((one) => ({
      va: vaOf(one, yardstick),
      climate: one.kind === 'other' || one.kind === 'charger' ? undefined : one.kind,
    })),
  );
  if (!device) return { answers: [], wanted: 'mainKind' };
  return {
    answers: demands.map(({ demand, amps }) => ({
      method: demand.method,
      amps,
      ratingA: device.ratingA,
      fits: amps <= device.ratingA,
      leftA: device.ratingA - amps,
    })),
    wanted: demands.length === 0 ? wanted : undefined,
  };
}

/** Breaker the added circuit itself needs, A: its load, continuous by 125 %, to the next standard rating. */
export function breakerForA(
  { standardRatingsA, continuousFactor }: Yardstick,
  one: Pick<Addition, 'amps' | 'continuous'>,
): number | undefined {
  const least = one.amps * (one.continuous ? continuousFactor : 1);
  return standardRatingsA.find((rating) => rating >= least - 1e-9);
}

/** Circuits somebody proposes to join on one breaker, with what would speak against it. */
export interface Joined {
  amps: number | undefined;
  leastA: number | undefined;
  against: string[];
}

const never = ['bathroom', 'kitchen', 'laundry'];

/** Combined load of circuits put on one breaker, the smallest of theirs. */
export function joinedLoad(
  site: SiteView,
  panel: PanelView,
  circuits: readonly CircuitView[],
  yardstick: Yardstick,
): Joined {
  const { reader } = site;
  const loads = circuits.map((circuit) => circuitLoadA(site, panel, circuit, yardstick));
  const ratings = circuits.flatMap(({ terminals }) =>
    terminals.flatMap((ref) => panel.terminals.get(ref)?.handleA ?? []),
  );
  const amps = loads.every(Boolean) ? loads.reduce((sum, load) => sum + load!.a, 0) : undefined;
  const leastA = ratings.length > 0 ? Math.min(...ratings) : undefined;
  const against = [
    ...circuits.flatMap(({ id, name }) => {
      const places = reader.value(id, 'places')?.filter((place) => never.includes(place)) ?? [];
      return places.length > 0
        ? [`${name ?? 'a circuit'} feeds ${places.join(', ')}: never joined`]
        : [];
    }),
    ...circuits
      .filter(({ terminals }) => terminals.length > 1)
      .map(({ name }) => `${name ?? 'a circuit'} has two poles: it keeps its own breaker`),
    ...(amps === undefined ? ['the load of one is neither measured nor on a nameplate'] : []),
    ...(amps !== undefined && leastA !== undefined && amps > leastA
      ? [`together ${amps.toFixed(1)} A, more than ${leastA} A`]
      : []),
  ];
  return { amps, leastA, against };
}

/** Watts to amps on this panel: leg to neutral or leg to leg. */
export const ampsOf = (watts: number, panel: PanelView, poles: 1 | 2): number =>
  watts / (poles === 1 ? systems[panel.system].legToNeutralV.A : systems[panel.system].legToLegV);
