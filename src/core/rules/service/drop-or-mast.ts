import { readsChoice } from '../reads-choice';
import { defineRule, doesNotApply } from '../rule';

const sound = readsChoice({
  property: 'mast',
  say: 'look up at the drop, mast and weatherhead',
  adverse: { frayed: 'worn', 'no-drip-loop': 'worn', 'loose-mast': 'worn', low: 'worn' },
});

/** 230.24, 230.28, 230.54: overhead drop, mast and weatherhead. */
export const dropOrMast = defineRule({
  id: 'service/drop-or-mast',
  title: 'Drop, mast or weatherhead unsound',
  stage: 3,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 3 },
  finds:
    'Overhead: insulation frayed, no drip loop, a loose mast, a drop too low. The utility’s side is noted as such. Underground there is none.',
  example: 'A drop whose insulation hangs in rags at the weatherhead.',
  sources: [
    { code: '230.24', says: 'clearance of drops' },
    { code: '230.54', says: 'service heads and drip loops' },
  ],
  who: 'the utility for its side, a licensed electrician for the mast',
  remedies: ['The utility renews the drop', 'A new mast or weatherhead'],
  messages: {
    worn: {
      short: 'Overhead service: {value}',
      seen: 'Of the drop, mast and weatherhead: {value}.',
      why: 'These wires have no breaker ahead of them; what touches them, or the water that runs in along them, meets the full supply.',
      ask: 'The utility called to look at its side, and the mast made sound.',
    },
  },
  places: ({ around }) => around.services,
  check: (place, scene) =>
    scene.site.reader.value(place.ref, 'supplyWay') === 'underground'
      ? doesNotApply('comes in underground')
      : sound(place, scene),
});
