import { properties } from '../../../record/entries/properties';
import { listed } from '../../../vocabulary/phrases';
import { panelPlace } from '../../check/places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** Close up: everything that came off is back, and nothing is left inside. */
export const notRefitted = defineRule({
  id: 'enclosure/not-refitted',
  title: 'Not closed up as it should be',
  stage: 13,
  hazards: ['shock', 'fire'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'After opening: screws, dead front, blanks or electrode cover not back, things left inside, handles not as found. Does not apply where the cover stayed on.',
  example: 'A panel left with two of its six screws in.',
  sources: [{ code: '110.12', says: 'workmanlike installation' }],
  remedies: ['put-back'],
  messages: {
    left: {
      short: 'After closing up: {things}',
      seen: 'After closing up: {things}.',
      why: 'What was taken off to look is what keeps fingers and metal away from live parts.',
      ask: 'What is missing put back before anyone relies on the panel.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Closing up')],
  check(_, { site: { reader }, panel }) {
    if (reader.value(panel.id, 'coverOpened') === 'not-opened')
      return doesNotApply('the cover stayed on');
    const left = reader.fact(panel.id, 'closedUp');
    if (!left)
      return notSeen(
        want(panel.id, 'closedUp', 'at close up: screws, dead front, blanks, handles'),
      );
    if (left.value.length === 0) return clear('closed up as it was', left);
    const things = listed(left.value.map((one) => properties.closedUp.choices[one]));
    return found('left', { things }, [left]);
  },
});
