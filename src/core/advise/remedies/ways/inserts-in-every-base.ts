import { one } from '../panel-work/one';
import type { Ways } from '../panel-work/one';
import { renewFuse, sizeOfFuse } from '../panel-work/devices';

/** Every base that takes any size gets an insert, with a fuse of the wire’s size. */
export const insertsInEveryBase: Ways = (here) => {
  const bases = here.finding.outcome.facts
    .filter(({ property }) => property === 'fuseBase')
    .map(({ about }) => about);
  return one(
    here,
    (work) => {
      for (const id of bases) {
        const device = work.device(id);
        if (!device || work.reader.value(device.id, 'fuseBase') === 'size-limiting') continue;
        const ratingA = sizeOfFuse(here, device);
        if (ratingA === undefined) return `the wire of fuse ${device.label} was not read`;
        renewFuse(work, device, ratingA);
      }
      return undefined;
    },
    { parts: { 'fuse-insert': bases.length, 'plug-fuse': bases.length } },
  );
};
