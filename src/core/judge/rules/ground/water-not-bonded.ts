import { pipePlaces } from '../../check/pipe-places';
import { readsChoice } from '../../check/reads-choice';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

const bonded = readsChoice({
  property: 'pipeBonded',
  say: 'look for the bond of the water pipe',
  adverse: { broken: 'apart', 'not-bonded': 'apart' },
});

/** 250.104(A), 250.53(D)(1): metal water piping bonded, and unbroken round meters and plastic. */
export const waterNotBonded = defineRule({
  id: 'ground/water-not-bonded',
  title: 'Metal water pipe not bonded',
  stage: 3,
  hazards: ['shock'],
  base: { severity: 4, likelihood: 2 },
  finds:
    'A metal water pipe that is not bonded, or whose bond is broken by plastic or a meter; one that serves as electrode bonded further than 1.5 m from its entry.',
  example: 'A water meter without a jumper across it.',
  sources: [
    { code: '250.104(A)', says: 'bonding of metal water piping' },
    { code: '250.53(D)(1)', says: 'continuity of the water pipe electrode' },
  ],
  remedies: ['jumper-across-meter', 'water-bond'],
  messages: {
    apart: {
      short: '{place}: {value}',
      seen: '{place}: {value}.',
      why: 'A fault to the pipe makes every tap in the house live, and nothing opens.',
      ask: 'The metal water piping bonded, and jumpers across meters and plastic.',
    },
    far: {
      short: '{place}: bonded further than 1.5 m from its entry',
      seen: '{place} serves as electrode and is bonded further than 1.5 m from its entry.',
      why: 'Every fitting between the bond and the earth is one that a plumber may change.',
      ask: 'The bond moved to within 1.5 m of the entry.',
    },
  },
  places: (scene) => pipePlaces(scene, ['water'], 'Water piping'),
  check(place, scene) {
    const { reader } = scene.site;
    if (!place.pipe) {
      const piping = reader.fact(place.ref, 'waterPiping');
      if (piping?.value === 'none') return doesNotApply('no metal water piping');
      return notSeen(want(place.ref, 'waterPiping', 'look whether the water piping is metal'));
    }
    const answer = bonded(place, scene);
    const atEntry = reader.fact(place.ref, 'bondAtEntry');
    const isElectrode = scene.around.electrodes.some(
      (one) => reader.value(one.ref, 'electrodeKind') === 'water-pipe',
    );
    if (answer.outcome !== 'clear' || !isElectrode) return answer;
    if (!atEntry)
      return notSeen(want(place.ref, 'bondAtEntry', 'measure from the entry to the bond'));
    return atEntry.value ? clear('bonded at its entry', atEntry) : found('far', {}, [atEntry]);
  },
});
