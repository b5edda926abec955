import { panelPlace } from '../../check/places';
import type { Place } from '../../check/place';
import { readsChoice } from '../../check/reads-choice';
import type { Outcome } from '../../check/rule';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

interface CoverPlace extends Place {
  meter?: true;
}

const ofPanel = readsChoice({
  property: 'deadFront',
  say: 'look at the dead front',
  adverse: {
    cracked: 'faulty',
    loose: 'faulty',
    gaps: 'faulty',
    missing: { message: 'missing', danger: 'dead front missing, live parts in reach' },
  },
});

/** 408.38, 110.27: live parts are guarded. */
export const deadFront = defineRule<CoverPlace>({
  id: 'enclosure/dead-front',
  title: 'Dead front missing or not covering',
  stage: 7,
  hazards: ['shock', 'arc flash'],
  base: { severity: 4, likelihood: 3 },
  finds:
    'A dead front that is cracked, loose or does not cover. Missing with live parts in reach is Danger now; so is the missing cover of an empty live meter socket.',
  example: 'A panel whose dead front stands beside it on the floor.',
  sources: [
    { code: '408.38', says: 'panelboards in cabinets, dead front' },
    { code: '110.27', says: 'live parts guarded' },
  ],
  remedies: ['dead-front', 'socket-cover'],
  messages: {
    faulty: {
      short: 'Dead front: {value}',
      seen: 'The dead front is {value}.',
      why: 'Behind it are live parts; a dead front that is {value} lets fingers and tools reach them.',
      ask: 'A sound dead front made for this panel.',
    },
    missing: {
      short: 'Dead front missing',
      seen: 'The dead front is missing; live parts are in reach.',
      why: 'Anyone who touches the bus here can be killed; a breaker may not trip.',
      ask: 'Keep everybody away and have the panel covered today by a licensed electrician.',
    },
    socket: {
      short: 'Meter socket open and live',
      seen: '{place} stands open, without a meter that closes it; its line side is live.',
      why: 'The jaws of the empty socket stay live with every breaker off, in reach of anyone.',
      ask: 'Keep everybody away and call the utility today.',
    },
  },
  places: ({ panel, around }) => [
    panelPlace(panel, 'Dead front'),
    ...around.meters.map((meter) => ({ ...meter, meter: true as const })),
  ],
  check(place, scene): Outcome {
    if (!place.meter) return ofPanel(place, scene);
    const { reader } = scene.site;
    const state = reader.fact(place.ref, 'meterState');
    const cover = reader.fact(place.ref, 'socketCover');
    if (state?.value === 'in-place') return clear('the meter closes its socket', state);
    if (cover?.value === 'fitted') return clear('socket covered', cover);
    if (!state) return notSeen(want(place.ref, 'meterState', 'look at the meter'));
    if (!cover) return notSeen(want(place.ref, 'socketCover', 'look at the socket'));
    return found('socket', {}, [state, cover], { danger: 'live meter socket without cover' });
  },
});
