import { circuitLoadA } from '../../../measure/load/circuit-load';
import type { CircuitView, DeviceView, PanelView } from '../../../installation/panel/views';
import { met, notKnown, notMet } from '../condition';
import type { Condition } from '../remedy';
import type { Situation } from '../situation';

/**
 * What a circuit carries is within a device, where it was measured, or every load of the panel is
 * recorded with its power; what is listed otherwise may not be all.
 */
export function loadWithin(here: Situation, device: DeviceView, ratingA: number): Condition {
  const circuits = [...new Set(device.terminals.flatMap(({ circuit }) => circuit ?? []))];
  const loads = circuits.map((circuit) =>
    circuitLoadA(here.site, here.panel, circuit, here.yardstick),
  );
  const most = Math.max(0, ...loads.map((load) => load?.a ?? 0));
  if (most > ratingA) return notMet(`it carries ${most.toFixed(1)} A, more than ${ratingA} A`);
  const listedAll = here.reader.value(here.panel.id, 'loadsListed') === true;
  const known = loads.every((load) => load?.whole && (load.by === 'measured' || listedAll));
  return loads.length > 0 && known
    ? met(`it carries ${most.toFixed(1)} A`)
    : notKnown(`the load is within ${ratingA} A`, 'measure the load of the circuit, or list it');
}

/** What hangs under one screw together is within its device: only a measurement has both in it. */
export function loadTogether(here: Situation): Condition {
  const { circuit, handleA } = here.terminal ?? {};
  const load = circuit && circuitLoadA(here.site, here.panel, circuit, here.yardstick);
  if (load && handleA !== undefined && load.a > handleA)
    return notMet(`both together carry ${load.a.toFixed(1)} A, more than ${handleA} A`);
  return load?.by === 'measured' && load.whole && handleA !== undefined
    ? met(`both together carry ${load.a.toFixed(1)} A`)
    : notKnown('the load of both is within the breaker', 'measure the circuit under load');
}

/** Kitchen counter, bathroom, laundry and fixed-appliance circuits are joined with nothing. */
export function notRequired(here: Situation): Condition {
  const circuit = here.terminal?.circuit;
  const places = circuit && here.reader.value(circuit.id, 'places');
  const never = places?.filter((place) => ['kitchen', 'bathroom', 'laundry'].includes(place)) ?? [];
  const joined = circuit && here.reader.value(circuit.id, 'joinedWith');
  if (never.length > 0 || joined === 'required')
    return notMet(
      'a kitchen counter, bathroom, laundry or fixed-appliance circuit is joined with nothing',
    );
  if (places === undefined)
    return notKnown(
      'neither is a circuit that is joined with nothing',
      'see which rooms both wires feed',
    );
  return met('neither is a circuit that is joined with nothing');
}

/** Rating of the device a circuit hangs on. */
export const ratingOfCircuit = (
  panel: PanelView,
  circuit: CircuitView | undefined,
): number | undefined => panel.terminals.get(circuit?.terminals[0] ?? '')?.handleA;
