import { formOf, halved } from '../../vocabulary/device-forms';
import { positionOfNumber } from '../../vocabulary/numbering';
import type { DeviceView } from '../../installation/panel/views';
import { Changes } from './changes';
import type { Recorded, RecordingBench } from './recording-bench';

export interface NewPosition {
  /** Printed number of its first position. */
  number: number;
  /** Of a half-width one. */
  half?: 'upper' | 'lower';
}

/** Puts a device on another position. It keeps its wires, its name and what was recorded of it. */
export function moveDevice(device: DeviceView, to: NewPosition, bench: RecordingBench): Recorded {
  const { panel, site } = bench;
  if (device.stands !== 'position')
    return {
      ok: false,
      message: `${device.label} stands in a place of its own, not on a position`,
    };
  const place = positionOfNumber(panel.layout, to.number);
  if (!place) return { ok: false, message: `there is no position ${to.number}` };
  if (to.half && halved(device.form))
    return { ok: false, message: `a ${formOf(device.form).short} takes the whole position` };
  const half = device.form === 'half' ? (to.half ?? 'upper') : undefined;
  const rows = panel.layout.rows;
  if (place.row + device.height - 1 > rows)
    return {
      ok: false,
      message: `${device.label} takes ${device.height} positions, and below ${to.number} there are not as many`,
    };
  const changes = new Changes(site.reader);
  changes.say(device.id, { place: { kind: 'position', ...place, ...(half && { half }) } });
  return { ok: true, drafts: changes.drafts };
}
