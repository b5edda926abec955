import type { Assessment } from '../../judge/assess/assess';
import { properties } from '../../record/entries/properties';
import { notesOf } from '../../fieldwork/walk/notes';
import { thingWords } from '../../installation/panel/thing-words';
import type { ReportNote, Referral } from './report';

/** What lies outside an inspection of the panel and is handed on, as somebody noted it. */
export function referrals({ site }: Assessment, nameOf: (author: string) => string): Referral[] {
  return notesOf(site).flatMap(({ id, words, recording, about, dismissed, referTo }) =>
    referTo && !dismissed
      ? {
          to: properties.referTo.choices[referTo],
          words: words || (recording ? 'Spoken on the visit, not written out yet.' : ''),
          about: about && thingWords(about, site),
          by: nameOf(site.reader.fact(id, 'referTo')!.author),
        }
      : [],
  );
}

/** Notes that have their place and say something a finding does not. */
export function reportNotes(
  { site }: Assessment,
  nameOf: (author: string) => string,
): ReportNote[] {
  return notesOf(site).flatMap(({ id, words, about, dismissed, referTo }) =>
    about && words && !referTo && !dismissed
      ? {
          about: thingWords(about, site),
          words,
          by: nameOf(site.reader.fact(id, 'words')!.author),
        }
      : [],
  );
}
