import type { RuleCase } from '../../../testing/rule-cases';

const big = {
  serviceSystem: 'wye-208',
  transformerKva: 112.5,
  transformerImpedancePercent: 2.1,
} as const;
const run = (metres: number) => ({
  supplySize: '3/0' as const,
  supplyMetal: 'cu' as const,
  supplyLength: { value: metres, unit: 'm' as const },
});

export const cases: readonly RuleCase[] = [
  [
    'said by the utility above the label',
    { service: { availableFaultA: 14000 }, panel: { interruptingKa: 10 } },
    'found: over',
  ],
  [
    'computed above the label, short run',
    { service: big, panel: { interruptingKa: 10, ...run(3) } },
    'found: over',
  ],
  [
    'computed within the label, long run',
    { service: big, panel: { interruptingKa: 10, ...run(60) } },
    'clear',
  ],
  ['within the label at the transformer', { service: big, panel: { interruptingKa: 22 } }, 'clear'],
  [
    'a strong main does not help a weak branch breaker',
    {
      service: { availableFaultA: 14000 },
      panel: { interruptingKa: 10 },
      lines: ['main 200'],
      facts: { main: { interruptingKa: 22 } },
    },
    'found: over',
  ],
  [
    'a series rating counts',
    { service: { availableFaultA: 14000 }, panel: { interruptingKa: 10, seriesRatingKa: 22 } },
    'clear',
  ],
  ['transformer unread', { panel: { interruptingKa: 10 } }, 'not-seen'],
  ['label unread', { service: { availableFaultA: 14000 } }, 'not-seen'],
  ['label unread, below what any breaker takes', { service: { availableFaultA: 4000 } }, 'clear'],
  [
    'above at the transformer, run not measured',
    { service: big, panel: { interruptingKa: 10 } },
    'not-seen',
  ],
];
