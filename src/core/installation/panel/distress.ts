import type { Fact } from '../../record/entries/inspection';
import type { FactReader } from '../../record/entries/fact-reader';
import type { PanelView } from './views';

const distress = ['heatMark', 'melted', 'arcing', 'failedTrip'] as const;

/** Heat, arcing, looseness or a failed trip recorded at a breaker of the panel, the first of them. */
export function distressIn(
  panel: Pick<PanelView, 'devices' | 'main' | 'positions'>,
  reader: FactReader,
): Fact | undefined {
  for (const device of [...panel.devices, ...(panel.main ? [panel.main] : [])]) {
    const abouts = [device.id, ...device.terminals.map((terminal) => terminal.ref)];
    const positions = panel.positions
      .filter((one) => one.devices.includes(device))
      .map((one) => one.ref);
    for (const about of [...abouts, ...positions])
      for (const property of distress)
        if (reader.value(about, property)) return reader.fact(about, property) as Fact;
    for (const about of abouts) {
      const tightness = reader.fact(about, 'tightness');
      if (tightness && tightness.value !== 'firm') return tightness as Fact;
    }
    if (reader.value(device.id, 'wear') === 'fails-test')
      return reader.fact(device.id, 'wear') as Fact;
  }
  return undefined;
}
