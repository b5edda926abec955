import { properties } from '../../../record/entries/properties';
import { listed } from '../../../vocabulary/phrases';
import { statesOf } from '../../check/states';
import { clear, defineRule, doesNotApply, found, notSeen, want } from '../../check/rule';

const words = properties.mastStates.choices as Readonly<Record<string, string>>;

/** 230.24, 230.28, 230.54: overhead drop, mast and weatherhead. */
export const dropOrMast = defineRule({
  id: 'service/drop-or-mast',
  title: 'Drop, mast or weatherhead unsound',
  stage: 3,
  hazards: ['shock', 'fire'],
  base: { severity: 4, likelihood: 3 },
  finds:
    'Overhead: insulation frayed, no drip loop, a loose mast, a drop too low; several may stand side by side. The utility’s side is noted as such. Underground there is none.',
  example: 'A drop whose insulation hangs in rags at the weatherhead.',
  sources: [
    { code: '230.24', says: 'clearance of drops' },
    { code: '230.54', says: 'service heads and drip loops' },
  ],
  who: 'the utility for its side, a licensed electrician for the mast',
  remedies: ['new-drop', 'new-mast'],
  messages: {
    worn: {
      short: 'Overhead service: {value}',
      seen: 'Of the drop, mast and weatherhead: {value}.',
      why: 'These wires have no breaker ahead of them; what touches them, or the water that runs in along them, meets the full supply.',
      ask: 'The utility called to look at its side, and the mast made sound.',
    },
  },
  places: ({ around }) => around.services,
  quiet: {
    unless: ['supplyWay', 'mastStates', 'mast'],
    property: 'mastStates',
    say: 'look up at the drop, mast and weatherhead',
  },
  check({ ref }, { site: { reader } }) {
    if (reader.value(ref, 'supplyWay') === 'underground')
      return doesNotApply('comes in underground');
    const read = statesOf(reader, ref, 'mastStates', 'mast', 'sound');
    if (!read) return notSeen(want(ref, 'mastStates', 'look up at the drop, mast and weatherhead'));
    const { states, facts } = read;
    if (states.length === 0) return clear('sound', ...facts);
    const value = listed(states.map((state) => words[state] ?? state));
    const mild = states.every((state) => state === 'no-drip-loop');
    return found('worn', { value }, facts, {
      ...(mild && { base: { severity: 3, likelihood: 2, because: 'no drip loop' } }),
    });
  },
});
