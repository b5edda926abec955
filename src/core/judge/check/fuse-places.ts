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
