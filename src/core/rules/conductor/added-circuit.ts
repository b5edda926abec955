import type { PropertyValue } from '../../entries/properties';
import { clear, defineRule, found, likelyNotSeen, notSeen, want } from '../rule';

/** First year of each age a jacket tells. */
const fromYear: Record<PropertyValue<'cableAge'>, number> = {
  'to-1945': 1880,
  '1920-1955': 1920,
  '1950-1970': 1950,
  '1967-1984': 1967,
  '1985-2000': 1985,
  'from-2001': 2001,
};
const clearlyYounger = 5;

/** A circuit clearly younger than its panel was added: ask for the paper. */
export const addedCircuit = defineRule({
  id: 'conductor/added-circuit',
  title: 'Circuit added later, without a permit',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 2, likelihood: 2 },
  behindCover: true,
  finds:
    'A cable whose jacket is clearly younger than the panel, in a building of which works without a permit are known. With the permits unknown it is not seen, likely: ask for the paper, and look at the rooms it feeds. Yellow, orange and black jackets by size are of 2001 or later.',
  example: 'A yellow jacket in a panel of 1964, no paper for it.',
  sources: [{ code: 'local permits', says: 'work that nobody inspected' }],
  who: 'the owner, who may have the paper; a licensed electrician',
  remedies: ['The paper found', 'The added part inspected as new work'],
  remediesInOrder: true,
  messages: {
    added: {
      short: '{place}: of {age} or later in a panel of {panelYear}',
      seen: '{place} is by its jacket of {age} or later; the panel is of {panelYear}, and works without a permit are known.',
      why: 'Nobody looked at this addition when it was made; what came with it stands in the rooms it feeds.',
      ask: 'The permit, or an inspection of the added circuit from end to end.',
    },
  },
  places: ({ places }) => places.cables,
  check({ cable }, { site: { reader }, panel }) {
    const said = reader.fact(cable.id, 'cableAge');
    const jacket = reader.fact(cable.id, 'jacket');
    const byColour =
      jacket && ['yellow', 'orange', 'black'].includes(jacket.value) ? 2001 : undefined;
    const age = said ? fromYear[said.value] : byColour;
    const year = reader.fact(panel.id, 'yearBuilt') ?? reader.fact(panel.building, 'yearBuilt');
    if (age === undefined)
      return jacket
        ? clear('its jacket tells no age', jacket)
        : notSeen(want(cable.id, 'cableAge', 'tell its age by the jacket'));
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
