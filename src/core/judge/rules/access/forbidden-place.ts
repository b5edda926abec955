import { panelPlace } from '../../check/places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

const words = {
  bathroom: 'in a bathroom',
  'clothes-closet': 'in a clothes closet',
  'over-steps': 'over the steps of a stair',
};

/** 240.24(D), (E), (F): not in clothes closets, bathrooms, over steps. */
export const forbiddenPlace = defineRule({
  id: 'access/forbidden-place',
  title: 'Panel where no panel belongs',
  stage: 4,
  hazards: ['fire', 'shock'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'A panel in a clothes closet (asked for since about 1981), in a bathroom of a dwelling, dormitory or guest room (1993) or over the steps of a stair (2008).',
  example: 'A panel of 1999 behind the coats in a closet.',
  sources: [{ code: '240.24(D)–(F)', says: 'places where overcurrent devices may not be' }],
  remedies: ['change-room-use', 'move-panel'],
  messages: {
    placed: {
      short: 'Panel {where}',
      seen: 'The panel is {where}.',
      why: 'A panel {where} has cloth, steam or a bad footing where someone must open it or shut off in the dark.',
      ask: 'The panel moved when it is next worked on; until then nothing that burns or drips near it.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'The panel’s place')],
  check(_, { site: { reader }, panel, yardstick }) {
    const fact = reader.fact(panel.id, 'placedIn');
    if (!fact) return notSeen(want(panel.id, 'placedIn', 'say what room the panel is in'));
    if (fact.value === 'open') return clear('in none of these places', fact);
    if (fact.value === 'bathroom') {
      const kind = reader.fact(panel.building, 'buildingKind');
      if (!kind)
        return notSeen(want(panel.building, 'buildingKind', 'say whether it is a dwelling'));
      if (kind.value === 'shop' || kind.value === 'outbuilding')
        return doesNotApply('a bathroom of a building that is no dwelling');
    }
    return found('placed', { where: words[fact.value] }, [fact], {
      since: yardstick.placeSince[fact.value],
    });
  },
});
