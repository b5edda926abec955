import { formOf } from '../../../vocabulary/device-forms';
import type { Outcome } from '../../check/rule';
import { clear, defineRule, doesNotApply, found, notSeen, present, want } from '../../check/rule';
import { panelPlace } from '../../check/places';

/** 240.15, 210.4: two legs that are one add up in every shared neutral. */
export const oneLegFeed = defineRule({
  id: 'bus/one-leg-feed',
  title: 'Panel for two legs fed from one',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 4, likelihood: 3 },
  behindCover: true,
  finds:
    'A 120/240 V panel fed from one leg, or whose legs are joined by a jumper, with circuits that share a neutral or two-pole breakers: in a shared neutral the currents add. Seen, or read: next to nothing between legs that read alike.',
  example:
    'A sub panel on a two-wire feeder, a jumper from lug to lug, a kitchen circuit of three wires.',
  sources: [
    { code: '210.4', says: 'multiwire circuits from different legs' },
    { code: '240.15', says: 'devices in each ungrounded conductor' },
  ],
  remedies: ['legs-fed-each'],
  messages: {
    one: {
      short: 'One leg feeds both: {there}',
      seen: 'One leg of the supply feeds both bars of this panel; on it stand {there}.',
      why: 'A neutral that two circuits share carries both their currents together here, up to twice what it is made for, and no breaker sees it.',
      ask: 'Both legs fed by a supply of two hots and a neutral, or every circuit with a neutral of its own.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Legs of the bus')],
  check(place, { site: { reader }, panel, places, yardstick }): Outcome {
    if (panel.systemRead && panel.system !== 'split-phase')
      return doesNotApply('not a supply of two legs');
    const feed = reader.fact(place.ref, 'legFeed');
    const [a, b, across] = (['anV', 'bnV', 'abV'] as const).map((one) =>
      reader.fact(place.ref, one),
    );
    const read =
      a && b && across
        ? Math.abs(a.value - b.value) < yardstick.deadLegApartV &&
          Math.min(a.value, b.value) > yardstick.liveFromV &&
          across.value < yardstick.deadLegApartV
        : undefined;
    const oneLeg = feed ? feed.value !== 'each' : read;
    if (oneLeg === undefined)
      return notSeen(want(place.ref, 'legFeed', 'look what feeds each bar of the bus'));
    const facts = present(feed, ...(read === undefined ? [] : [a, b, across]));
    if (!oneLeg) return clear('each leg by its own', ...facts);
    const twoPole = places.devices.find(
      ({ device }) =>
        device.terminals.length > 1 &&
        formOf(device.form).circuits.some((circuit) => circuit.length > 1),
    );
    const shared = panel.multiwires.length > 0;
    if (twoPole || shared) {
      const there = [shared && 'circuits that share a neutral', twoPole && 'two-pole breakers']
        .filter(Boolean)
        .join(' and ');
      return found('one', { there }, facts);
    }
    const none = reader.fact(place.ref, 'sharedNeutrals');
    if (none?.value === 'none')
      return clear('one leg, no shared neutral and no two-pole breaker', ...facts, none);
    return notSeen(
      want(place.ref, 'sharedNeutrals', 'follow the neutrals: see whether hots share one'),
    );
  },
});
