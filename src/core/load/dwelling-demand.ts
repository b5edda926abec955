/** What a dwelling's demand is worked out from. VA, m². */
export interface DwellingLoads {
  floorAreaM2: number;
  /** Small-appliance and laundry circuits; at least two and one count. */
  smallApplianceCircuits: number;
  laundryCircuits: number;
  /** Nameplates of fixed appliances, without heating and cooling. */
  appliancesVa: number;
  coolingVa: number;
  heatPumpVa: number;
  resistanceHeatVa: number;
  /** Units of resistance heat controlled by themselves. */
  heatUnits: number;
}

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

const lightingVaPerM2 = 33;
const perCircuitVa = 1500;

function general(loads: DwellingLoads): DemandLine[] {
  const small = Math.max(2, loads.smallApplianceCircuits);
  const laundry = Math.max(1, loads.laundryCircuits);
  return [
    { words: `${loads.floorAreaM2} m² at 33 VA`, va: loads.floorAreaM2 * lightingVaPerM2 },
    { words: `${small} small-appliance circuits`, va: small * perCircuitVa },
    { words: `${laundry} laundry circuit${laundry === 1 ? '' : 's'}`, va: laundry * perCircuitVa },
    { words: 'nameplates of appliances', va: loads.appliancesVa },
  ];
}

const total = (lines: readonly DemandLine[]) => lines.reduce((sum, line) => sum + line.va, 0);

function graded(va: number, firstVa: number): DemandLine[] {
  return [
    { words: `first ${firstVa / 1000} kVA at 100 %`, va: Math.min(va, firstVa) },
    { words: 'the rest at 40 %', va: Math.max(0, va - firstVa) * 0.4 },
  ];
}

/**
 * Optional method of 220.82: first 10 kVA at 100 %, rest at 40 %, and the greatest of cooling,
 * heat pump, and resistance heat at 65 % (40 % from four units).
 */
export function optionalDemand(loads: DwellingLoads): Demand {
  const base = general(loads);
  const heat = loads.resistanceHeatVa * (loads.heatUnits >= 4 ? 0.4 : 0.65);
  const climate = [
    { words: 'cooling at 100 %', va: loads.coolingVa },
    {
      words: 'heat pump at 100 %, its supplementary heat at 65 %',
      va: loads.heatPumpVa > 0 ? loads.heatPumpVa + loads.resistanceHeatVa * 0.65 : 0,
    },
    { words: `resistance heat at ${loads.heatUnits >= 4 ? 40 : 65} %`, va: heat },
  ].reduce((a, b) => (b.va > a.va ? b : a));
  const counted = [...graded(total(base), 10_000), climate];
  return { method: '220.82', lines: [...base, ...counted], va: total(counted) };
}

/** Existing dwelling, 220.83: first 8 kVA at 100 %, rest at 40 %, heating or cooling among them. */
export function existingDemand(loads: DwellingLoads): Demand {
  const climate = Math.max(loads.coolingVa, loads.heatPumpVa + loads.resistanceHeatVa);
  const base = [...general(loads), { words: 'heating or cooling, the greater', va: climate }];
  const counted = graded(total(base), 8_000);
  return { method: '220.83', lines: [...base, ...counted], va: total(counted) };
}

/** By measurement, 220.87: 125 % of the measured peak, and what is added. */
export function measuredDemand(peakA: number, volts: number, addedVa = 0): Demand {
  const peak = 1.25 * peakA * volts;
  return {
    method: '220.87',
    lines: [
      { words: `125 % of ${peakA} A`, va: peak },
      ...(addedVa > 0 ? [{ words: 'what would be added', va: addedVa }] : []),
    ],
    va: peak + addedVa,
  };
}
