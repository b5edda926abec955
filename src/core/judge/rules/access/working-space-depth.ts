import { lengthWords, mmOf } from '../../../vocabulary/lengths';
import { toGroundV } from '../../../vocabulary/system';
import { meets } from '../../../codes/yardstick/length-limit';
import { panelPlace } from '../../check/places';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 110.26(A)(1): 3 ft up to 150 V to ground; above it by what stands opposite. */
export const workingSpaceDepth = defineRule({
  id: 'access/working-space-depth',
  title: 'Too little clear depth in front',
  stage: 4,
  hazards: ['shock', 'arc flash'],
  base: { severity: 3, likelihood: 2 },
  finds:
    'Clear depth in front of live parts below the table: 914 mm (3 ft) up to 150 V to ground; from 151 V 914, 1067 or 1219 mm where nothing grounded, grounded parts or live parts stand opposite. Either unit passes. A depth between the figures is not seen until the supply and what stands opposite are read.',
  example: 'A panel with 820 mm between its front and a shelf.',
  sources: [{ code: '110.26(A)(1)', says: 'clear working depth in front of live parts' }],
  who: 'the owner; an electrician where the panel must move',
  remedies: ['clear-what-stands', 'move-panel'],
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
    const condition = site.reader.fact(panel.id, 'spaceCondition');
    const above = yardstick.workingDepthAbove150V;
    const low = panel.systemRead && toGroundV(panel.system) <= 150;
    const open = [
      ...(low || !panel.systemRead ? [yardstick.workingDepth] : []),
      ...(low ? [] : condition ? [above[condition.value]] : Object.values(above)),
    ];
    const failed = open.filter((limit) => !meets(depth.value, limit));
    const [first] = failed;
    if (!first) return clear(`${lengthWords(depth.value)} clear depth`, depth, condition);
    if (failed.length < open.length)
      return panel.systemRead
        ? notSeen(want(panel.id, 'spaceCondition', 'see what stands opposite the panel'))
        : notSeen(want(panel.id, 'serviceSystem', 'read the voltage of the supply'));
    const depthMm = Math.round(mmOf(depth.value));
    return found(
      'shallow',
      { depthMm, limitMm: first.mm, shortMm: first.mm - depthMm },
      [depth, low ? undefined : condition],
      low ? {} : { sources: [first.source] },
    );
  },
});
