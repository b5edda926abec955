import type { FactReader } from '../panel/reader';
import type { DeviceView } from '../panel/views';

/** A breaker with ground-fault or arc-fault protection, as far as it was read. */
export function isElectronic({ id }: DeviceView, reader: FactReader): boolean {
  const protection = reader.value(id, 'protection');
  return protection !== undefined && protection !== 'ordinary';
}
