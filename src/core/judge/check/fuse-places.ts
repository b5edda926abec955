import type { FactReader } from '../../record/entries/fact-reader';
import type { DevicePlace } from './places';
import type { Scene } from './rule';

/** The plug fuses of the panel. */
export const plugFuses = ({ places }: Scene): readonly DevicePlace[] =>
  places.devices.filter(({ device }) => device.form === 'plug-fuse');

/** Everything that holds a fuse: plugs, pull-out blocks, a main pull-out. */
export const fuseHolders = ({ places, panel, site: { reader } }: Scene): readonly DevicePlace[] =>
  places.allDevices.filter(
    ({ device }) =>
      device.form === 'plug-fuse' ||
      device.form === 'pull-out' ||
      (device.isMain &&
        (panel.kind === 'fuse' || reader.value(panel.id, 'mainKind') === 'pull-out')),
  );

/** Fuses that stood in a base before the one that stands there, the last first. */
export function fusesBefore(reader: FactReader, id: string): string[] {
  const before: string[] = [];
  for (
    let at = reader.value(id, 'insteadOf');
    at !== undefined && !before.includes(at);
    at = reader.value(at, 'insteadOf')
  )
    before.push(at);
  return before;
}
