import type { Assessment } from '../../judge/assess/assess';
import { splitRef } from '../../record/entries/thing-types';
import { photosOf } from '../../fieldwork/walk/photos';
import { standsToday } from '../../installation/panel/standing-in';
import type { PhotoView } from '../../fieldwork/walk/photos';
import { reportReadings } from './readings';
import type { ReportReading } from './readings';
import type { ReportData, ReportPhoto } from './report';

/** A reading of the issued report beside the one that stands now. */
export interface ReadingPair {
  words: string;
  before: Pick<ReportReading, 'value' | 'level' | 'verdict'> | undefined;
  now: Pick<ReportReading, 'value' | 'level' | 'verdict'> | undefined;
}

/** Photos of an item: those issued with it, and those taken of its place since. */
export interface PhotoPair {
  before: ReportPhoto[];
  now: PhotoView[];
}

type Issued = Pick<ReportData, 'photos' | 'readings'>;

/** Photos of one item, before and since. */
export function photoPair(
  { photos }: Issued,
  item: { number: number; ref: string },
  { site }: Pick<Assessment, 'site'>,
): PhotoPair {
  const issued = new Set(photos.map(({ digest }) => digest));
  const ref = standsToday(site.reader)(item.ref);
  const places = [ref, splitRef(ref).thing];
  return {
    before: photos.filter(({ findings }) => findings.includes(item.number)),
    now: photosOf(site).filter(
      ({ digest, about }) => !issued.has(digest) && about !== undefined && places.includes(about),
    ),
  };
}

/** Readings of one panel that were taken then or since, in the order of the bench. */
export function readingPairs(
  { readings }: Issued,
  panelName: string,
  assessment: Assessment,
): ReadingPair[] {
  const now = reportReadings(assessment, (author) => author).filter(
    (one) => one.panelName === panelName,
  );
  const before = readings.filter((one) => one.panelName === panelName);
  const words = [...new Set([...now, ...before].map((one) => one.words))];
  return words.map((each) => ({
    words: each,
    before: before.find((one) => one.words === each),
    now: now.find((one) => one.words === each),
  }));
}
