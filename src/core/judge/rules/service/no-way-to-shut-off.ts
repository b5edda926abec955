import { counted } from '../../../vocabulary/phrases';
import { shutOffDevices, throwsOf } from '../../../installation/panel/throws';
import type { Place } from '../../check/place';
import { panelPlace } from '../../check/places';
import type { DisconnectPlace } from '../../check/supply-place';
import { disconnectPlaces, wantsPlace, wantsRole } from '../../check/supply-place';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 230.71, 225.33: no more than six movements of the hand shut a service or a building off. */
export const noWayToShutOff = defineRule<Place & Partial<DisconnectPlace>>({
  id: 'service/no-way-to-shut-off',
  title: 'No way to shut everything off',
  stage: 6,
  hazards: ['outage', 'shock'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'At the first disconnect of a service or of a separate building: no handle that turns everything off, or more than six throws. A tied or common-trip pair is one throw. A separate switch that is service equipment is asked as a panel is. A lugs-only panel downstream in the same building needs none.',
  example: 'A split-bus panel with seven throws in its upper section.',
  sources: [
    { code: '230.71', says: 'most disconnects of a service' },
    { code: '225.33', says: 'most disconnects of a building' },
  ],
  remedies: ['circuits-to-six-throws', 'main-ahead'],
  messages: {
    many: {
      short: '{throws} to shut off, {most} are the most',
      seen: 'It takes {throws} to turn everything off here; {most} are the most.',
      why: 'In an emergency {throws} must be found and thrown, in the dark perhaps, before this building is dead.',
      ask: 'A main ahead of the panel, or fewer throws.',
    },
    none: {
      short: 'Nothing here shuts everything off',
      seen: 'No handle at this first disconnect turns everything off.',
      why: 'In an emergency nobody here can shut this building off.',
      ask: 'A main for this building.',
    },
  },
  places: (scene) => [panelPlace(scene.panel, 'Shutting off'), ...disconnectPlaces(scene)],
  check(place, { site: { reader }, panel, yardstick: { mostThrows } }) {
    if (place.disconnect === 'unsure') return notSeen(wantsRole(place as DisconnectPlace));
    if (place.disconnect === 'not-first') return doesNotApply('not the first disconnect');
    if (place.disconnect) {
      const throws = reader.fact(place.ref, 'disconnectThrows');
      if (!throws)
        return notSeen(
          want(place.ref, 'disconnectThrows', 'count the throws that turn everything off'),
        );
      return throws.value > mostThrows
        ? found('many', { throws: counted(throws.value, 'throw'), most: mostThrows }, [throws])
        : clear(counted(throws.value, 'throw'), throws);
    }
    const separate = reader.fact(panel.id, 'separateBuilding');
    if (panel.supply.place === 'downstream' && separate?.value !== true)
      return separate || panel.main
        ? doesNotApply('downstream in the same building')
        : notSeen(want(panel.id, 'separateBuilding', 'say whether this is a separate building'));
    const said = reader.fact(panel.id, 'mainThrows');
    const kind = reader.fact(panel.id, 'mainKind');
    const devices = shutOffDevices(panel);
    const count = said?.value ?? throwsOf(devices, reader);
    const facts = [said, kind, separate, panel.supply.fact];
    if (said?.value === 0) {
      if (panel.supply.place === 'unknown') return notSeen(wantsPlace(panel));
      return found('none', {}, facts);
    }
    if (count > mostThrows) {
      if (panel.supply.place === 'unknown') return notSeen(wantsPlace(panel));
      return found('many', { throws: counted(count, 'throw'), most: mostThrows }, facts);
    }
    if (count === 0)
      return notSeen(want(panel.id, 'mainThrows', 'count the throws that turn everything off'));
    if (!said && !panel.main && panel.pullOuts.length === 0 && panel.upperRows === undefined) {
      const complete = panel.positions.every(
        (position) => position.devices.length > 0 || position.opening,
      );
      if (!complete)
        return notSeen(want(panel.id, 'mainThrows', 'count the throws that turn everything off'));
    }
    return clear(counted(count, 'throw'), ...facts);
  },
});
