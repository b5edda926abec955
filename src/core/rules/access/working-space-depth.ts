import { lengthWords, mmOf } from '../../panel/lengths';
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
