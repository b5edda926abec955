import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  ['cracked', { panel: { deadFront: 'cracked' } }, 'found: faulty'],
  ['missing', { panel: { deadFront: 'missing' } }, 'found: missing'],
  ['sound', { panel: { deadFront: 'sound' } }, 'clear'],
  ['never looked', {}, 'not-seen'],
  [
    'empty live socket without cover',
    { things: [['meter', 'm1', 'house', { meterState: 'empty', socketCover: 'missing' }]] },
    'found: socket',
    'Meter',
  ],
  [
    'bypassed, cover not looked at',
    { things: [['meter', 'm1', 'house', { meterState: 'bypassed' }]] },
    'not-seen',
    'Meter',
  ],
  [
    'meter in place',
    { things: [['meter', 'm1', 'house', { meterState: 'in-place' }]] },
    'clear',
    'Meter',
  ],
];
