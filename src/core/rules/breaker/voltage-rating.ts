import { systems } from '../../panel/system';
import { panelPlace } from '../places';
import type { DevicePlace } from '../places';
import type { Place } from '../place';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../rule';

/** 240.85: a slash-rated breaker only where the lower voltage is to ground. */
export const voltageRating = defineRule<Place & Partial<Pick<DevicePlace, 'device'>>>({
  id: 'breaker/voltage-rating',
  title: 'Slash-rated breaker where a straight rating is needed',
  stage: 8,
  hazards: ['arc flash', 'fire'],
  base: { severity: 4, likelihood: 2 },
  outsideListing: true,
  finds:
    'A breaker marked 120/240 V with a pole on the high leg of a delta, or on 480Y/277 V. Elsewhere a slash rating does.',
  example: 'A two-pole breaker 120/240 V on legs A and B of a high-leg panel.',
  sources: [{ code: '240.85', says: 'slash and straight voltage ratings' }],
  remedies: ['A breaker marked with the straight voltage'],
  messages: {
    slash: {
      short: '{place}: marked 120/240 V on {volts} V to ground',
      seen: '{place} is marked 120/240 V; leg {leg} here is {volts} V to ground.',
      why: 'Opening a ground fault on that leg one pole alone must break {volts} V; it is made for 120 V.',
      ask: 'A breaker with a straight voltage rating for this supply.',
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
    if (marking.value === 'straight') return clear('straight rating', marking);
    return found('slash', { leg: high.leg, volts: toNeutral[high.leg]! }, [
      marking,
      panel.supply.fact,
    ]);
  },
});
