import { readsChoice } from '../../check/reads-choice';
import { defineRule, doesNotApply, notSeen, want } from '../../check/rule';

const there = readsChoice({
  property: 'emergencyDisconnect',
  say: 'look for an emergency disconnect outdoors',
  adverse: { false: 'absent' },
});

/** 230.85: a dwelling has an emergency disconnect outdoors since 2020. Advice for what stands. */
export const emergencyDisconnectAbsent = defineRule({
  id: 'service/emergency-disconnect-absent',
  title: 'No emergency disconnect outdoors',
  stage: 3,
  hazards: ['outage'],
  base: { severity: 1, likelihood: 1 },
  since: 2020,
  finds:
    'A one- or two-family dwelling without an emergency disconnect outdoors. Asked for since 2020; advice for an older one.',
  example: 'A house of 1964 whose only disconnect is the main in the cellar.',
  sources: [{ code: '230.85', says: 'emergency disconnects of dwellings' }],
  remedies: ['emergency-disconnect'],
  messages: {
    absent: {
      short: 'No emergency disconnect outdoors',
      seen: 'There is no emergency disconnect outdoors.',
      why: 'Fire fighters must go in to shut this dwelling off, or wait for the utility.',
      ask: 'A disconnect outdoors when the service is next renewed.',
    },
  },
  places: ({ around }) =>
    around.buildings.map((place) => ({ ...place, label: 'Emergency disconnect' })),
  check(place, scene) {
    const kind = scene.site.reader.value(place.ref, 'buildingKind');
    if (!kind) return notSeen(want(place.ref, 'buildingKind', 'say whether it is a dwelling'));
    if (kind === 'shop' || kind === 'outbuilding') return doesNotApply('not a dwelling');
    const { reader } = scene.site;
    const dwellings = reader.value(place.ref, 'dwellings');
    if (dwellings !== undefined && dwellings > 2)
      return doesNotApply('asked of one- and two-family dwellings');
    const answer = there(place, scene);
    return answer.outcome === 'found' && kind !== 'house' && dwellings === undefined
      ? notSeen(want(place.ref, 'dwellings', 'count the dwellings'))
      : answer;
  },
});
