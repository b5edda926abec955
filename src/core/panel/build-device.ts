import { terminalRef } from '../entries/thing-types';
import { legOfRow } from './legs';
import type { Numbering } from './numbering';
import { positionNumber } from './numbering';
import type { FactReader } from './reader';
import type { CircuitView, DeviceView, TerminalView } from './views';

interface Surroundings {
  rows: number | undefined;
  numbering: Numbering;
  /** The circuit of each terminal; of two that claim it, the first. */
  circuitAt: ReadonlyMap<string, CircuitView>;
}

/** A breaker with its terminals, or nothing where its position was never recorded. */
export function buildDevice(
  id: string,
  around: Surroundings,
  reader: FactReader,
): DeviceView | undefined {
  const place = reader.value(id, 'place');
  if (!place) return undefined;
  const isMain = place.kind === 'main';
  const form = reader.value(id, 'form') ?? (isMain ? 'two-pole' : 'single-pole');
  const { column, row } = place.kind === 'main' ? { column: 1 as const, row: 0 } : place;
  const height = form === 'two-pole' && !isMain ? 2 : 1;
  const numberAt = (atRow: number) =>
    positionNumber(around.numbering, around.rows ?? 0, column, atRow);
  const number = isMain ? 0 : numberAt(row);
  const label = isMain ? 'Main' : height === 2 ? `${number}+${numberAt(row + 1)}` : String(number);
  const device: DeviceView = {
    id,
    isMain,
    form,
    column,
    row,
    height,
    label,
    number,
    terminals: [],
  };

  const ratings = reader.fact(id, 'handleRatingsA');
  const count = form === 'single-pole' ? 1 : 2;
  device.terminals = Array.from({ length: count }, (_, step): TerminalView => {
    const ref = terminalRef(id, step + 1);
    return {
      ref,
      device,
      index: step + 1,
      label: isMain ? `Main ${step + 1}` : terminalLabel(form, number, step, numberAt(row + step)),
      leg: legOfRow(form === 'two-pole' ? (isMain ? 1 : row) + step : row),
      ratingA: ratings,
      handleA: ratings?.value[Math.min(step, ratings.value.length - 1)],
      conductors: [],
      circuit: around.circuitAt.get(ref),
    };
  });
  return device;
}

function terminalLabel(
  form: DeviceView['form'],
  number: number,
  step: number,
  poleNumber: number,
): string {
  if (form === 'tandem') return `${number}${'ab'[step]}`;
  return String(form === 'two-pole' ? poleNumber : number);
}
