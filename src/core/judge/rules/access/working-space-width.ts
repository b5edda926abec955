import { mmOf } from '../../../vocabulary/lengths';
import { meets } from '../../../codes/yardstick/length-limit';
import { panelPlace } from '../../check/places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.26(A)(2): 30 in or the width of the equipment, whichever is more; it need not be centred. */
export const workingSpaceWidth = defineRule({
  id: 'access/working-space-width',
  title: 'Too little clear width in front',
  stage: 4,
  hazards: ['shock', 'arc flash'],
  base: { severity: 2, likelihood: 2 },
  finds:
    'Clear width below 762 mm (30 in), or below the width of the equipment where that is more. The space need not be centred on the panel.',
  example: 'A panel in a recess 600 mm wide.',
  sources: [{ code: '110.26(A)(2)', says: 'clear width in front of the equipment' }],
  who: 'the owner; an electrician where the panel must move',
  remedies: ['clear-side', 'move-panel'],
  messages: {
    narrow: {
      short: '{widthMm} mm clear width, {limitMm} mm wanted',
      seen: 'The clear width in front of the panel measures {widthMm} mm; {limitMm} mm is the least.',
      why: 'In {widthMm} mm nobody can work beside the open panel without an arm or a shoulder near live parts.',
      ask: 'Clear the space to {limitMm} mm of width, to either side.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Beside the panel')],
  check(_, { site: { reader }, panel, yardstick }) {
    const width = reader.fact(panel.id, 'clearWidth');
    if (!width)
      return notSeen(want(panel.id, 'clearWidth', 'measure the clear width in front of the panel'));
    const equipment = reader.fact(panel.id, 'equipmentWidth');
    const limit = yardstick.workingWidth;
    const widthMm = Math.round(mmOf(width.value));
    const wider = equipment && mmOf(equipment.value) > mmOf(width.value);
    if (!meets(width.value, limit) || wider)
      return found(
        'narrow',
        { widthMm, limitMm: wider ? Math.round(mmOf(equipment.value)) : limit.mm },
        [width, wider ? equipment : undefined],
      );
    if (!equipment)
      return notSeen(want(panel.id, 'equipmentWidth', 'measure the width of the equipment'));
    return clear(`${widthMm} mm clear width`, width, equipment);
  },
});
