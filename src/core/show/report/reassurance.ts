import type { Assessment } from '../../judge/assess/assess';
import { properties } from '../../record/entries/properties';
import type { Fact } from '../../record/entries/inspection';
import { listed } from '../../vocabulary/phrases';

/** Symptoms told that may be a danger, whatever was seen. */
const grave: readonly string[] = ['shocks', 'smell', 'crackle', 'over-voltage'];

/** What was told, smelled or felt and stands unexplained: nobody may be reassured beside it. */
export interface Unexplained {
  words: string;
  fact: Fact;
}

/** Told symptoms, signs at the approach, and a stop: each speaks against any sentence of reassurance. */
export function unexplained({ site }: Pick<Assessment, 'site'>): Unexplained[] {
  const { reader } = site;
  const found: Unexplained[] = [];
  const told = site.site ? reader.fact(site.site, 'symptoms') : undefined;
  const said = (told?.value ?? []).filter((symptom) => grave.includes(symptom));
  if (told && said.length > 0)
    found.push({
      words: listed(
        said.map(
          (one) => (properties.symptoms.choices as Readonly<Record<string, string>>)[one] ?? one,
        ),
      ),
      fact: told as Fact,
    });
  const places = [...site.buildings.map(({ id }) => id), ...site.panels.map(({ id }) => id)];
  for (const about of places) {
    const stop = reader.fact(about, 'goOn');
    if (stop?.value === 'stop')
      found.push({ words: 'what made the inspector stop at the approach', fact: stop as Fact });
    const touched = reader.fact(about, 'metalTouched');
    if (touched && touched.value !== 'quiet')
      found.push({ words: properties.metalTouched.choices[touched.value], fact: touched as Fact });
    const heard = reader.fact(about, 'listened');
    if (heard && (heard.value === 'smell' || heard.value === 'crackle'))
      found.push({ words: properties.listened.choices[heard.value], fact: heard as Fact });
  }
  return found;
}

const keyOfFact = ({ about, property }: Fact): string => `${about}|${property}`;

/** Signs that no finding rests on; that the visit was stopped stands at the head. */
export function unexplainedBesides(assessment: Pick<Assessment, 'site' | 'findings'>): string[] {
  const explained = new Set(
    assessment.findings.flatMap(({ outcome, absorbed }) =>
      [outcome, ...absorbed.map((one) => one.outcome)].flatMap((one) =>
        'facts' in one ? (one.facts ?? []).map(keyOfFact) : [],
      ),
    ),
  );
  return unexplained(assessment).flatMap(({ words, fact }) =>
    fact.property === 'goOn' || explained.has(keyOfFact(fact)) ? [] : words,
  );
}

/** Where the inspector stopped, and whom that was told. */
export function stops({ site }: Pick<Assessment, 'site'>): {
  building: string;
  name: string;
  toldWhom: string | undefined;
}[] {
  const { reader } = site;
  return site.buildings
    .filter(({ id }) => reader.value(id, 'goOn') === 'stop')
    .map(({ id, name }) => ({ building: id, name, toldWhom: reader.value(id, 'toldWhom') }));
}

/** Share of the checks below which nothing can be said of the whole. */
const enoughSeen = 0.6;

/** Whether too little was seen to say that nothing is wrong: a cover not off, or many checks not made. */
export function tooLittleSeen({ site, coverage }: Pick<Assessment, 'site' | 'coverage'>): boolean {
  const opened = site.panels.every(({ id }) => site.reader.value(id, 'coverOpened') === 'opened');
  return site.panels.length === 0 || !opened || coverage.seenShare < enoughSeen;
}
