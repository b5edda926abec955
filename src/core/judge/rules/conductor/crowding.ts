import { checkBundles } from '../../check/bundles';
import { panelPlace } from '../../check/places';
import type { Outcome } from '../../check/rule';
import { clear, defineRule, found, notSeen, want } from '../../check/rule';

/** 312.8, 310.15(C): room in the gutter, and wires bundled together. */
export const crowding = defineRule({
  id: 'conductor/crowding',
  title: 'Gutter crowded or wires bundled',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  behindCover: true,
  finds:
    'Conductors fed through, spliced or tapped filling more than 40 % of the gutter, more than 75 % at splices; wires that merely land do not count. More than three current-carrying conductors bundled over 600 mm carry less, and less again in warm air: found where a breaker then allows too much, the worst wire named. Which wires run bundled is recorded; not known, it is not seen. The terminal column and the limits of small conductors cap it; circuits of several receptacles have no next size up; of a cable whose age nobody read both columns must say so.',
  example: 'Fourteen branch wires tied in one bundle down the side of the box.',
  sources: [
    { code: '312.8', says: 'splices, taps and feed-through in enclosures' },
    { code: '310.15(C)(1)', says: 'more than three current-carrying conductors' },
    { code: '310.15(B)(1)', says: 'ambient temperature' },
  ],
  remedies: ['bundle-opened', 'wires-re-routed', 'trough-beside'],
  messages: {
    fill: {
      short: 'Gutter {percent} % full, {most} % is the most',
      seen: 'Wires passing through fill {percent} % of the gutter; {most} % is the most.',
      why: 'Packed wires cannot give off their heat, and are hurt whenever the cover goes on.',
      ask: 'Wires taken out of the gutter, or a trough beside the panel.',
    },
    splices: {
      short: 'Gutter {percent} % full at splices, {most} % is the most',
      seen: 'At splices the gutter is {percent} % full; {most} % is the most.',
      why: 'The joints sit where heat cannot leave.',
      ask: 'Splices moved to a box of their own.',
    },
    bundle: {
      short: '{count} wires bundled: {conductor} on {deviceA} A is good for {limitA} A',
      seen: '{count} current-carrying wires are bundled over 600 mm{air}; {conductor} at {at} on {deviceA} A is then good for {limitA} A.',
      why: 'In the middle of the bundle the insulation gets hotter than it is made for, at loads the breakers allow.',
      ask: 'The bundle opened, or larger wires.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Gutter')],
  check(_, scene): Outcome {
    const { site, panel, yardstick } = scene;
    const { reader } = site;
    const fill = reader.fact(panel.id, 'fillPercent');
    const splices = reader.fact(panel.id, 'spliceFillPercent');
    if (fill && fill.value > yardstick.gutterFillPercent)
      return found('fill', { percent: fill.value, most: yardstick.gutterFillPercent }, [fill]);
    if (splices && splices.value > yardstick.spliceFillPercent)
      return found('splices', { percent: splices.value, most: yardstick.spliceFillPercent }, [
        splices,
      ]);
    const bundled = checkBundles(scene);
    if (bundled.outcome === 'found') return bundled;
    if (!fill) return notSeen(want(panel.id, 'fillPercent', 'estimate how full the gutter is'));
    if (!splices)
      return notSeen(want(panel.id, 'spliceFillPercent', 'estimate how full it is at splices'));
    if (bundled.outcome !== 'clear') return bundled;
    return clear('room in the gutter', fill, splices, ...bundled.facts);
  },
});
