import type { Place } from '../../check/place';
import { outletsOf } from '../../check/outlet-places';
import { properties } from '../../../record/entries/properties';
import { listed } from '../../../vocabulary/phrases';
import { statesOf } from '../../check/states';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

const words = properties.boxStates.choices as Readonly<Record<string, string>>;

/** 314.25: every box has a cover. */
export const openBox = defineRule<Place & { outlet?: true }>({
  id: 'around/open-box',
  title: 'Box open, or joint without one',
  stage: 3,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 2 },
  finds:
    'A box without a cover, a receptacle without its plate, or a joint without a box, in sight of the way to the panel; several at once are said in one finding.',
  example: 'A junction box above the panel, its cover on the floor.',
  sources: [
    { code: '314.25', says: 'covers of boxes' },
    { code: '300.15', says: 'boxes at splices' },
  ],
  remedies: ['cover', 'box-with-cover'],
  messages: {
    open: {
      short: '{place}: {value}',
      seen: '{place}: {value}.',
      why: 'A hand or a spark gets through; what burns in a closed box stays there.',
      ask: 'A cover, or a box with one.',
    },
  },
  places: (scene) => [
    ...outletsOf(scene, 'box', 'Boxes in sight'),
    // A receptacle is asked only where something was recorded of its box.
    ...scene.around.outlets
      .filter(
        ({ ref }) =>
          scene.site.reader.value(ref, 'outletKind') === 'receptacle' &&
          statesOf(scene.site.reader, ref, 'boxStates', 'boxState', 'closed'),
      )
      .map((place) => ({ ...place, outlet: true as const })),
  ],
  check(place, scene) {
    if (place.outlet) {
      const read = statesOf(scene.site.reader, place.ref, 'boxStates', 'boxState', 'closed');
      if (!read) return notSeen(want(place.ref, 'boxStates', 'look at the box'));
      if (read.states.length === 0) return clear('closed', ...read.facts);
      const value = listed(read.states.map((state) => words[state] ?? state));
      return found('open', { value }, read.facts);
    }
    const looked = scene.site.reader.fact(place.ref, 'outletsLooked');
    return looked?.value
      ? clear('none recorded as open', looked)
      : notSeen(want(place.ref, 'outletsLooked', 'look at boxes on the way to the panel'));
  },
});
