import type { RuleCase } from '../../../testing/rule-cases';

const jumper = { legFeed: 'jumpered' } as const;

export const cases: readonly RuleCase[] = [
  ['a jumper and a two-pole breaker', { panel: jumper, lines: ['1+3 20 12cu m1'] }, 'found: one'],
  [
    'a jumper and a shared neutral',
    { panel: jumper, lines: ['1 20 12cu m1 n1', '3 20 12cu m1 ~1'] },
    'found: one',
  ],
  [
    'read: nothing between legs that read alike',
    { panel: { anV: 121, bnV: 121, abV: 1 }, lines: ['1+3 20 12cu m1'] },
    'found: one',
  ],
  ['two legs read', { panel: { anV: 121, bnV: 120, abV: 241 } }, 'clear'],
  ['each leg by its own', { panel: { legFeed: 'each' }, lines: ['1+3 20 12cu m1'] }, 'clear'],
  [
    'one leg, every neutral its own',
    { panel: { ...jumper, sharedNeutrals: 'none' }, lines: ['1 20 12cu m1 n1'] },
    'clear',
  ],
  ['one leg, neutrals not followed', { panel: jumper, lines: ['1 20 12cu m1 n1'] }, 'not-seen'],
  ['three phases', { service: { serviceSystem: 'wye-208' }, panel: jumper }, 'does-not-apply'],
  ['never looked', {}, 'not-seen'],
];
