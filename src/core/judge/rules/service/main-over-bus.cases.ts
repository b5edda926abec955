import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['150 A main on a 125 A bus', { panel: { labelBusA: 125 }, lines: ['main 150'] }, 'found: over'],
  ['100 A main on a 125 A bus', { panel: { labelBusA: 125 }, lines: ['main 100'] }, 'clear'],
  [
    'a larger main behind a smaller disconnect',
    {
      fedBy: 'disconnect',
      disconnect: { disconnectRatingA: 100 },
      panel: { labelBusA: 125 },
      lines: ['main 150'],
    },
    'clear',
  ],
  [
    'lugs behind a larger disconnect',
    { fedBy: 'disconnect', disconnect: { disconnectRatingA: 200 }, panel: { labelBusA: 125 } },
    'found: over',
  ],
  [
    'downstream, what feeds it unread: it may be smaller',
    { fedBy: 'disconnect', panel: { labelBusA: 125 }, lines: ['main 150'] },
    'not-seen',
  ],
  ['label unread', { lines: ['main 150'] }, 'not-seen'],
  ['no device recorded', { panel: { labelBusA: 125 } }, 'not-seen'],
  [
    'a main larger than the label’s largest main',
    { panel: { labelBusA: 200, labelMainA: 150 }, lines: ['main 175'] },
    'found: label',
  ],
];
