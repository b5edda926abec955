import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 210.25(B): shared areas are not fed from one tenant's panel. */
export const commonArea = defineRule({
  id: 'load/common-area',
  title: 'Shared area on one tenant’s meter',
  stage: 11,
  hazards: ['outage'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'A circuit that feeds an area shared by tenants from a panel on the meter of one of them. In a building of one household it does not apply.',
  example: 'The stair light of three flats on the panel of the lowest.',
  sources: [{ code: '210.25(B)', says: 'common area branch circuits' }],
  remedies: ['owner-feeds-it'],
  messages: {
    shared: {
      short: '{place} feeds a shared area from one tenant’s panel',
      seen: '{place} feeds an area shared by tenants; this panel is on the meter of one of them.',
      why: 'One tenant pays for the stair light and can leave everybody in the dark.',
      ask: 'The shared area fed from the owner’s panel.',
    },
  },
  asks: 'circuit',
  places: ({ places }) => places.circuits,
  quiet: {
    unless: ['places', 'buildingKind'],
    property: 'places',
    say: 'trace which rooms the circuit feeds',
  },
  check({ circuit }, { site: { reader }, panel }) {
    const kind = reader.value(panel.building, 'buildingKind');
    if (kind === 'house' || kind === 'outbuilding') return doesNotApply('one household');
    const places = reader.fact(circuit.id, 'places');
    if (!places) return notSeen(want(circuit.id, 'places', 'trace which rooms the circuit feeds'));
    if (!places.value.includes('common-area')) return clear('no shared area', places);
    const meter = reader.fact(panel.id, 'meteredTo');
    if (!meter) return notSeen(want(panel.id, 'meteredTo', 'find whose meter the panel is on'));
    if (meter.value !== 'tenant') return clear('not on a tenant’s meter', places, meter);
    return found('shared', {}, [places, meter]);
  },
});
