import { panelPlace } from '../../check/places';
import { readsChoice } from '../../check/reads-choice';
import { defineRule, doesNotApply, notSeen } from '../../check/rule';
import { wantsPlace } from '../../check/supply-place';

const bonded = readsChoice({
  property: 'racewayBonded',
  say: 'look for a bonding bushing, locknut or jumper on the service raceway',
  adverse: { 'not-bonded': 'apart' },
});

/** 250.92: metal service raceways are bonded by more than ordinary locknuts. */
export const racewayNotBonded = defineRule({
  id: 'ground/raceway-not-bonded',
  title: 'Service raceway not bonded',
  stage: 9,
  hazards: ['shock', 'fire'],
  base: { severity: 3, likelihood: 2 },
  behindCover: true,
  finds:
    'A metal service raceway, a short nipple too, without a bonding bushing, bonding locknut or jumper, above all at ring-shaped knockouts. Downstream of the first disconnect ordinary fittings do.',
  example: 'A steel nipple from the meter with two ordinary locknuts in a ring-shaped knockout.',
  sources: [{ code: '250.92', says: 'bonding of service equipment' }],
  remedies: ['raceway-bushing'],
  messages: {
    apart: {
      short: 'Service raceway not bonded',
      seen: 'The metal raceway of the service enters without a bonding bushing, locknut or jumper.',
      why: 'Only the utility’s fuse protects the wires in it: a fault to the raceway burns at that joint.',
      ask: 'A bonding bushing with its jumper.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Service raceway')],
  check(place, scene) {
    const { supply } = scene.panel;
    if (supply.place === 'downstream') return doesNotApply('not a service raceway');
    if (supply.place === 'unknown') return notSeen(wantsPlace(scene.panel));
    return bonded(place, scene);
  },
});
