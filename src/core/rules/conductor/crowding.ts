import { sizeWords } from '../../panel/words';
import { ampacityOf } from '../../yardstick/conductor-limit';
import type { AmpacityColumn } from '../../yardstick/yardstick';
import type { ConductorView } from '../../panel/views';
import { panelPlace } from '../places';
import type { Outcome, Scene } from '../rule';
import { clear, defineRule, found, notSeen, want } from '../rule';

/** 312.8, 310.15(C): room in the gutter, and wires bundled together. */
export const crowding = defineRule({
  id: 'conductor/crowding',
  title: 'Gutter crowded or wires bundled',
  stage: 8,
  hazards: ['fire'],
  base: { severity: 3, likelihood: 2 },
  behindCover: true,
  finds:
    'Conductors fed through, spliced or tapped filling more than 40 % of the gutter, more than 75 % at splices; wires that merely land do not count. More than three current-carrying conductors bundled over 600 mm carry less: found where a breaker then allows too much.',
  example: 'Fourteen branch wires tied in one bundle down the side of the box.',
  sources: [
    { code: '312.8', says: 'splices, taps and feed-through in enclosures' },
    { code: '310.15(C)(1)', says: 'more than three current-carrying conductors' },
  ],
  remedies: ['The bundle opened', 'Wires re-routed', 'A trough beside the panel'],
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
      seen: '{count} current-carrying wires are bundled over 600 mm; {conductor} among them on {deviceA} A is then good for {limitA} A.',
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
    const bundle = reader.fact(panel.id, 'bundledOver600');
    if (fill && fill.value > yardstick.gutterFillPercent)
      return found('fill', { percent: fill.value, most: yardstick.gutterFillPercent }, [fill]);
    if (splices && splices.value > yardstick.spliceFillPercent)
      return found('splices', { percent: splices.value, most: yardstick.spliceFillPercent }, [
        splices,
      ]);
    if (bundle) {
      const worst = worstDerated(scene, bundle.value);
      if (worst)
        return found('bundle', { count: bundle.value, ...worst.data }, [bundle, ...worst.facts], {
          presumes: ['That this wire is one of those bundled: see which are.'],
        });
    }
    if (!fill) return notSeen(want(panel.id, 'fillPercent', 'estimate how full the gutter is'));
    if (!splices)
      return notSeen(want(panel.id, 'spliceFillPercent', 'estimate how full it is at splices'));
    if (!bundle) return notSeen(want(panel.id, 'bundledOver600', 'count wires bundled together'));
    return clear('room in the gutter', fill, splices, bundle);
  },
});

/** Non-metallic cable since 1985 starts from the 90 °C column; other insulation from its own. */
function startColumn(conductor: ConductorView, { site: { reader } }: Scene): AmpacityColumn {
  const { cable } = conductor;
  const kind = cable?.kind?.value;
  const age = cable && reader.value(cable.id, 'cableAge');
  if (kind === 'nm') return age === '1985-2000' || age === 'from-2001' ? 90 : 60;
  if (kind === 'thw' || kind === 'se') return 75;
  return 60;
}

function worstDerated(scene: Scene, count: number) {
  const { panel, yardstick } = scene;
  const { factor } = yardstick.bundleFactor.find((row) => count <= row.upTo)!;
  if (factor === 1) return undefined;
  for (const terminal of panel.devices.flatMap((device) => device.terminals))
    for (const conductor of terminal.conductors) {
      const { size, metal } = conductor;
      if (!size || !metal || terminal.handleA === undefined) continue;
      const from = ampacityOf(yardstick, metal.value, size.value, startColumn(conductor, scene));
      if (from === undefined) continue;
      const left = from * factor;
      const limitA = yardstick.standardRatingsA.find((rating) => rating >= left) ?? left;
      if (terminal.handleA > limitA)
        return {
          data: {
            conductor: sizeWords(size.value, metal.value),
            deviceA: terminal.handleA,
            limitA,
          },
          facts: [terminal.ratingA, size, metal],
        };
    }
  return undefined;
}
