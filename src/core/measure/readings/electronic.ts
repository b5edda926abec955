import type { FactReader } from '../../record/entries/fact-reader';
import type { DeviceView } from '../../installation/panel/views';

/** A breaker with ground-fault or arc-fault protection, as far as it was read. */
export function isElectronic({ id }: DeviceView, reader: FactReader): boolean {
  const protection = reader.value(id, 'protection');
  return protection !== undefined && protection !== 'ordinary';
}
