import { panelPlace } from '../../check/places';
import { readsChoice } from '../../check/reads-choice';
import { defineRule, doesNotApply, notSeen, want } from '../../check/rule';

const lamp = readsChoice({
  property: 'lightThere',
  say: 'look for a lamp at the panel',
  adverse: { false: 'dark' },
});

/** 110.26(D): lighting at the working space. */
export const noLight = defineRule({
  id: 'access/no-light',
  title: 'No light at the panel',
  stage: 4,
  hazards: ['shock'],
  base: { severity: 2, likelihood: 2 },
  finds: 'No lighting at the working space of a panel that stands indoors.',
  example: 'A panel in a cellar without a lamp.',
  sources: [{ code: '110.26(D)', says: 'lighting for the working space' }],
  remedies: ['panel-lamp'],
  messages: {
    dark: {
      short: 'No light at the panel',
      seen: 'There is no lighting at the panel.',
      why: 'Whoever must switch off here does it in the dark or by torchlight, near live parts.',
      ask: 'A lamp at the panel.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Light at the panel')],
  quiet: lamp.quiet!,
  check(place, scene) {
    const { reader } = scene.site;
    const stands = reader.fact(place.ref, 'metersLocation');
    if (stands?.value === 'outdoors') return doesNotApply('asked indoors only');
    const answer = lamp(place, scene);
    return answer.outcome === 'found' && !stands
      ? notSeen(want(place.ref, 'metersLocation', 'say whether the panel stands indoors'))
      : answer;
  },
});
