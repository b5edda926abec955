import { standsToday } from '../../installation/panel/standing-in';
import type { SiteView } from '../../installation/panel/site-view';

/** A photo of the visit and where it belongs. */
export interface PhotoView {
  id: string;
  digest: string;
  width: number;
  height: number;
  caption: string | undefined;
  about: string | undefined;
  /** The point it shows, as shares of width and height. */
  pin: { x: number; y: number } | undefined;
}

/** All photos of the inspection, in the order they were added. */
export function photosOf({ reader }: SiteView): PhotoView[] {
  const stands = standsToday(reader);
  const today = (about: string | undefined) => about && stands(about);
  return [...reader.inspection.things.values()].flatMap((thing): PhotoView[] => {
    const digest = reader.value(thing.id, 'digest');
    if (thing.type !== 'photo' || !digest || reader.value(thing.id, 'removed')) return [];
    return [
      {
        id: thing.id,
        digest,
        width: reader.value(thing.id, 'pictureWidth') ?? 4,
        height: reader.value(thing.id, 'pictureHeight') ?? 3,
        caption: reader.value(thing.id, 'caption'),
        about: today(reader.value(thing.id, 'aboutThing')),
        pin: reader.value(thing.id, 'pin'),
      },
    ];
  });
}
