import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { met, notMet } from '../condition';
import { deviceWordOf, partsOfDevice, renewDevice, renewFuse } from '../panel-work/devices';
import { loadWithin } from '../panel-work/load';
import { deviceOn } from '../device-on';
import { ratingsOf } from '../../../fieldwork/recording/replacement';
import { capital } from '../../../vocabulary/phrases';
import { largestDeviceA } from '../../../codes/yardstick/conductor-limit';

/** A device as small as the open wire allows. */
export const smallerOnCable: Ways = (here) => {
  const ratings = here.finding.outcome.facts.find(({ property }) => property === 'handleRatingsA');
  const device = ratings && deviceOn(here.panel, ratings.about);
  if (!device) return [];
  const limits = device.terminals.flatMap(({ conductors }) =>
    conductors.flatMap(({ size, metal }) =>
      size && metal
        ? (largestDeviceA(here.yardstick, metal.value, size.value, 60, false) ?? [])
        : [],
    ),
  );
  const ratingA = Math.min(...limits);
  if (!Number.isFinite(ratingA)) return [];
  const states = here.finding.outcome.facts.find(({ property }) => property === 'porcelainState')
    ?.value as string[] | undefined;
  return one(
    here,
    (work) => {
      const now = work.device(device.id)!;
      if (now.form === 'plug-fuse') renewFuse(work, now, ratingA);
      else renewDevice(work, now, { handleRatingsA: ratingsOf(now.form, ratingA) });
    },
    {
      says: `${capital(deviceWordOf(device))} ${device.label}: ${ratingA} A`,
      conditions: [
        (states ?? []).some((state) => state !== 'over-protected')
          ? notMet('more is wrong with it than its device')
          : met('only its device is too large'),
        loadWithin(here, device, ratingA),
      ],
      parts:
        device.form === 'plug-fuse'
          ? { 'plug-fuse': 1, 'fuse-insert': 1 }
          : partsOfDevice(here, device),
    },
  );
};
