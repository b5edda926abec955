import { panelPlace } from '../../check/places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** A panel without one main, its lower section fed by one of several throws; made until about 1980. */
export const splitBus = defineRule({
  id: 'service/split-bus',
  title: 'Split-bus panel',
  stage: 6,
  hazards: ['outage', 'fire'],
  base: { severity: 2, likelihood: 2 },
  since: 1981,
  obsolete: true,
  finds:
    'A panel whose upper section has several mains, one of which feeds the lower section. Permitted until about 1980; the number of throws is a matter of its own.',
  example: 'Four two-pole mains above a gap, the third feeding the lighting section.',
  sources: [{ code: '408.36', says: 'one main for a panelboard' }],
  remedies: ['main-ahead', 'replace-panel'],
  messages: {
    split: {
      short: 'Split-bus panel, no single main',
      seen: 'The panel has no single main: several throws in its upper section, one of which feeds the lower.',
      why: 'Switching one handle does not shut this panel off, and its lower section hangs on one breaker, whatever its own breakers add up to.',
      ask: 'A mark on every main now; a panel with one main when it is next renewed.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Mains')],
  check(_, { site: { reader }, panel }) {
    const kind = reader.fact(panel.id, 'panelKind');
    const main = reader.fact(panel.id, 'mainKind');
    if (kind)
      return kind.value === 'split-bus'
        ? found('split', {}, [kind, main])
        : clear('not split', kind);
    if (panel.main) return clear('one main', main);
    if (main && main.value !== 'throws') return clear('not split', main);
    return notSeen(want(panel.id, 'panelKind', 'look how the mains feed the bus'));
  },
});
