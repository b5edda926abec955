import type { Fact } from '../../record/entries/inspection';
import type { FactReader } from '../../record/entries/fact-reader';
import type { BarTerminalView, BarView, TerminalView } from './views';

/**
 * The count somebody made of everything under a screw, where the record holds all of it.
 * Without such a count one recorded conductor means at least one.
 */
export function countedScrew(
  reader: FactReader,
  screw: Pick<TerminalView | BarTerminalView, 'ref' | 'conductors'>,
): Fact<number> | undefined {
  const count = reader.fact(screw.ref, 'conductorCount');
  return count && screw.conductors.length >= count.value ? count : undefined;
}

/** The count of all conductors on a bar, where the record holds all of them. */
export function countedBar(reader: FactReader, bar: BarView): Fact<number> | undefined {
  const count = reader.fact(bar.id, 'conductorCount');
  return count && bar.landed >= count.value ? count : undefined;
}

/** A bar screw is complete by its own count or by the bar's. */
export function countedBarScrew(
  reader: FactReader,
  terminal: BarTerminalView,
): Fact<number> | undefined {
  return countedScrew(reader, terminal) ?? countedBar(reader, terminal.bar);
}
