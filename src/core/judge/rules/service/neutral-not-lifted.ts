import { readsChoice } from '../../check/reads-choice';
import { panelPlace } from '../../check/places';
import { defineRule, doesNotApply, notSeen } from '../../check/rule';
import { wantsPlace } from '../../check/supply-place';

const reads = readsChoice({
  property: 'neutralSeparates',
  say: 'look whether the service neutral can be separated',
  adverse: { none: 'fixed' },
});

/** 230.75: a means to separate the grounded conductor at the service. */
export const neutralNotLifted = defineRule({
  id: 'service/neutral-not-lifted',
  title: 'Service neutral cannot be separated',
  stage: 9,
  hazards: ['outage'],
  base: { severity: 1, likelihood: 2 },
  behindCover: true,
  finds:
    'At the first disconnect nothing separates the service neutral from the wiring of the building. A lug or a link that can be opened is enough.',
  example: 'A neutral that is crimped through the bar.',
  sources: [{ code: '230.75', says: 'disconnection of the grounded conductor' }],
  remedies: ['neutral-link'],
  messages: {
    fixed: {
      short: 'No link or lug opens the service neutral',
      seen: 'Nothing separates the service neutral from the wiring of the building.',
      why: 'Whoever looks for a fault in the neutral or tests the insulation cannot part the two.',
      ask: 'A lug or link that can be opened, when the service is next worked on.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Service neutral')],
  check(place, scene) {
    const { place: stands } = scene.panel.supply;
    if (stands === 'downstream') return doesNotApply('not the first disconnect');
    if (stands === undefined) return notSeen(wantsPlace(scene.panel));
    return reads(place, scene);
  },
});
