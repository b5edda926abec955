import { mmOf } from '../../../vocabulary/lengths';
import { panelPlace } from '../../check/places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 240.24(A): the centre of the highest handle at most 6 ft 7 in above the floor. */
export const handleHeight = defineRule({
  id: 'access/handle-height',
  title: 'Highest handle out of reach',
  stage: 4,
  hazards: ['shock', 'outage'],
  base: { severity: 2, likelihood: 2 },
  finds: 'The highest handle, in its top position, more than 2007 mm (6 ft 7 in) above the floor.',
  example: 'A panel over a workbench with its main at 2150 mm.',
  sources: [{ code: '240.24(A)', says: 'highest handle at most 6 ft 7 in' }],
  remedies: ['fixed-platform', 'move-panel'],
  messages: {
    high: {
      short: 'Highest handle at {heightMm} mm',
      seen: 'The highest handle is {heightMm} mm above the floor; {limitMm} mm is the most.',
      why: 'At {heightMm} mm not everybody can switch off in a hurry without climbing on something.',
      ask: 'The panel moved down, or a way to stand that the authority accepts.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Highest handle')],
  check(_, { site: { reader }, panel, yardstick: { handleHeight: limit } }) {
    const height = reader.fact(panel.id, 'highestHandle');
    if (!height)
      return notSeen(want(panel.id, 'highestHandle', 'measure the height of the highest handle'));
    const mm = mmOf(height.value);
    const data = { heightMm: Math.round(mm), limitMm: limit.mm };
    if (mm > Math.max(limit.mm, mmOf(limit))) return found('high', data, [height]);
    return clear(`highest handle at ${data.heightMm} mm`, height);
  },
});
