import { panelPlace } from '../../check/places';
import { properties } from '../../../record/entries/properties';
import { listed } from '../../../vocabulary/phrases';
import { statesOf } from '../../check/states';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

const say = 'look for pipes and pumps over and under the panel';
const words = properties.waterNearby.choices as Readonly<Record<string, string>>;

/** 110.26(E): nothing foreign in the space over and under the equipment. */
export const waterNear = defineRule({
  id: 'access/water-near',
  title: 'Water near the panel',
  stage: 4,
  hazards: ['shock', 'damage'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'Foreign piping over or under the panel within its space, or a pump below it. Drip marks count as moisture and raise the likelihood.',
  example: 'A waste pipe crossing above the panel, with drip marks on the cover.',
  sources: [{ code: '110.26(E)', says: 'dedicated space over and under the equipment' }],
  who: 'the owner; a plumber; a licensed electrician',
  remedies: ['drip-shield', 'move-pipe', 'move-panel'],
  messages: {
    near: {
      short: 'Water near: {value}',
      seen: 'Near the panel: {value}.',
      why: 'A leak from there runs into the panel over live parts.',
      ask: 'The water led away from the panel, and the panel looked at inside for damp.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Over and under the panel')],
  quiet: { unless: ['waterNearby', 'waterNear'], property: 'waterNearby', say },
  check({ ref }, { site: { reader } }) {
    const read = statesOf(reader, ref, 'waterNearby', 'waterNear', 'none');
    if (!read) return notSeen(want(ref, 'waterNearby', say));
    const { states, facts } = read;
    if (states.length === 0) return clear('none', ...facts);
    return found('near', { value: listed(states.map((state) => words[state] ?? state)) }, facts, {
      ...(states.includes('drip') && {
        base: { severity: 3, likelihood: 3, because: 'drip marks: moisture at the place' },
      }),
    });
  },
});
