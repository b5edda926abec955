import type { Assessment } from '../../judge/assess/assess';
import { splitRef } from '../../record/entries/thing-types';
import { photosOf } from '../../fieldwork/walk/photos';
import { thingWords } from '../../installation/panel/thing-words';
import type { ReportPhoto } from './report';

/** Photos of the visit with their numbers, and which findings each shows. */
export function reportPhotos(
  { site }: Assessment,
  findings: readonly { number: number; ref: string }[],
  nameOf: (author: string) => string,
): ReportPhoto[] {
  const { reader } = site;
  return photosOf(site).map(({ id, digest, width, height, caption, about, pin }, index) => {
    const fact = reader.fact(id, 'digest')!;
    return {
      number: index + 1,
      digest,
      width,
      height,
      caption,
      about: about && thingWords(about, site),
      pin,
      findings: about
        ? findings.filter(({ ref }) => shows(about, ref)).map((one) => one.number)
        : [],
      by: nameOf(fact.author),
      at: reader.value(id, 'takenAt') ?? fact.at,
    };
  });
}

/** Whether a picture of this thing or part shows where something was found. */
const shows = (about: string, ref: string) => about === ref || about === splitRef(ref).thing;
