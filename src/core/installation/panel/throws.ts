import { formOf } from '../../vocabulary/device-forms';
import type { FactReader } from '../../record/entries/fact-reader';
import type { DeviceView, PanelView } from './views';

/** Hand movements that open these devices; singles tied together by a listed tie are one. */
export function throwsOf(devices: readonly DeviceView[], reader: FactReader): number {
  let throws = 0;
  let tiedSingles = 0;
  for (const device of devices) {
    const form = formOf(device.form);
    if (form.noHandle) continue;
    const handles = new Set(form.handles).size;
    const tie = reader.value(device.id, 'tie');
    if (handles === 1 && device.height === 1 && (tie === 'listed' || tie === 'factory'))
      tiedSingles += 1;
    else throws += handles;
  }
  return throws + Math.ceil(tiedSingles / 2);
}

/** Devices whose handles shut the panel off: its main, its pull-outs, the upper section, else all of them. */
export function shutOffDevices(panel: PanelView): readonly DeviceView[] {
  if (panel.main || panel.pullOuts.length > 0)
    return [...(panel.main ? [panel.main] : []), ...panel.pullOuts];
  const { upperRows } = panel;
  if (upperRows !== undefined) return panel.devices.filter((device) => device.row <= upperRows);
  return panel.devices;
}
