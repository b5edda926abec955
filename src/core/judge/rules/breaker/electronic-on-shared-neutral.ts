import { clear, defineRule, doesNotApply, found, notSeen, present, want } from '../../check/rule';

/** 110.3(B): a one-pole electronic breaker counts the current of its own neutral alone. */
export const electronicOnSharedNeutral = defineRule({
  id: 'breaker/electronic-on-shared-neutral',
  title: 'One-pole electronic breaker on a shared neutral',
  stage: 8,
  hazards: ['shock'],
  base: { severity: 3, likelihood: 3 },
  outsideListing: true,
  behindCover: true,
  finds:
    'A one-pole ground-fault or arc-fault breaker on a circuit that shares its neutral with another. It trips for nothing, or somebody defeats it. A two-pole one is made for it.',
  example:
    '`1 20 12cu n1 af` and `3 20 12cu ~1`: arc-fault on one of two hots that share neutral 1.',
  sources: [{ code: '110.3(B)', says: 'used by its instructions' }],
  remedies: ['protection-at-outlets', 'neutral-each'],
  messages: {
    shared: {
      short: '{place}: electronic breaker at {at}',
      seen: '{place} share a neutral; the breaker at {at} is a one-pole ground-fault or arc-fault breaker.',
      why: 'It sees the other circuit’s current come back and trips for nothing; sooner or later somebody wires around it, and then it protects nobody.',
      ask: 'A two-pole breaker of that kind for both circuits, or a neutral for each.',
    },
  },
  asks: 'multiwire',
  places: ({ places }) => places.multiwires,
  check({ group, ref }, { site: { reader }, panel }) {
    const onePole = group.hots.filter(({ device }) => device.terminals.length === 1 || device.half);
    if (group.hots.length > 0 && onePole.length === 0)
      return doesNotApply('its hots are on a breaker of several poles');
    const read = onePole.map((hot) => ({ hot, fact: reader.fact(hot.device.id, 'protection') }));
    const electronic = read.find(({ fact }) => fact && fact.value !== 'ordinary');
    if (electronic) return found('shared', { at: electronic.hot.label }, [electronic.fact]);
    const unread = read.find(({ fact }) => !fact);
    if (unread)
      return notSeen(
        want(unread.hot.device.id, 'protection', 'read whether it is an electronic breaker'),
      );
    if (read.length === 0)
      return notSeen(
        want(panel.id, 'sharedNeutrals', `find the breakers of this shared neutral (${ref})`),
      );
    return clear('ordinary breakers', ...present(...read.map(({ fact }) => fact)));
  },
});
