import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const source = (facts: Facts): Given => ({
  things: [['source', 's', 'house', { sourceKind: 'inverter', ...facts }]],
});
const tap = { sourceTap: 'supply-side', rapidShutdownMark: true } as const;

export const cases: readonly RuleCase[] = [
  ['a tap without a switch', source({ ...tap, tapSwitch: 'none' }), 'found: no-switch'],
  ['its switch in the attic', source({ ...tap, tapSwitch: 'far' }), 'found: no-switch'],
  ['its switch beside the tap', source({ ...tap, tapSwitch: 'near' }), 'clear'],
  ['on the bus, marked', source({ sourceTap: 'bus', rapidShutdownMark: true }), 'clear'],
  [
    'on the bus, not marked',
    source({ sourceTap: 'bus', rapidShutdownMark: false }),
    'found: no-mark',
  ],
  ['switch not looked for', source(tap), 'not-seen'],
  ['a generator', source({ sourceKind: 'generator' }), 'does-not-apply'],
];
