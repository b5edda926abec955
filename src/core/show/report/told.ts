import type { Assessment } from '../../judge/assess/assess';
import type { PropertyName } from '../../record/entries/properties';
import { propertySpec } from '../../record/entries/properties';
import type { Fact } from '../../record/entries/inspection';
import type { ReportData } from './report';
import { stops } from './reassurance';
import { valueWords } from './value-words';

const ofSite: readonly PropertyName[] = [
  'clientRole',
  'visitKind',
  'present',
  'mayShutOff',
  'shutOffBy',
  'mustStayOn',
  'nextUse',
  'plannedWorks',
  'plannedWorksOn',
  'saleOn',
  'permitNumber',
];
const ofWork: readonly PropertyName[] = ['workDone', 'workYear', 'permitNumber'];
const ofBuilding: readonly PropertyName[] = ['permitsKnown', 'metalTouched', 'listened', 'goOn'];

/** What was told, agreed and known beforehand. */
export function toldAndAgreed({ site }: Pick<Assessment, 'site'>): ReportData['told'] {
  const { reader } = site;
  const said = (about: string, names: readonly PropertyName[], of = '') =>
    names.flatMap((name) => {
      const fact = reader.fact(about, name);
      if (!fact) return [];
      const words = valueWords(fact, site);
      return words === '' ? [] : [{ label: `${propertySpec(name)!.label}${of}`, says: words }];
    });
  const things = [...reader.inspection.things.values()].filter(
    ({ id }) => !reader.value(id, 'removed'),
  );
  const many = site.buildings.length > 1;
  return [
    ...(site.site ? said(site.site, ofSite) : []),
    ...site.buildings.flatMap(({ id, name }) => said(id, ofBuilding, many ? `, ${name}` : '')),
    ...things
      .filter(({ type }) => type === 'work')
      .flatMap(({ id }) => {
        const words = said(id, ofWork).map(({ says }) => says);
        return words.length > 0 ? [{ label: 'Works known', says: words.join(', ') }] : [];
      }),
  ];
}

/** Symptoms as told, in a sentence; that nobody was asked is said too. */
export function symptomsSentence({ site }: Pick<Assessment, 'site'>): string {
  const told = site.site ? site.reader.fact(site.site, 'symptoms') : undefined;
  if (!told) return 'Whether anything was noticed beforehand was not recorded.';
  return told.value.length > 0
    ? `Told beforehand: ${valueWords(told as Fact, site)}.`
    : 'Told beforehand: nothing was noticed.';
}

/** What stands above everything in the report. */
export const reportHead = (assessment: Pick<Assessment, 'site'>): string[] =>
  stops(assessment).map(
    ({ name, toldWhom }) =>
      `The inspection of ${name} was stopped at the approach: it was not safe to go on. ${toldWhom ? `Told: ${toldWhom}.` : 'Nobody is recorded as told.'} Nobody should touch or open anything there before a licensed electrician or the utility has made it safe.`,
  );
