import { lengthWords, mmOf } from '../../panel/lengths';
import { toGroundV } from '../../panel/system';
import { meets } from '../../yardstick/length-limit';
import { clear, defineRule, notSeen, want } from '../rule';
import { panelPlace } from '../places';

/** 110.26(A)(1), up to 150 V to ground: a split-phase panel has 120 V. */
export const workingSpaceDepth = defineRule({
  id: 'access/working-space-depth',
  title: 'Too little clear depth in front',
  stage: 4,
  hazards: ['shock', 'arc flash'],
  base: { severity: 3, likelihood: 2 },
  outsideListing: false,
  behindCover: false,
  finds: 'A measured depth below the table is found; one at either the metric or the US figure is clear; unmeasured is not seen. A closed cover changes nothing.',
  example: '`depth 820` on a split-phase panel: 820 mm where 914 mm (3 ft) is the least.',
  sources: [{ code: '110.26(A)(1)', says: 'clear working depth in front of live parts' }],
  who: 'the owner; an electrician where the panel must move',
  remedies: ['Clear what stands in the space', 'Move the panel'],
  messages: {
    shallow: {
      short: '{depthMm} mm clear depth, {limitMm} mm wanted',
      seen: 'The clear depth in front of the panel measures {depthMm} mm; {limitMm} mm is the least.',
      why: 'Someone who opens this panel or must reach it in a hurry has {shortMm} mm too little to stand back from live parts.',
      ask: 'Clear the space to {limitMm} mm in front of the panel, or have the panel moved.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'In front of the panel')],
  check(place, { site, panel, yardstick }) {
    const depth = site.reader.fact(panel.id, 'depthMm');
    if (!depth)
      return notSeen(want(panel.id, 'depthMm', 'measure the clear depth in front of the panel'));
    const limitMm = yardstick.workingDepth.mm;
    const depthMm = Math.round(mmOf(depth.value));
    // Above 150 V to ground more may be wanted: 1067 or 1219 mm for conditions 2 and 3.
    const condition = site.reader.value(panel.id, 'spaceCondition');
    if (toGroundV(panel.system) > 150 && condition !== '1' && depthMm >= limitMm && depthMm < 1219)
      return notSeen(
        want(
          panel.id,
          'spaceCondition',
          'above 150 V to ground: see what stands opposite the panel',
        ),
      );
    if (meets(depth.value, yardstick.workingDepth))
      return clear(`${lengthWords(depth.value)} clear depth, ${limitMm} mm wanted`, depth);
    return {
      outcome: 'found',
      message: 'shallow',
      data: { depthMm, limitMm, shortMm: limitMm - depthMm },
      facts: [depth],
    };
  },
});
