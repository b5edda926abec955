import { readsChoice } from '../../check/reads-choice';
import { defineRule, doesNotApply } from '../../check/rule';

const grouping = readsChoice({
  property: 'disconnectGrouping',
  say: 'see whether all disconnects of the service stand together',
  adverse: { apart: 'apart' },
});

/** 230.72(A): the disconnects of one service are grouped. */
export const disconnectsApart = defineRule({
  id: 'service/disconnects-apart',
  title: 'Disconnects of one service not together',
  stage: 3,
  hazards: ['shock', 'fire'],
  base: { severity: 3, likelihood: 2 },
  finds: 'A disconnect of the service that stands apart from the others of the same service.',
  example: 'Two switches beside the meter, a third one in the shed.',
  sources: [{ code: '230.72(A)', says: 'disconnects of a service grouped' }],
  remedies: ['mark-where-others-are', 'disconnects-together'],
  messages: {
    apart: {
      short: '{place}: stands apart from the others',
      seen: '{place} stands apart from the other disconnects of the same service.',
      why: 'Whoever switches off in a fire believes that all is off when it is not.',
      ask: 'A mark at each disconnect that names the others; better, all of them side by side.',
    },
  },
  places: ({ around }) => around.disconnects,
  check(place, scene) {
    const role = scene.site.reader.value(place.ref, 'disconnectRole');
    return role === 'later' || role === 'other-panel'
      ? doesNotApply('not a disconnect of the service')
      : grouping(place, scene);
  },
});
