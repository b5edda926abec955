import type { Yardstick } from '../../codes/yardstick/yardstick';

/** What a dwelling's demand is worked out from. VA. */
export interface DwellingLoads {
  /** As it was measured: each unit has its own figure. */
  floorArea: { value: number; unit: 'm²' | 'ft²' };
  /** Small-appliance and laundry circuits; at least two and one count. */
  smallApplianceCircuits: number;
  laundryCircuits: number;
  /** Nameplates of fixed appliances, without heating and cooling. */
  appliancesVa: number;
  climate: ClimateLoads;
  /** Heating and cooling that is new: counts in full on top of an existing dwelling. */
  newClimate: ClimateLoads;
}

export interface ClimateLoads {
  coolingVa: number;
  heatPumpVa: number;
  /** Resistance heat that helps a heat pump. */
  supplementaryVa: number;
  resistanceHeatVa: number;
  /** Units of resistance heat controlled by themselves. */
  heatUnits: number;
}

export const noClimate: ClimateLoads = {
  coolingVa: 0,
  heatPumpVa: 0,
  supplementaryVa: 0,
  resistanceHeatVa: 0,
  heatUnits: 0,
};

/** One line of a calculation. */
export interface DemandLine {
  words: string;
  va: number;
}

export interface Demand {
  method: '220.82' | '220.83' | '220.87';
  lines: DemandLine[];
  va: number;
}

type Figures = Pick<Yardstick, 'demand'>;

function general(loads: DwellingLoads, { demand }: Figures): DemandLine[] {
  const small = Math.max(demand.leastSmallAppliance, loads.smallApplianceCircuits);
  const laundry = Math.max(demand.leastLaundry, loads.laundryCircuits);
  const { value, unit } = loads.floorArea;
  const perArea = unit === 'm²' ? demand.lightingVaPerM2 : demand.lightingVaPerFt2;
  return [
    { words: `${value} ${unit} at ${perArea} VA`, va: value * perArea },
    { words: `${small} small-appliance circuits`, va: small * demand.circuitVa },
    {
      words: `${laundry} laundry circuit${laundry === 1 ? '' : 's'}`,
      va: laundry * demand.circuitVa,
    },
    { words: 'nameplates of appliances', va: loads.appliancesVa },
  ];
}

const total = (lines: readonly DemandLine[]) => lines.reduce((sum, line) => sum + line.va, 0);

function graded(va: number, firstVa: number, restShare: number): DemandLine[] {
  return [
    { words: `first ${firstVa / 1000} kVA at 100 %`, va: Math.min(va, firstVa) },
    {
      words: `the rest at ${restShare * 100} %`,
      va: Math.max(0, va - firstVa) * restShare,
    },
  ];
}

const both = (a: ClimateLoads, b: ClimateLoads): ClimateLoads => ({
  coolingVa: a.coolingVa + b.coolingVa,
  heatPumpVa: a.heatPumpVa + b.heatPumpVa,
  supplementaryVa: a.supplementaryVa + b.supplementaryVa,
  resistanceHeatVa: a.resistanceHeatVa + b.resistanceHeatVa,
  heatUnits: a.heatUnits + b.heatUnits,
});

/**
 * Optional method of 220.82: first 10 kVA at 100 %, rest at 40 %, and the greatest of cooling, heat
 * pump with 65 % of its supplementary heat, and resistance heat at 65 % (40 % from four units).
 */
export function optionalDemand(loads: DwellingLoads, figures: Figures): Demand {
  const { demand } = figures;
  const base = general(loads, figures);
  const all = both(loads.climate, loads.newClimate);
  const heatShare =
    all.heatUnits >= demand.manyUnits ? demand.manyUnitsShare : demand.fewUnitsShare;
  const climate = [
    { words: 'cooling at 100 %', va: all.coolingVa },
    {
      words: `heat pump at 100 %, its supplementary heat at ${demand.supplementaryShare * 100} %`,
      va: all.heatPumpVa + demand.supplementaryShare * all.supplementaryVa,
    },
    {
      words: `resistance heat at ${heatShare * 100} %`,
      va: heatShare * all.resistanceHeatVa,
    },
  ].reduce((a, b) => (b.va > a.va ? b : a));
  const counted = [...graded(total(base), demand.optionalFirstVa, demand.restShare), climate];
  return { method: '220.82', lines: [...base, ...counted], va: total(counted) };
}

/** Heating or cooling of an existing dwelling, the greater, in full. VA. */
const connected = (climate: ClimateLoads) =>
  Math.max(
    climate.coolingVa,
    climate.heatPumpVa + climate.supplementaryVa,
    climate.resistanceHeatVa,
  );

/**
 * Existing dwelling, 220.83: first 8 kVA at 100 %, rest at 40 %, heating or cooling among them; new
 * heating or cooling in full on top.
 */
export function existingDemand(loads: DwellingLoads, figures: Figures): Demand {
  const { demand } = figures;
  const added = connected(loads.newClimate);
  // With new heating or cooling the greater of all of it counts in full, 220.83(B).
  const inFull = added > 0 ? connected(both(loads.climate, loads.newClimate)) : 0;
  const base = [
    ...general(loads, figures),
    ...(added > 0
      ? []
      : [{ words: 'heating or cooling, the greater', va: connected(loads.climate) }]),
  ];
  const counted = [
    ...graded(total(base), demand.existingFirstVa, demand.restShare),
    ...(added > 0 ? [{ words: 'heating or cooling with what is new, at 100 %', va: inFull }] : []),
  ];
  return { method: '220.83', lines: [...base, ...counted], va: total(counted) };
}

/** By measurement, 220.87: 125 % of the measured peak, and what is added. */
export function measuredDemand(
  peakA: number,
  volts: number,
  addedVa: number,
  { demand }: Figures,
): Demand {
  const peak = demand.measuredFactor * peakA * volts;
  return {
    method: '220.87',
    lines: [
      { words: `${demand.measuredFactor * 100} % of ${peakA} A`, va: peak },
      ...(addedVa > 0 ? [{ words: 'what would be added', va: addedVa }] : []),
    ],
    va: peak + addedVa,
  };
}

/**
 * 220.55, one household range: to 12 kW it counts 8 kW, above it 5 % more for each kW.
 * @example 12 kW: 8 kW. 14 kW: 8.8 kW. 5 kW: 5 kW.
 */
export function rangeDemandW(nameplateW: number, { demand }: Figures): number {
  const { rangeToW, rangeW, rangeMoreShare } = demand;
  if (nameplateW <= rangeToW) return Math.min(nameplateW, rangeW);
  const more = Math.round((nameplateW - rangeToW) / 1000);
  return rangeW * (1 + rangeMoreShare * more);
}
