import type { Place } from '../place';
import { outletsOf } from '../outlet-places';
import { readsChoice } from '../reads-choice';
import { clear, defineRule, notSeen, want } from '../rule';

const closed = readsChoice({
  property: 'boxState',
  say: 'look at the box',
  adverse: { 'no-cover': 'open', 'open-splice': 'open' },
});

/** 314.25: every box has a cover. */
export const openBox = defineRule<Place & { outlet?: true }>({
  id: 'around/open-box',
  title: 'Box open, or joint without one',
  stage: 3,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 2 },
  finds: 'A box without a cover, or a joint without a box, in sight of the way to the panel.',
  example: 'A junction box above the panel, its cover on the floor.',
  sources: [
    { code: '314.25', says: 'covers of boxes' },
    { code: '300.15', says: 'boxes at splices' },
  ],
  remedies: ['A cover', 'A box with a cover'],
  messages: {
    open: {
      short: '{place}: {value}',
      seen: '{place}: {value}.',
      why: 'A hand or a spark gets through; what burns in a closed box stays there.',
      ask: 'A cover, or a box with one.',
    },
  },
  places: (scene) => outletsOf(scene, 'box', 'Boxes in sight'),
  check(place, scene) {
    if (place.outlet) return closed(place, scene);
    const looked = scene.site.reader.fact(place.ref, 'outletsLooked');
    return looked?.value
      ? clear('none recorded as open', looked)
      : notSeen(want(place.ref, 'outletsLooked', 'look at boxes on the way to the panel'));
  },
});
