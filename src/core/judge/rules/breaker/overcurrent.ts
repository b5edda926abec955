import { isFuse } from '../../../vocabulary/device-forms';
import { protectsConductors } from '../../check/conductor-protection';
import { worstPole } from '../../check/poles';
import { defineRule } from '../../check/rule';

const base = { severity: 4, likelihood: 3 } as const;

/** 240.4: the breaker protects the smallest conductor on its terminals. */
export const overcurrent = defineRule({
  id: 'breaker/overcurrent',
  title: 'Breaker larger than its conductor allows',
  stage: 8,
  hazards: ['fire'],
  base,
  outsideListing: false,
  behindCover: true,
  finds:
    'The lower of insulation and terminal column decides; both are computed where a mark is unread, and only where they differ is it not seen. The small-conductor limits and the next standard size up apply. A feeder that carries a whole dwelling has the dwelling table. Air conditioners and heat pumps go by their nameplate, motors by the table of their full-load current, up to the next standard rating; fuses at the unit satisfy “fuse only”; a breaker over 1.8 times the wire no plate can make right. Half as large again as the limit is close to happening.',
  example:
    '`5 20 14cu bedrooms west`: 20 A on a wire good for 15 A. `10+12 60 6cu in:nm =range` is clear: 55 A, next size up.',
  sources: [
    { code: '240.4', says: 'conductors protected at their ampacity' },
    { code: '240.4(D)', says: 'small conductors' },
    { code: '310.16', says: 'ampacity' },
  ],
  who: 'a licensed electrician',
  remedies: ['smaller-breaker', 'larger-conductor', 'fused-at-unit'],
  messages: {
    over: {
      short: '{deviceA} A on {conductor}, limit {limitA} A',
      seen: 'Breaker {label}, {circuit}, is {deviceA} A; its thinnest conductor is {conductor}, good for a breaker of {limitA} A at most.',
      why: 'The wire of {circuit} can carry {overPercent} % of what it may without the {deviceA} A breaker opening. Under heavy load it can overheat where nobody sees it; no sign of that is needed for this finding.',
      ask: 'A {limitA} A breaker, or a conductor that {deviceA} A may protect along the whole run.',
    },
    plate: {
      short: '{deviceA} A breaker, nameplate allows {limitA} A',
      seen: 'Breaker {label}, {circuit}, is {deviceA} A; the nameplate of the equipment allows {limitA} A at most.',
      why: 'A fault inside the equipment on {circuit} can burn on below the {deviceA} A at which this breaker begins to act.',
      ask: 'A breaker within the nameplate, {limitA} A or less.',
    },
    'plate-conductor': {
      short: '{conductor} carries {ampacityA} A, nameplate wants {limitA} A',
      seen: 'The conductor to {circuit} on breaker {label} is {conductor}, {ampacityA} A; the nameplate asks for {limitA} A at least.',
      why: 'The equipment on {circuit} draws more for longer than this wire carries safely.',
      ask: 'A conductor of at least {limitA} A.',
    },
    'fuse-only': {
      short: 'Breaker where the nameplate says fuse only',
      seen: 'Breaker {label} protects {circuit}; the nameplate of the equipment allows fuses only.',
      why: 'The equipment was tested with fuses; a breaker may let through more than its parts withstand.',
      ask: 'Fused protection as the nameplate asks.',
    },
  },
  asks: 'device',
  places: ({ places }) => places.poles.filter(({ poles }) => !isFuse(poles[0]!.terminal.device)),
  check: worstPole(protectsConductors, base),
});
