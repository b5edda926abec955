import type { Fact } from '../../record/entries/inspection';
import type { SiteView } from '../../installation/panel/site-view';
import { systems } from '../../vocabulary/system';
import type { CircuitView, PanelView } from '../../installation/panel/views';
import type { Yardstick } from '../../codes/yardstick/yardstick';
import { rangeDemandW } from './dwelling-demand';

export interface CircuitLoad {
  a: number;
  /** By the clamp, or from nameplates. */
  by: 'measured' | 'listed';
  /** No nameplate is unread, no leg unmeasured: it cannot be more. */
  whole: boolean;
  facts: Fact[];
}

/** Volts a circuit works at: leg to leg on two poles or more, else its leg to neutral. */
export function circuitVolts(panel: PanelView, circuit: CircuitView): number {
  const system = systems[panel.system];
  const terminals = circuit.terminals.flatMap((ref) => panel.terminals.get(ref) ?? []);
  if (terminals.length > 1) return system.legToLegV;
  const leg = terminals[0]?.leg ?? 'A';
  return (system.legToNeutralV as Partial<Record<string, number>>)[leg] ?? 120;
}

/**
 * Amps of a circuit: the highest measured on its terminals, whole only where every one was; else the
 * sum of its nameplates, a household range by its demand (220.55).
 */
export function circuitLoadA(
  { reader }: SiteView,
  panel: PanelView,
  circuit: CircuitView,
  yardstick: Pick<Yardstick, 'demand'>,
): CircuitLoad | undefined {
  if (!reader.isRecorded('loadCurrentA') && !reader.isRecorded('listedW')) return undefined;
  const measured = circuit.terminals.flatMap((ref) => reader.fact(ref, 'loadCurrentA') ?? []);
  if (measured.length > 0) {
    const highest = measured.reduce((a, b) => (b.value > a.value ? b : a));
    return {
      a: highest.value,
      by: 'measured',
      whole: measured.length === circuit.terminals.length,
      facts: [highest as Fact],
    };
  }
  const listed = circuit.loads.flatMap((load) => reader.fact(load.id, 'listedW') ?? []);
  if (listed.length === 0) return undefined;
  const phases = circuit.terminals.length === 3 ? Math.sqrt(3) : 1;
  const isRange = (load: string) =>
    circuit.loads.find(({ id }) => id === load)?.kind?.value === 'range';
  const watts = listed.reduce(
    (sum, { about, value }) => sum + (isRange(about) ? rangeDemandW(value, yardstick) : value),
    0,
  );
  return {
    a: watts / (circuitVolts(panel, circuit) * phases),
    by: 'listed',
    whole: listed.length === circuit.loads.length,
    facts: listed as Fact[],
  };
}
