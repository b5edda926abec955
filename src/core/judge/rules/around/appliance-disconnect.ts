import type { Place } from '../../check/place';
import { outletsOf } from '../../check/outlet-places';
import { readsChoice } from '../../check/reads-choice';
import { clear, defineRule, notSeen, want } from '../../check/rule';

const canBeShutOff = readsChoice({
  property: 'disconnectInSight',
  say: 'look how the appliance is shut off',
  adverse: { no: 'none' },
});

/** 422.31: a fixed appliance can be shut off by who works on it. */
export const applianceDisconnect = defineRule<Place & { outlet?: true }>({
  id: 'around/appliance-disconnect',
  title: 'Fixed appliance without a disconnect',
  stage: 3,
  hazards: ['shock'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'A fixed appliance out of sight of the panel with neither a disconnect of its own nor a breaker that locks off.',
  example: 'A water heater two floors above its breaker.',
  sources: [{ code: '422.31', says: 'disconnection of appliances' }],
  remedies: ['lock-off', 'disconnect-beside'],
  messages: {
    none: {
      short: '{place}: cannot be shut off in sight',
      seen: '{place} is out of sight of the panel, without a disconnect or a breaker that locks off.',
      why: 'Somebody switches the breaker on again while another has a hand in the appliance.',
      ask: 'A lock-off on the breaker, or a disconnect.',
    },
  },
  places: (scene) => outletsOf(scene, 'appliance', 'Fixed appliances'),
  check(place, scene) {
    if (place.outlet) return canBeShutOff(place, scene);
    const looked = scene.site.reader.fact(place.ref, 'outletsLooked');
    return looked?.value
      ? clear('none recorded as wanting one', looked)
      : notSeen(want(place.ref, 'outletsLooked', 'look how fixed appliances are shut off'));
  },
});
