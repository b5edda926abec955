import type { PropertyValue } from '../../record/entries/properties';
import { standsToday } from '../../installation/panel/standing-in';
import type { SiteView } from '../../installation/panel/site-view';

/** A note as kept: placed, waiting for a place, or dismissed. */
export interface NoteView {
  id: string;
  words: string;
  about: string | undefined;
  dismissed: boolean;
  /** Handed on to another trade: it needs no place. */
  referTo: PropertyValue<'referTo'> | undefined;
}

/** All notes of the inspection, in the order they were made. */
export function notesOf({ reader }: SiteView): NoteView[] {
  const stands = standsToday(reader);
  const today = (about: string | undefined) => about && stands(about);
  return [...reader.inspection.things.values()]
    .filter((thing) => thing.type === 'note' && !reader.value(thing.id, 'removed'))
    .map(({ id }) => ({
      id,
      words: reader.value(id, 'words') ?? '',
      about: today(reader.value(id, 'aboutThing')),
      dismissed: reader.value(id, 'dismissed') ?? false,
      referTo: reader.value(id, 'referTo'),
    }));
}

/** Notes that still wait for a place. */
export const unplacedNotes = (site: SiteView) =>
  notesOf(site).filter((note) => !note.about && !note.dismissed && !note.referTo);
