import type { Facts } from '../../../record/entries/properties';
import type { RuleCase } from '../../../testing/rule-cases';

const circuit = (facts: Facts) => ({ lines: ['7 15 14cu rooms'], facts: { 'circuit 7': facts } });

export const cases: readonly RuleCase[] = [
  [
    'three-prong outlets on two wires',
    circuit({ groundRun: false, threeProng: true, ungroundedMarked: false }),
    'found: pretends',
  ],
  [
    'ground-fault protected and marked',
    circuit({ groundRun: false, threeProng: true, ungroundedMarked: true }),
    'clear',
  ],
  ['two-prong outlets', circuit({ groundRun: false, threeProng: false }), 'clear'],
  ['a ground runs with it', circuit({ groundRun: true }), 'clear'],
  ['never traced', circuit({}), 'not-seen'],
  ['outlets not looked at', circuit({ groundRun: false }), 'not-seen'],
];
