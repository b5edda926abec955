import { placeWith } from '../../check/lazy-place';
import type { DevicePlace } from '../../check/places';
import type { Scene } from '../../check/rule';
import { clear, defineRule, notSeen, want } from '../../check/rule';

/** 240.15: handles are tied by the maker or by a listed tie. */
export const improvisedTie = defineRule({
  id: 'breaker/improvised-tie',
  title: 'Handles tied with a nail, wire or screw',
  stage: 6,
  hazards: ['shock'],
  base: { severity: 3, likelihood: 3 },
  outsideListing: true,
  behindCover: false,
  finds:
    'Asked of two-pole breakers and of breakers that share a neutral. A tie through two neighbours is one thing, recorded at both or not.',
  example: '`19+21 30 10cu !nail`: a nail through both handles.',
  sources: [{ code: '240.15', says: 'identified handle ties' }],
  who: 'a licensed electrician',
  remedies: ['listed-tie', 'two-pole'],
  messages: {
    improvised: {
      short: 'Handles tied with a nail, wire or screw',
      seen: 'The handles of {place} are tied with a nail, wire or screw.',
      why: 'If one half of {label} trips, the makeshift tie may leave the other on: someone working on it finds it live.',
      ask: 'A listed handle tie, or a two-pole breaker that the label lists.',
    },
  },
  asks: 'device',
  places: (scene) => {
    const sharing = new Set(
      scene.panel.multiwires.flatMap((group) => group.hots.map((hot) => hot.device.id)),
    );
    const asked = scene.places.devices.filter(
      ({ device }) =>
        device.form === 'two-pole' ||
        sharing.has(device.id) ||
        scene.site.reader.fact(device.id, 'tie') !== undefined,
    );
    return tiesOf(asked, scene);
  },
  check({ device }, { site }) {
    const tie = site.reader.fact(device.id, 'tie');
    if (!tie) return notSeen(want(device.id, 'tie', 'look how the handles are tied'));
    if (tie.value !== 'improvised')
      return clear(tie.value === 'none' ? 'no tie' : 'tied as made or listed', tie);
    return { outcome: 'found', message: 'improvised', data: { label: device.label }, facts: [tie] };
  },
});

/** Neighbours in a column whose handles are tied makeshift are one place: the tie between them. */
function tiesOf(places: readonly DevicePlace[], { site: { reader } }: Scene): DevicePlace[] {
  const tied = (place: DevicePlace) =>
    place.device.height === 1 && reader.value(place.device.id, 'tie') === 'improvised';
  const taken = new Set<string>();
  const ties: DevicePlace[] = [];
  for (const place of places) {
    if (taken.has(place.ref)) continue;
    const next =
      tied(place) &&
      places.find(
        (other) =>
          tied(other) &&
          !taken.has(other.ref) &&
          other.device.column === place.device.column &&
          other.device.row === place.device.row + 1,
      );
    if (!next) {
      ties.push(place);
      continue;
    }
    taken.add(next.ref);
    ties.push(
      placeWith(place, {
        label: `Breakers ${place.device.label} and ${next.device.label}`,
        related: [...place.related, ...next.related],
        formerly: [next.ref],
      }),
    );
  }
  return ties;
}
