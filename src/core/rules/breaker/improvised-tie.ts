import { clear, defineRule, notSeen, want } from '../rule';

/** 240.15: handles are tied by the maker or by a listed tie. */
export const improvisedTie = defineRule({
  id: 'breaker/improvised-tie',
  title: 'Handles tied with a nail, wire or screw',
  stage: 6,
  hazards: ['shock'],
  base: { severity: 3, likelihood: 3 },
  outsideListing: true,
  behindCover: false,
  finds: 'Asked of two-pole breakers and of breakers that share a neutral.',
  example: '`19+21 30 10cu !nail`: a nail through both handles.',
  sources: [{ code: '240.15', says: 'identified handle ties' }],
  who: 'a licensed electrician',
  remedies: ['A listed tie for these breakers', 'A two-pole breaker from the label’s list'],
  messages: {
    improvised: {
      short: 'Handles tied with a nail, wire or screw',
      seen: 'The handles of {place} are tied with a nail, wire or screw.',
      why: 'If one half of {label} trips, the makeshift tie may leave the other on: someone working on it finds it live.',
      ask: 'A listed handle tie, or a two-pole breaker that the label lists.',
    },
  },
  places: (scene) => {
    const sharing = new Set(
      scene.panel.multiwires.flatMap((group) => group.hots.map((hot) => hot.device.id)),
    );
    return scene.places.devices.filter(
      ({ device }) =>
        device.form === 'two-pole' ||
        sharing.has(device.id) ||
        scene.site.reader.fact(device.id, 'tie') !== undefined,
    );
  },
  check({ device }, { site }) {
    const tie = site.reader.fact(device.id, 'tie');
    if (!tie) return notSeen(want(device.id, 'tie', 'look how the handles are tied'));
    if (tie.value !== 'improvised')
      return clear(tie.value === 'none' ? 'no tie' : 'tied as made or listed', tie);
    return { outcome: 'found', message: 'improvised', data: { label: device.label }, facts: [tie] };
  },
});
