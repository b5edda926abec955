import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { renewFuse, sizeOfFuse } from '../panel-work/devices';

/** A fuse of the wire’s size, in an insert that takes no larger one. */
export const rightFuse: Ways = (here) => {
  const device = here.device;
  if (!device) return [];
  const ratingA = sizeOfFuse(here, device) ?? here.figure('limitA');
  if (here.message === 'plate-conductor' || ratingA === undefined) return [];
  return one(here, (work) => renewFuse(work, work.device(device.id)!, ratingA), {
    says:
      device.form === 'pull-out'
        ? `Fuses ${device.label} by ${ratingA} A`
        : `Fuse ${device.label}: ${ratingA} A, in a size-limiting insert`,
  });
};
