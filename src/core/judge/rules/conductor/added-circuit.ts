import { cableYear, clearlyYounger } from '../../../installation/panel/cable-age';
import { clear, defineRule, found, likelyNotSeen, notSeen, want } from '../../check/rule';

/** A circuit clearly younger than its panel was added: ask for the paper. */
export const addedCircuit = defineRule({
  id: 'conductor/added-circuit',
  title: 'Circuit added later, without a permit',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 2, likelihood: 2 },
  behindCover: true,
  finds:
    'A cable whose jacket is clearly younger than the panel, in a building of which works without a permit are known. With the permits unknown it is not seen, likely: ask for the paper, and look at the rooms it feeds. Yellow, orange and black jackets by size are of 2001 or later. A jacket that tells no age is clear only where nothing was ever changed; a permit or a work recorded of the cable or its circuit answers.',
  example: 'A yellow jacket in a panel of 1964, no paper for it.',
  sources: [{ code: 'local permits', says: 'work that nobody inspected' }],
  who: 'the owner, who may have the paper; a licensed electrician',
  remedies: ['paper-found', 'inspected-as-new'],
  remediesInOrder: true,
  messages: {
    said: {
      short: '{place}: added without a permit',
      seen: '{place} was added since the panel was built, without a permit.',
      why: 'Nobody looked at this addition when it was made; what came with it stands in the rooms it feeds.',
      ask: 'An inspection of the added circuit from end to end.',
    },
    added: {
      short: '{place}: of {age} or later in a panel of {panelYear}',
      seen: '{place} is by its jacket of {age} or later; the panel is of {panelYear}, and works without a permit are known.',
      why: 'Nobody looked at this addition when it was made; what came with it stands in the rooms it feeds.',
      ask: 'The permit, or an inspection of the added circuit from end to end.',
    },
  },
  asks: 'cable',
  places: ({ places }) => places.cables,
  check({ cable, conductors }, { site: { reader }, panel }) {
    const told = cableYear(reader, cable.id);
    const age = told?.year;
    const said = told?.fact;
    const jacket = reader.fact(cable.id, 'jacket');
    const year = reader.fact(panel.id, 'yearBuilt') ?? reader.fact(panel.building, 'yearBuilt');
    const works = reader.isRecorded('underPermit') || reader.isRecorded('partWork');
    const circuits = works
      ? conductors.flatMap(
          ({ landsOn }) =>
            (landsOn?.value && panel.terminals.get(landsOn.value)?.circuit?.id) || [],
        )
      : [];
    const abouts = [cable.id, ...circuits];
    const paper = firstOf(abouts, (about) => reader.fact(about, 'underPermit'));
    const part = firstOf(abouts, (about) => reader.fact(about, 'partWork'));
    if (paper) return clear(`permit ${paper.value}`, paper);
    if (part?.value === 'permitted') return clear('with a permit', part);
    if (part?.value === 'no-permit') return found('said', {}, [part]);
    if (age === undefined) {
      const permits = reader.fact(panel.building, 'permitsKnown');
      const signs = reader.fact(panel.id, 'signsOfOpening');
      if (part?.value === 'none') return clear('not added since it was built', part);
      return permits?.value === 'none' && signs?.value.length === 0
        ? clear('no works known, and the panel shows none', permits, signs, jacket)
        : notSeen(
            jacket
              ? want(cable.id, 'partWork', 'its jacket tells no age: ask whether it was added')
              : want(cable.id, 'cableAge', 'tell its age by the jacket'),
          );
    }
    if (!year) return notSeen(want(panel.id, 'yearBuilt', 'find the year of the panel'));
    if (age <= year.value + clearlyYounger)
      return clear('of the age of the panel', said ?? jacket, year);
    const permits = reader.fact(panel.building, 'permitsKnown');
    if (!permits || permits.value === 'unknown')
      return likelyNotSeen(
        [said ?? jacket, year],
        want(panel.building, 'permitsKnown', 'ask for the permit of what was added'),
      );
    if (permits.value === 'permitted') return clear('with a permit', permits, said ?? jacket);
    return found('added', { age, panelYear: year.value }, [said ?? jacket, year, permits]);
  },
});

/** The first of several things of which a fact was recorded. */
function firstOf<F>(abouts: readonly string[], of: (about: string) => F | undefined) {
  for (const about of abouts) {
    const fact = of(about);
    if (fact !== undefined) return fact;
  }
  return undefined;
}
