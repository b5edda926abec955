import {
  nmOf,
  torqueOnLabel,
  torqueProperty,
  torqueText,
} from '../../../installation/panel/torque';
import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import { placeWith } from '../../check/lazy-place';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 110.14(D): the torque on the label, within 10 %; only where it was measured. */
export const torque = defineRule<Place & { screw?: true }>({
  id: 'reading/torque',
  title: 'Torque off the label',
  stage: 10,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  outsideListing: true,
  since: 2017,
  behindCover: true,
  finds:
    'A torque measured outside 10 % of the label’s figure for that terminal; over-tightened is also wrong. Not measured, nothing is said.',
  example: 'A main lug at 18 N·m, the label asks for 28.',
  sources: [{ code: '110.14(D)', says: 'torque as marked on the equipment' }],
  remedies: ['set-to-label', 'new-terminal'],
  messages: {
    off: {
      short: '{place}: {measured}, label {label}',
      seen: '{place} measured {measured}; the label asks for {label}.',
      why: 'Too little grips badly, too much has already deformed the wire.',
      ask: 'Set to the label with the supply off.',
    },
  },
  places({ places, site: { reader }, panel }) {
    const screws = [...places.lugs, ...places.terminals, ...places.barTerminals].filter(({ ref }) =>
      reader.fact(ref, 'torqueNm'),
    );
    return screws.length > 0
      ? screws.map((place) => placeWith(place, { screw: true as const }))
      : [panelPlace(panel, 'Torque')];
  },
  check(place, { site: { reader }, panel, yardstick }) {
    if (!place.screw) return doesNotApply('not measured');
    const measured = reader.fact(place.ref, 'torqueNm')!;
    const label = torqueOnLabel(place.ref, panel, reader);
    if (!label)
      return notSeen(
        want(panel.id, torqueProperty(place.ref, panel), 'read the torque on the label'),
      );
    const data = { measured: torqueText(measured.value), label: torqueText(label.value) };
    const asked = nmOf(label.value);
    if (Math.abs(nmOf(measured.value) - asked) > yardstick.torqueTolerance * asked + 1e-9)
      return found('off', data, [measured, label]);
    return clear(torqueText(measured.value), measured, label);
  },
});
