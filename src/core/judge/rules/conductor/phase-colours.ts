import { readsChoice } from '../../check/reads-choice';
import { panelPlace } from '../../check/places';
import { clear, defineRule, notSeen, want } from '../../check/rule';

const reads = readsChoice({
  property: 'legsMarked',
  say: 'look whether the hots of each voltage are told apart',
  adverse: { not: 'alike' },
});

/** 210.5(C), 215.12: hots told apart where there are several voltages. */
export const phaseColours = defineRule({
  id: 'conductor/phase-colours',
  title: 'Hots of different voltages not told apart',
  stage: 8,
  hazards: ['damage'],
  base: { severity: 2, likelihood: 2 },
  behindCover: true,
  finds:
    'In a building with more than one supply voltage: hots of a panel that are not told apart by colour or mark, with the meaning posted there.',
  example: 'A workshop with 480Y/277 and 120/240 V, all hots black.',
  sources: [
    { code: '210.5(C)', says: 'ungrounded branch conductors identified' },
    { code: '215.12', says: 'ungrounded feeder conductors identified' },
  ],
  remedies: ['hots-marked'],
  messages: {
    alike: {
      short: 'Hots of {systems} voltages alike',
      seen: 'This building has {systems} supply voltages; the hots of this panel are not told apart.',
      why: 'Whoever adds or mends a circuit can join it to the wrong voltage, and what is plugged in burns out.',
      ask: 'The hots marked by voltage and leg, and the meaning posted at the panel.',
    },
  },
  places: ({ panel }) => [panelPlace(panel, 'Hots of each voltage')],
  check(place, scene) {
    const { reader } = scene.site;
    const systems = reader.fact(scene.panel.building, 'voltageSystems');
    if (!systems)
      return notSeen(
        want(scene.panel.building, 'voltageSystems', 'ask how many supply voltages there are'),
      );
    if (systems.value === 1) return clear('one supply voltage', systems);
    const answer = reads(place, scene);
    return answer.outcome === 'found'
      ? {
          ...answer,
          data: { ...answer.data, systems: systems.value },
          facts: [systems, ...answer.facts],
        }
      : answer;
  },
});
