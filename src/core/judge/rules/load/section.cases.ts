import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const oneLeg = (terminal: Facts, panel: Facts = {}): Given => ({
  panel: { panelKind: 'split-bus', mainKind: 'throws', upperRows: 4, ...panel },
  things: [
    [
      'device',
      'low',
      'panel',
      { place: { kind: 'position', column: 1, row: 3 }, form: 'two-pole', handleRatingsA: [60] },
    ],
  ],
  facts: { panel: { lowerFedBy: 'low' }, 'low/t1': terminal },
});

/** Both legs clamped alike. */
const split = (terminal: Facts, panel: Facts = {}): Given => {
  const given = oneLeg(terminal, panel);
  return { ...given, facts: { ...given.facts, 'low/t2': terminal } };
};

export const cases: readonly RuleCase[] = [
  ['66 A measured on 60 A', split({ loadCurrentA: 66 }), 'found: over'],
  ['70 A calculated on 60 A', split({}, { sectionDemandA: 70 }), 'found: over'],
  ['40 A measured', split({ loadCurrentA: 40 }), 'clear'],
  [
    'its handles add up to more: never clamped',
    { ...split({}), lines: ['9 20 12cu', '11 20 12cu', '13 20 12cu', '15 20 12cu'] },
    'not-seen',
  ],
  ['one main', { lines: ['main 100'] }, 'does-not-apply'],
  ['41 A on one leg, the other never clamped', oneLeg({ loadCurrentA: 41 }), 'not-seen'],
  [
    '41 A on one leg, 66 A on the other',
    {
      ...oneLeg({ loadCurrentA: 41 }),
      facts: {
        panel: { lowerFedBy: 'low' },
        'low/t1': { loadCurrentA: 41 },
        'low/t2': { loadCurrentA: 66 },
      },
    },
    'found: over',
  ],
];
