import { isFuse } from '../../../vocabulary/device-forms';
import { protectsConductors } from '../../check/conductor-protection';
import { panelPlace } from '../../check/places';
import type { PolesPlace } from '../../check/poles';
import { worstPole } from '../../check/poles';
import type { Place } from '../../check/place';
import { defineRule, doesNotApply } from '../../check/rule';

const base = { severity: 4, likelihood: 3 } as const;
const worst = worstPole(protectsConductors, base);

/** 240.4: as overcurrent, for fuses. */
export const overfused = defineRule<Place & Partial<PolesPlace>>({
  id: 'fuse/overfused',
  title: 'Fuse larger than its conductor allows',
  stage: 8,
  hazards: ['fire'],
  base,
  behindCover: true,
  finds:
    'A fuse larger than the thinnest conductor on its terminal allows, with the same exceptions as for breakers. Half as large again is close to happening.',
  example: '`2 f30 14cu`: 30 A on 14 copper.',
  sources: [
    { code: '240.4', says: 'conductors protected at their ampacity' },
    { code: '240.4(D)', says: 'small conductors' },
  ],
  remedies: ['right-fuse-and-insert', 'larger-conductor'],
  messages: {
    over: {
      short: '{deviceA} A fuse on {conductor}, limit {limitA} A',
      seen: '{place}, {circuit}, is {deviceA} A; its thinnest conductor is {conductor}, good for a fuse of {limitA} A at most.',
      why: 'The wire of {circuit} can carry {overPercent} % of what it may before the {deviceA} A fuse melts. Under heavy load it can overheat where nobody sees it; no sign of that is needed for this finding.',
      ask: 'A {limitA} A fuse now, in an insert that takes no larger one.',
    },
    plate: {
      short: '{deviceA} A fuse, nameplate allows {limitA} A',
      seen: '{place}, {circuit}, is {deviceA} A; the nameplate of the equipment allows {limitA} A at most.',
      why: 'A fault inside the equipment on {circuit} can burn on below the {deviceA} A at which this fuse melts.',
      ask: 'A fuse within the nameplate.',
    },
    'plate-conductor': {
      short: '{conductor} carries {ampacityA} A, nameplate wants {limitA} A',
      seen: 'The conductor to {circuit} at {place} is {conductor}, {ampacityA} A; the nameplate asks for {limitA} A at least.',
      why: 'The equipment on {circuit} draws more for longer than this wire carries safely.',
      ask: 'A conductor of at least {limitA} A.',
    },
  },
  places: ({ panel, places }) => {
    const fuses = [
      ...places.poles.filter(({ poles }) => isFuse(poles[0]!.terminal.device)),
      ...places.pullOutPoles,
    ];
    return fuses.length > 0 ? fuses : [panelPlace(panel, 'Fuses')];
  },
  check: (place, scene) =>
    place.poles ? worst(place as PolesPlace, scene) : doesNotApply('no fuses recorded'),
});
