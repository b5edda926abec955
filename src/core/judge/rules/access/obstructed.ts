import { listed } from '../../../vocabulary/phrases';
import { properties } from '../../../record/entries/properties';
import { panelPlace } from '../../check/places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.26(A)(2) and (B): the space is kept clear and the door opens 90°. */
export const obstructed = defineRule({
  id: 'access/obstructed',
  title: 'Working space not clear',
  stage: 4,
  hazards: ['shock', 'arc flash', 'outage'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'Storage, furniture, a pump, a pipe or a wall in the working space, or a door that does not open 90°. Combustibles there raise findings of fire.',
  example: 'Paint tins and a bench in front of the panel.',
  sources: [{ code: '110.26(B)', says: 'the working space is not used for storage' }],
  who: 'the owner',
  remedies: ['clear-space', 'move-panel'],
  messages: {
    full: {
      short: '{things} in the working space',
      seen: 'In the working space in front of the panel: {things}.',
      why: 'With {things} in the way the power cannot be shut off quickly, and nobody can step back from the open panel.',
      ask: 'The space in front of the panel cleared and kept clear.',
    },
    door: {
      short: 'The door does not open 90°',
      seen: 'The door of the panel does not open 90°.',
      why: 'A half-open door hides handles and keeps the face close to live parts when the cover comes off.',
      ask: 'What stops the door removed, or the panel moved.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Working space')],
  check(_, { site: { reader }, panel }) {
    const things = reader.fact(panel.id, 'obstructions');
    const door = reader.fact(panel.id, 'doorOpens');
    if (things && things.value.length > 0)
      return found(
        'full',
        { things: listed(things.value.map((one) => properties.obstructions.choices[one])) },
        [things],
      );
    if (door?.value === false) return found('door', {}, [door]);
    if (!things)
      return notSeen(want(panel.id, 'obstructions', 'look what stands in the working space'));
    if (!door) return notSeen(want(panel.id, 'doorOpens', 'open the door as far as it goes'));
    return clear('the space is clear', things, door);
  },
});
