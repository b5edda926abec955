import type { FactReader } from '../../record/entries/fact-reader';
import type { TerminalView } from '../../installation/panel/views';

/**
 * Temperature mark that counts for a circuit, °C: the lower of breaker and far end (110.14(C)). One end
 * marked 60 decides; one marked 75 alone does not. Undefined: not read at both ends.
 */
export function terminalMarkC(
  { device, circuit }: Pick<TerminalView, 'device' | 'circuit'>,
  reader: FactReader,
): 60 | 75 | undefined {
  const together = reader.value(device.id, 'temperatureMarkC');
  if (together !== undefined) return together;
  const here = reader.value(device.id, 'breakerMarkC');
  const far = circuit && reader.value(circuit.id, 'farEndMarkC');
  if (here === 60 || far === 60) return 60;
  return here === 75 && far === 75 ? 75 : undefined;
}
