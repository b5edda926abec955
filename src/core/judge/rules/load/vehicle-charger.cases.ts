import type { Facts } from '../../../record/entries/properties';
import type { Given, RuleCase } from '../../../testing/rule-cases';

const charger = (line: string, load: Facts, more: Given['facts'] = {}): Given => ({
  lines: [line],
  facts: { 'load 1': load, ...more },
});
const wired = { chargerConnection: 'hard-wired', chargerA: 32 } as const;

export const cases: readonly RuleCase[] = [
  ['32 A on 30 A', charger('1+3 30 10cu m1 =charger', wired), 'found: unfit'],
  [
    'an ordinary outlet',
    charger('1+3 40 8cu m1 =charger', {
      ...wired,
      chargerConnection: 'outlet',
      chargerOutlet: 'ordinary',
    }),
    'found: unfit',
  ],
  ['32 A on 40 A, hard-wired', charger('1+3 40 8cu m1 =charger', wired), 'clear'],
  [
    'an outlet made for it, no ground-fault protection',
    charger(
      '1+3 40 8cu m1 plain =charger',
      { ...wired, chargerConnection: 'outlet', chargerOutlet: 'made-for-it' },
      { 'circuit 1': { upstreamProtection: 'none' } },
    ),
    'found: ground-fault',
  ],
  [
    'an outlet made for it, on a ground-fault breaker',
    charger('1+3 40 8cu m1 gf =charger', {
      ...wired,
      chargerConnection: 'outlet',
      chargerOutlet: 'made-for-it',
    }),
    'clear',
  ],
  [
    'what it is set to not read',
    charger('1+3 40 8cu m1 =charger', { chargerConnection: 'hard-wired' }),
    'not-seen',
  ],
  [
    'another load',
    { panel: { loadsListed: true }, lines: ['1+3 40 8cu m1 =range'] },
    'does-not-apply',
  ],
];
