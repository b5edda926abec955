import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import type { DisconnectPlace } from '../../check/supply-place';
import { disconnectPlaces, wantsRole } from '../../check/supply-place';
import { wantsPlace } from '../../check/supply-place';
import type { FactReader } from '../../../record/entries/fact-reader';
import type { Outcome } from '../../check/rule';
import { clear, defineRule, doesNotApply, found, notSeen, present, want } from '../../check/rule';

/** 250.24, 250.28: at the first disconnect neutral, ground and enclosure are joined, once. */
export const bondMissing = defineRule<Place & Partial<DisconnectPlace>>({
  id: 'ground/bond-missing',
  title: 'Neutral and enclosure not joined at the first disconnect',
  stage: 9,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 3 },
  outsideListing: false,
  behindCover: true,
  finds:
    'Asked of the first disconnect, a panel or a separate switch that is service equipment. One marked “meter disconnect, not service equipment” is not asked: its can may be joined to the neutral (230.82(3)). Danger now where it was recorded that nothing else returns a fault. Not seen while what feeds the panel is unknown.',
  example: '`bond none` in the panel that holds the first disconnect.',
  sources: [
    { code: '250.24', says: 'main bonding jumper at the service' },
    { code: '250.28', says: 'the jumper: strap, screw or conductor' },
  ],
  who: 'a licensed electrician',
  remedies: ['bond-fitted'],
  messages: {
    missing: {
      short: 'Neutral and enclosure not joined',
      seen: '{what} is the first disconnect, and its neutral is not joined to the enclosure.',
      why: 'A hot wire that touches metal here meets no low path back: breakers do not open and the metal stays live. The ground rod cannot do this work.',
      ask: 'The bonding screw or strap made for this panel, fitted and checked.',
    },
  },
  places: (scene) => [panelPlace(scene.panel, 'Bond'), ...disconnectPlaces(scene)],
  check(place, { panel, site }) {
    if (place.disconnect === 'unsure') return notSeen(wantsRole(place as DisconnectPlace));
    if (place.disconnect === 'not-first') return doesNotApply('not the first disconnect');
    if (place.disconnect) return checkDisconnect(place.ref, place.label, site.reader);
    if (panel.supply.place === 'downstream')
      return doesNotApply('downstream of the first disconnect');
    const bond = site.reader.fact(panel.id, 'bond');
    if (bond && bond.value !== 'none' && panel.supply.place === 'first-disconnect')
      return clear('joined at the first disconnect', bond, panel.supply.fact);
    if (panel.supply.place === 'unknown') return notSeen(wantsPlace(panel));
    if (!bond)
      return notSeen(
        want(panel.id, 'bond', 'look for the strap or screw from neutral bar to enclosure'),
      );
    const other = site.reader.fact(panel.id, 'otherFaultReturn');
    return {
      outcome: 'found',
      message: 'missing',
      data: { what: 'This panel' },
      facts: present(bond, panel.supply.fact, other),
      ...(other?.value === false && { danger: 'nothing else returns a fault' }),
      wants: other
        ? []
        : [want(panel.id, 'otherFaultReturn', 'find whether another path returns a fault')],
    };
  },
});

/** A separate switch that is the first disconnect. */
function checkDisconnect(ref: string, label: string, reader: FactReader): Outcome {
  const bond = reader.fact(ref, 'bond');
  if (!bond)
    return notSeen(want(ref, 'bond', 'look for the joint of neutral and enclosure in this switch'));
  if (bond.value !== 'none') return clear('joined at the first disconnect', bond);
  return found('missing', { what: label }, [bond]);
}
