import { systems } from '../../../vocabulary/system';
import { panelPlace } from '../../check/places';
import type { DevicePlace } from '../../check/places';
import type { Place } from '../../check/place';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 240.85: a slash-rated breaker only where the lower voltage is to ground. */
export const voltageRating = defineRule<Place & Partial<Pick<DevicePlace, 'device'>>>({
  id: 'breaker/voltage-rating',
  title: 'Slash-rated breaker where a straight rating is needed',
  stage: 8,
  hazards: ['arc flash', 'fire'],
  base: { severity: 4, likelihood: 2 },
  outsideListing: true,
  finds:
    'A breaker with a pole on the high leg of a delta or on 480Y/277 V whose marking does not reach: one marked 120/240 on 208 V to ground, one marked 240 or 277 on what is more. On 480Y/277 V a single pole asks for 277, more poles for 480Y/277 or 480; elsewhere a slash rating does.',
  example: 'A two-pole breaker 120/240 V on legs A and B of a high-leg panel.',
  sources: [{ code: '240.85', says: 'slash and straight voltage ratings' }],
  remedies: ['straight-voltage'],
  messages: {
    slash: {
      short: '{place}: marked {marked} V, here {volts} V to ground and {acrossV} V across',
      seen: '{place} is marked {marked} V; leg {leg} here is {volts} V to ground, {acrossV} V across its poles.',
      why: 'Opening a fault on that leg it may have to break {volts} V with one pole alone, or {acrossV} V across; it was not tested for that.',
      ask: 'A breaker marked for the voltage of this supply.',
    },
  },
  places: ({ panel, places }) =>
    panel.systemRead && (panel.system === 'high-leg-delta' || panel.system === 'wye-480')
      ? places.devices
      : [panelPlace(panel, 'Voltage of the breakers')],
  check({ device }, { site: { reader }, panel }) {
    if (!panel.systemRead)
      return notSeen(want(panel.id, 'serviceSystem', 'read the voltage of the supply'));
    if (!device) return doesNotApply('120 V to ground on every leg');
    const toNeutral = systems[panel.system].legToNeutralV as Record<string, number>;
    const high = device.terminals.find((one) => (toNeutral[one.leg] ?? 0) > 120);
    if (!high) return doesNotApply('120 V to ground on its legs');
    const marking = reader.fact(device.id, 'voltageRating');
    if (!marking) return notSeen(want(device.id, 'voltageRating', 'read its voltage marking'));
    const asked = {
      volts: toNeutral[high.leg]!,
      acrossV: device.terminals.length > 1 ? systems[panel.system].legToLegV : toNeutral[high.leg]!,
    };
    const rated = marks[marking.value];
    if (rated.toGroundV >= asked.volts && rated.acrossV >= asked.acrossV)
      return clear(`marked ${rated.words}`, marking);
    return found('slash', { leg: high.leg, marked: rated.words, ...asked }, [
      marking,
      panel.supply.fact,
    ]);
  },
});

/** What each marking reaches, V. */
const marks = {
  slash: { words: '120/240', toGroundV: 120, acrossV: 240 },
  straight: { words: '240', toGroundV: 240, acrossV: 240 },
  '277': { words: '277', toGroundV: 277, acrossV: 277 },
  'slash-480': { words: '480Y/277', toGroundV: 277, acrossV: 480 },
  '480': { words: '480', toGroundV: 480, acrossV: 480 },
} as const;
