import { terminalRef } from '../../record/entries/thing-types';
import { formOf, halved } from '../../vocabulary/device-forms';
import type { Layout } from '../../vocabulary/numbering';
import { positionNumber } from '../../vocabulary/numbering';
import type { FactReader } from '../../record/entries/fact-reader';
import type { Leg } from '../../vocabulary/system';
import type { CircuitView, DeviceView, TerminalView } from './views';

interface Surroundings {
  layout: Layout;
  legOf(column: 1 | 2, row: number): Leg;
  /** The circuit of each terminal; of two that claim it, the first. */
  circuitAt: ReadonlyMap<string, CircuitView>;
}

/** A device with its terminals, or nothing where its position was never recorded. */
export function buildDevice(
  id: string,
  around: Surroundings,
  reader: FactReader,
): DeviceView | undefined {
  const place = reader.value(id, 'place');
  if (!place) return undefined;
  const recorded = reader.value(id, 'form');
  const onPosition = place.kind === 'position';
  const form = recorded ?? (onPosition ? 'single-pole' : 'two-pole');
  const { rows: height, terminals, handles } = formOf(form);
  const { column, row, half } = onPosition
    ? { half: undefined, ...place }
    : { column: 1 as const, row: 1, half: undefined };
  const numberAt = (atRow: number) => positionNumber(around.layout, column, atRow);
  const number = place.kind === 'main' ? 0 : onPosition ? numberAt(row) : -place.number;
  const device: DeviceView = {
    id,
    stands: place.kind,
    isMain: place.kind === 'main',
    form,
    column,
    row: onPosition ? row : 0,
    half,
    height,
    label: labelOf(
      place,
      half,
      Array.from({ length: height }, (_, step) => numberAt(row + step)),
    ),
    number,
    terminals: [],
  };

  const ratings = reader.fact(id, 'handleRatingsA');
  device.terminals = terminals.map((terminal, index): TerminalView => {
    const ref = terminalRef(id, index + 1);
    const atRow = row + terminal.row;
    return {
      ref,
      device,
      index: index + 1,
      row: atRow,
      half: terminal.half ?? half,
      label: onPosition
        ? terminalLabel(device, index, numberAt(atRow))
        : `${device.label} ${index + 1}`,
      leg: around.legOf(column, atRow),
      ratingA: ratings,
      handleA: ratings?.value[Math.min(handles[index]!, ratings.value.length - 1)],
      conductors: [],
      circuit: around.circuitAt.get(ref),
    };
  });
  return device;
}

const halfLetter = { upper: 'a', lower: 'b' } as const;

function labelOf(
  place: { kind: 'main' } | { kind: 'position' } | { kind: 'pull-out'; number: number },
  half: 'upper' | 'lower' | undefined,
  numbers: readonly number[],
): string {
  if (place.kind === 'main') return 'Main';
  if (place.kind === 'pull-out') return `Pull-out ${place.number}`;
  return numbers.join('+') + (half ? halfLetter[half] : '');
}

/** 7; the second pole of 9+11 is 11; tandem halves 13a and 13b; a quad's 10a, 10b, 12a, 12b. */
function terminalLabel(device: DeviceView, index: number, positionNumberHere: number): string {
  if (halved(device.form)) return `${positionNumberHere}${'ab'[index % 2]}`;
  return device.height === 1 ? device.label : String(positionNumberHere);
}
