import { panelPlace } from '../../check/places';
import type { Place } from '../../check/place';
import { readsChoice } from '../../check/reads-choice';
import { defineRule, doesNotApply, notSeen } from '../../check/rule';
import { wantsPlace } from '../../check/supply-place';

const main = readsChoice({
  property: 'mainMarked',
  say: 'see whether the main is marked',
  adverse: { false: 'unmarked' },
});
const disconnect = readsChoice({
  property: 'disconnectMarked',
  say: 'see whether the disconnect is marked',
  adverse: { false: 'unmarked' },
});

/** 230.70(B): each service disconnect is marked. */
export const serviceDisconnectUnmarked = defineRule<Place & { disconnect?: true }>({
  id: 'labels/service-disconnect-unmarked',
  title: 'Service disconnect not marked',
  stage: 6,
  hazards: ['outage', 'shock'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'A service disconnect, or the mains of a first panel, without a mark that says so. A panel downstream needs none.',
  example: 'Four mains of a split-bus panel, none of them marked.',
  sources: [{ code: '230.70(B)', says: 'service disconnects marked' }],
  remedies: ['mark-mains'],
  messages: {
    unmarked: {
      short: '{place}: not marked',
      seen: '{place}: no mark says that this shuts the power off.',
      why: 'In a fire or an accident someone looks for the switch that stops it, and does not find it.',
      ask: 'A permanent mark on every handle that is needed to shut off.',
    },
  },
  places: ({ panel, around }) => [
    panelPlace(panel, 'Mark of the main'),
    ...around.disconnects.map((place) => ({ ...place, disconnect: true as const })),
  ],
  check(place, scene) {
    if (place.disconnect) {
      const role = scene.site.reader.value(place.ref, 'disconnectRole');
      return role === 'meter' || role === 'later' || role === 'other-panel'
        ? doesNotApply('not service equipment')
        : disconnect(place, scene);
    }
    const { supply } = scene.panel;
    if (supply.place === 'downstream') return doesNotApply('downstream of the service disconnect');
    if (supply.place === 'unknown') return notSeen(wantsPlace(scene.panel));
    return main(place, scene);
  },
});
