import { countedElectrodes, electrodesOf } from '../../check/electrodes';
import { panelPlace } from '../../check/places';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 250.32(A): a building with a feeder has its own electrode. */
export const separateBuildingElectrode = defineRule({
  id: 'ground/separate-building-electrode',
  title: 'Separate building without an electrode',
  stage: 3,
  hazards: ['shock', 'damage'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'A separate building supplied by a feeder, with a panel and no electrode of its own. One branch circuit with a ground needs none.',
  example: 'A boat shed panel with nothing driven into the earth.',
  sources: [{ code: '250.32(A)', says: 'electrode at a building supplied by a feeder' }],
  remedies: ['rods-at-building'],
  messages: {
    none: {
      short: 'Separate building, no electrode',
      seen: 'This panel is in a separate building that has no electrode.',
      why: 'A strike near that building, or a lost ground in the feeder, leaves its metal without earth.',
      ask: 'Electrodes at that building, joined to the ground bar of its panel.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Electrode of this building')],
  check(_, scene) {
    const { site, panel } = scene;
    const separate = site.reader.fact(panel.id, 'separateBuilding');
    if (panel.supply.place === 'first-disconnect')
      return doesNotApply('the electrodes of the service are judged by themselves');
    if (!separate)
      return notSeen(want(panel.id, 'separateBuilding', 'say whether this is a separate building'));
    if (!separate.value) return doesNotApply('same building');
    const electrodes = electrodesOf(scene, panel.building);
    if (electrodes.length > 0)
      return clear('an electrode of its own', site.reader.fact(electrodes[0]!.id, 'electrodeKind'));
    const counted = countedElectrodes(scene, panel.building, electrodes);
    if (counted) return found('none', {}, [separate, counted]);
    return notSeen(
      want(panel.building, 'electrodeCount', 'look for an electrode at that building'),
    );
  },
});
