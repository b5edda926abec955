import type { DeviceView, PanelView } from '../../installation/panel/views';
import { splitRef } from '../../record/entries/thing-types';

/** The device that is, or holds the screw of, a reference. */
export function deviceOn(panel: PanelView, ref: string): DeviceView | undefined {
  const { thing } = splitRef(ref);
  return [...panel.devices, ...panel.pullOuts, ...(panel.main ? [panel.main] : [])].find(
    ({ id }) => id === thing,
  );
}
