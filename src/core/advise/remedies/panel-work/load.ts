import { circuitLoadA } from '../../../measure/load/circuit-load';
import { joinedLoad } from '../../../measure/load/addition';
import type { CircuitView, DeviceView, PanelView } from '../../../installation/panel/views';
import { met, notKnown, notMet } from '../condition';
import type { Condition } from '../remedy';
import type { Situation } from '../situation';

/** What a circuit carries is within a smaller device, as far as it was measured or listed. */
export function loadWithin(here: Situation, device: DeviceView, ratingA: number): Condition {
  const circuits = new Map(
    device.terminals.flatMap(({ circuit }) => (circuit ? [[circuit.id, circuit] as const] : [])),
  );
  const loads = [...circuits.values()].map((circuit) =>
    circuitLoadA(here.site, here.panel, circuit, here.yardstick),
  );
  const known = loads.filter((load) => load !== undefined);
  const most = Math.max(0, ...known.map(({ a }) => a));
  if (most > ratingA) return notMet(`it carries ${most.toFixed(1)} A, more than ${ratingA} A`);
  if (known.length === 0 || known.length < loads.length || known.some(({ whole }) => !whole))
    return notKnown(
      `the load is within ${ratingA} A`,
      'measure the load of the circuit, or list it',
    );
  return met(`it carries ${most.toFixed(1)} A`);
}

/** What hangs under one screw together is within its device. */
export function loadTogether(here: Situation): Condition {
  const circuit = here.terminal?.circuit;
  const ratingA = here.terminal?.handleA;
  if (!circuit || ratingA === undefined)
    return notKnown('the load of both is within the breaker', 'measure the circuit under load');
  const { amps } = joinedLoad(here.site, here.panel, [circuit], here.yardstick);
  if (amps === undefined)
    return notKnown('the load of both is within the breaker', 'measure the circuit under load');
  return amps <= ratingA
    ? met(`both together carry ${amps.toFixed(1)} A`)
    : notMet(`both together carry ${amps.toFixed(1)} A, more than ${ratingA} A`);
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
