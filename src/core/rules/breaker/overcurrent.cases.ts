import type { RuleCase } from '../../testing/rule-cases';

const ac = (line: string): RuleCase[1] => ({ lines: [line] });

export const cases: readonly RuleCase[] = [
  ['20 A on 14 copper', { lines: ['7 20 14cu'] }, 'found: over'],
  ['the thinnest of two', { lines: ['7 20 12cu+14cu m2'] }, 'found: over'],
  ['breaker over the nameplate', ac('9+11 40 12cu =ac mca18 mop30 cooling'), 'found: plate'],
  [
    'wire below the nameplate',
    ac('9+11 30 14cu =ac mca25 mop30 cooling'),
    'found: plate-conductor',
  ],
  ['fuse only by the nameplate', ac('9+11 30 12cu =ac mca18 mfu30 cooling'), 'found: fuse-only'],
  ['6 copper on 60 A for a range', { lines: ['10+12 60 6cu in:nm =range range'] }, 'clear'],
  ['air conditioner within its nameplate', ac('9+11 30 12cu =ac mca18 mop30 cooling'), 'clear'],
  ['nameplate unread', ac('9+11 30 12cu =ac cooling'), 'not-seen'],
  ['rating unread', { lines: ['7 12cu m1'] }, 'not-seen'],
];
