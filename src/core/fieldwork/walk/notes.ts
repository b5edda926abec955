import type { PropertyValue } from '../../record/entries/properties';
import { standsToday } from '../../installation/panel/standing-in';
import type { SiteView } from '../../installation/panel/site-view';

/** A note as kept: placed, waiting for a place, or dismissed. */
export interface NoteView {
  id: string;
  /** Empty: it was spoken, and not written out. */
  words: string;
  /** What was spoken; undefined: it was written. */
  recording: { digest: string; seconds: number } | undefined;
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
      recording: recordingOf(reader, id),
      about: today(reader.value(id, 'aboutThing')),
      dismissed: reader.value(id, 'dismissed') ?? false,
      referTo: reader.value(id, 'referTo'),
    }));
}

function recordingOf(reader: SiteView['reader'], id: string): NoteView['recording'] {
  const digest = reader.value(id, 'recording');
  return digest === undefined
    ? undefined
    : { digest, seconds: reader.value(id, 'recordingSeconds') ?? 0 };
}

/** Notes that were spoken and are not written out: a report has no words of theirs. */
export const notWrittenOut = (site: SiteView) =>
  notesOf(site).filter(({ recording, words, dismissed }) => recording && !words && !dismissed);

/** Notes that still wait for a place. */
export const unplacedNotes = (site: SiteView) =>
  notesOf(site).filter((note) => !note.about && !note.dismissed && !note.referTo);
