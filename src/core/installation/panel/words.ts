import type { ConductorMetal, Size } from '../../vocabulary/size';
import { metalWords } from '../../vocabulary/size';
import type { CircuitView, ConductorView, DeviceView, TerminalView } from './views';

/** "12 copper" */
export const sizeWords = (size: Size, metal: ConductorMetal) => `${size} ${metalWords[metal]}`;

/** "12 copper", or what of it is known. */
export function conductorWords(conductor: ConductorView): string {
  const size = conductor.size?.value;
  const metal = conductor.metal?.value;
  if (size && metal) return sizeWords(size, metal);
  return size ?? (metal ? metalWords[metal] : 'size not read');
}

/** "Kitchen left", or "no name". */
export const circuitWords = (circuit: CircuitView | undefined) => circuit?.name ?? 'no name';

/** What a breaker feeds, by its terminals' circuits. */
export function deviceCircuitWords(device: DeviceView): string {
  const names = device.terminals
    .map((terminal) => terminal.circuit?.name)
    .filter((name) => name !== undefined);
  return [...new Set(names)].join(' / ');
}

/** "7 Kitchen left" */
export const terminalWords = (terminal: TerminalView) =>
  [terminal.label, terminal.circuit?.name].filter(Boolean).join(' ');
