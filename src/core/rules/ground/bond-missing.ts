import { panelPlace } from '../places';
import { clear, defineRule, doesNotApply, notSeen, present, want } from '../rule';

/** 250.24, 250.28: at the first disconnect neutral, ground and enclosure are joined, once. */
export const bondMissing = defineRule({
  id: 'ground/bond-missing',
  title: 'Neutral and enclosure not joined at the first disconnect',
  stage: 9,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 3 },
  outsideListing: false,
  behindCover: true,
  finds:
    'Danger now where it was recorded that nothing else returns a fault. Not seen while what feeds the panel is unknown.',
  example: '`bond none` in the panel that holds the first disconnect.',
  sources: [
    { code: '250.24', says: 'main bonding jumper at the service' },
    { code: '250.28', says: 'the jumper: strap, screw or conductor' },
  ],
  who: 'a licensed electrician',
  remedies: ['Fit the bonding screw or strap made for this panel'],
  messages: {
    missing: {
      short: 'Neutral and enclosure not joined',
      seen: 'This panel holds the first disconnect, and its neutral bar is not joined to the enclosure.',
      why: 'A hot wire that touches metal here meets no low path back: breakers do not open and the metal stays live. The ground rod cannot do this work.',
      ask: 'The bonding screw or strap made for this panel, fitted and checked.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Bond')],
  check(place, { panel, site }) {
    if (panel.supply.place === 'downstream')
      return doesNotApply('downstream of the first disconnect');
    const bond = site.reader.fact(panel.id, 'bond');
    if (bond && bond.value !== 'none' && panel.supply.place === 'first-disconnect')
      return clear('joined at the first disconnect', bond, panel.supply.fact);
    if (panel.supply.place === 'unknown')
      return notSeen(want(panel.id, 'fedFrom', 'find what feeds this panel'));
    if (!bond)
      return notSeen(
        want(panel.id, 'bond', 'look for the strap or screw from neutral bar to enclosure'),
      );
    const other = site.reader.fact(panel.id, 'otherFaultReturn');
    return {
      outcome: 'found',
      message: 'missing',
      data: {},
      facts: present(bond, panel.supply.fact, other),
      ...(other?.value === false && { danger: 'nothing else returns a fault' }),
      wants: other
        ? []
        : [want(panel.id, 'otherFaultReturn', 'find whether another path returns a fault')],
    };
  },
});
