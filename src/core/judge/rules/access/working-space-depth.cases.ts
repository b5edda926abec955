import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['below the table', { panel: { depthMm: 913 } }, 'found: shallow'],
  ['at the metric twin of 3 ft', { panel: { depthMm: 914 } }, 'clear'],
  ['never measured', {}, 'not-seen'],
  [
    'grounded parts opposite at 277 V, between the figures',
    { service: { serviceSystem: 'wye-480' }, panel: { depthMm: 1000, spaceCondition: '2' } },
    'found: shallow',
  ],
  [
    'live parts opposite at 277 V, 4 ft',
    {
      service: { serviceSystem: 'wye-480' },
      panel: { depthMm: { value: 4, unit: 'ft' }, spaceCondition: '3' },
    },
    'clear',
  ],
  [
    'above 150 V, what stands opposite unread',
    { service: { serviceSystem: 'wye-480' }, panel: { depthMm: 1000 } },
    'not-seen',
  ],
  ['the supply unread', { fedBy: null, panel: { depthMm: 1000 } }, 'not-seen'],
  [
    'the supply unread, below every figure',
    { fedBy: null, panel: { depthMm: 800 } },
    'found: shallow',
  ],
  ['cover closed', { panel: { depthMm: 600, coverOpened: 'not-opened' } }, 'found: shallow'],
];
