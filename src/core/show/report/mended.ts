import type { Assessment } from '../../judge/assess/assess';
import type { MendedFinding } from '../../judge/assess/mend';
import { photosOf } from '../../fieldwork/walk/photos';
import { keyToday } from '../../installation/panel/standing-in';
import { propertySpec } from '../../record/entries/properties';
import type { PropertyValue } from '../../record/entries/properties';
import type { WhyHere } from '../../model/simulation/explain';
import { counted } from '../../vocabulary/phrases';
import { itemsOf } from '../../judge/grading/items';
import type { Finding } from '../../judge/grading/finding';
import { thingWords } from '../../installation/panel/thing-words';
import { reportFinding } from './compose-finding';
import type { Provenance } from './provenance';
import { nameOf } from './provenance';
import type { ReportData, ReportMended, ReportPhoto } from './report';
import { valueWords } from './value-words';

/** Whether it counts as mended, said so that nobody reads more into it than was recorded. */
const nowWords: Record<MendedFinding['now'], string> = {
  mended: 'By what was recorded after the work it is not found any more.',
  gone: 'What it was found at was taken out; nothing is found in its place by what was recorded.',
  'not-seen':
    'What was recorded after the work does not show whether it is mended. Treat it as not mended.',
  found: 'By what was recorded after the work it is still found, and stands among the findings.',
};

export const countsAsMended = ({ now }: Pick<MendedFinding, 'now'>) =>
  now === 'mended' || now === 'gone';

/** What was mended on the visit, as it was found, with the work, the readings and the photos. */
export function reportMended(
  assessment: Assessment,
  first: number,
  frame: Provenance,
  why: (finding: Finding) => WhyHere | undefined,
  photos: readonly ReportPhoto[],
): ReportData['mended'] {
  const { mended, asFound, site } = assessment;
  if (!asFound || mended.length === 0) return undefined;
  const visit = site.site ? site.reader.value(site.site, 'visitKind') : undefined;
  const taken = photosOf(site);
  const findings = mendedItems(assessment).map(
    ({ places, mended: { mend, now } }, index): ReportMended => {
      const number = first + index;
      const shows = new Set(
        photos.filter(({ findings }) => findings.includes(number)).map((one) => one.number),
      );
      const after = taken.flatMap(({ id }, at) => {
        const { entry } = site.reader.inspection.things.get(id)!;
        return shows.has(at + 1) && mend.entries.has(entry) ? [at + 1] : [];
      });
      return {
        finding: reportFinding({ places }, number, asFound, frame, why, photos),
        by: mend.by,
        how: mend.how,
        parts: mend.parts,
        at: mend.at,
        author: nameOf(mend.author, frame),
        readings: mend.readings.map(
          (fact) =>
            `${thingWords(fact.about, site)}, ${propertySpec(fact.property)!.label.toLowerCase()}: ${valueWords(fact, site)}`,
        ),
        before: [...shows].filter((one) => !after.includes(one)),
        after,
        now,
        says: nowWords[now],
      };
    },
  );
  return { title: mendedTitle(visit), says: mendedSentence(mended, visit) ?? '', findings };
}

/** Where what was mended was found, as it is known today: for the photos that show it. */
export const mendedPlaces = (assessment: Assessment, first: number) =>
  mendedItems(assessment).flatMap(({ places }, index) =>
    places.map(({ finding }) => {
      const key = keyToday(assessment.site.reader, finding.key);
      return { number: first + index, ref: key.slice(key.indexOf('|') + 1) };
    }),
  );

/** Like things mended by one work and standing alike since are told once. */
function mendedItems({ mended, settings }: Pick<Assessment, 'mended' | 'settings'>) {
  const of = new Map(mended.map((one) => [one.finding, one]));
  const standing = (finding: Finding) => {
    const { mend, now } = of.get(finding)!;
    return `${mend.id}|${now}`;
  };
  return itemsOf(
    mended.map(({ finding }) => finding),
    settings,
    standing,
  ).map(({ places }) => ({ places, mended: of.get(places[0]!.finding)! }));
}

/** What was mended, in the words of the visit; nothing where nothing was said to be. */
export function mendedSentence(
  mended: readonly Pick<MendedFinding, 'now'>[],
  visit: PropertyValue<'visitKind'> | undefined,
): string | undefined {
  if (mended.length === 0) return undefined;
  const closed = mended.filter(countsAsMended).length;
  const open = mended.length - closed;
  const things =
    closed === 1 ? 'One thing that was found was' : `${closed} things that were found were`;
  const more =
    open === 0
      ? []
      : [
          `${counted(open, 'thing')} said to be mended ${open === 1 ? 'is' : 'are'} not shown to be so by what was recorded.`,
        ];
  return [...(closed > 0 ? [`${things} ${doneWords[visit ?? 'round']}.`] : []), ...more].join(' ');
}

const doneWords: Record<PropertyValue<'visitKind'>, string> = {
  sale: 'put right before the inspector left; ask for the bill of whoever did it',
  service: 'put right in this call',
  permit: 'corrected at the inspection and looked at again',
  round: 'put right on this visit',
  return: 'put right on this return visit',
};

/** Heading over what was mended, in the words of the visit. */
export const mendedTitle = (visit: PropertyValue<'visitKind'> | undefined): string =>
  visit === 'permit'
    ? 'Corrected at the inspection'
    : visit === 'service'
      ? 'Found and put right in this call'
      : 'Found, and put right on the visit';
