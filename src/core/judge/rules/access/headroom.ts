import { mmOf } from '../../../vocabulary/lengths';
import { supplyDevice } from '../../../installation/panel/overcurrent-above';
import { meets } from '../../../codes/yardstick/length-limit';
import { panelPlace } from '../../check/places';
import type { Scene } from '../../check/rule';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

/** 110.26(A)(3): 6 ft 6 in or the height of the equipment. Existing dwelling panels up to 200 A are exempt. */
export const headroom = defineRule({
  id: 'access/headroom',
  title: 'Too little headroom',
  stage: 4,
  hazards: ['shock', 'arc flash'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'Headroom below 1981 mm (6 ft 6 in), or below the height of the equipment. Existing panels of a dwelling up to 200 A are exempt; work under a permit is not.',
  example: 'A shop panel under a stair with 1700 mm of headroom.',
  sources: [{ code: '110.26(A)(3)', says: 'height of the working space' }],
  who: 'the owner; an electrician where the panel must move',
  remedies: ['raise-what-hangs', 'move-panel'],
  messages: {
    low: {
      short: '{headMm} mm headroom, {limitMm} mm wanted',
      seen: 'The headroom in front of the panel measures {headMm} mm; {limitMm} mm is the least.',
      why: 'Whoever works at this panel must stoop under {headMm} mm, with the head close to live parts.',
      ask: 'Headroom of {limitMm} mm in front of the panel, or the panel moved.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Headroom')],
  check(_, scene) {
    const { site, panel, yardstick } = scene;
    const { reader } = site;
    const head = reader.fact(panel.id, 'headroom');
    const exempt = exemption(scene);
    if (exempt === 'yes') return doesNotApply('existing panel of a dwelling up to 200 A');
    if (!head) return notSeen(want(panel.id, 'headroom', 'measure the headroom'));
    const equipment = reader.fact(panel.id, 'equipmentHeight');
    const limit = yardstick.headroom;
    const taller = equipment && mmOf(equipment.value) > mmOf(head.value);
    if (!meets(head.value, limit) || taller) {
      if (exempt !== 'no') return notSeen(exempt);
      const limitMm = taller ? Math.round(mmOf(equipment.value)) : limit.mm;
      return found('low', { headMm: Math.round(mmOf(head.value)), limitMm }, [
        head,
        taller ? equipment : undefined,
      ]);
    }
    if (!equipment)
      return notSeen(want(panel.id, 'equipmentHeight', 'measure the height of the equipment'));
    return clear(`${Math.round(mmOf(head.value))} mm headroom`, head, equipment);
  },
});

/** Whether the panel is an existing one of a dwelling up to 200 A; or what is wanted to say so. */
function exemption({ site, panel, yardstick }: Scene) {
  const { reader } = site;
  if (reader.value(panel.id, 'inPermitScope')) return 'no';
  const kind = reader.value(panel.building, 'buildingKind');
  if (!kind) return want(panel.building, 'buildingKind', 'say whether it is a dwelling');
  if (kind === 'mixed') {
    const whole = reader.value(panel.id, 'wholeDwelling');
    if (whole === undefined)
      return want(panel.id, 'wholeDwelling', 'say whether it is the panel of the dwelling');
    if (!whole) return 'no';
  } else if (kind !== 'house' && kind !== 'flats') return 'no';
  const bus = reader.value(panel.id, 'labelBusA');
  const ratingA = bus ?? supplyDevice(site, panel)?.ratingA;
  if (ratingA === undefined) return want(panel.id, 'labelBusA', 'read the rating of the panel');
  return ratingA <= yardstick.headroomExemptUpToA ? 'yes' : 'no';
}
