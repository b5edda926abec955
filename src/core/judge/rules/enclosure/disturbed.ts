import { properties } from '../../../record/entries/properties';
import { listed } from '../../../vocabulary/phrases';
import { panelPlace } from '../../check/places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** A pointer: something was changed here since. */
export const disturbed = defineRule({
  id: 'enclosure/disturbed',
  title: 'Opened or changed since',
  stage: 5,
  hazards: [],
  base: { severity: 2, likelihood: 1 },
  finds: 'Scratches, fresh paint, odd screws, fading against the age, parts younger than the rest.',
  example: 'Fresh screws on an old painted cover.',
  sources: [{ code: 'good practice', says: 'what changed, and who looked at it since?' }],
  who: 'the owner, who may have the papers',
  remedies: ['ask-what-changed'],
  messages: {
    signs: {
      short: 'Signs of opening: {things}',
      seen: 'The panel shows {things}.',
      why: 'Somebody changed something here after it was new; nobody need have looked at it since.',
      ask: 'Ask what was changed, and for its permit.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Signs of opening')],
  check(_, { site: { reader }, panel }) {
    const signs = reader.fact(panel.id, 'signsOfOpening');
    if (!signs)
      return notSeen(want(panel.id, 'signsOfOpening', 'look for scratches, paint and odd screws'));
    if (signs.value.length === 0) return clear('no signs', signs);
    const things = listed(signs.value.map((one) => properties.signsOfOpening.choices[one]));
    return found('signs', { things }, [signs]);
  },
});
