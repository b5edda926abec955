import type { Given, RuleCase } from '../../../testing/rule-cases';

const fuses = (...lines: string[]): Given => ({
  panel: { panelKind: 'fuse', numbering: 'down-columns' },
  rows: 2,
  lines,
});

export const cases: readonly RuleCase[] = [
  ['one of them overfused', fuses('1 f15 14cu m1 edison', '2 f30 14cu m1 edison'), 'found: open'],
  [
    'tampering shows',
    { ...fuses('1 f15 14cu m1 edison'), facts: { 'device 1': { fuseBypassed: 'foil' } } },
    'found: open',
  ],
  [
    'existing, no overfusing, a fuse in each',
    { ...fuses('1 f15 14cu m1 edison'), facts: { 'device 1': { fuseBypassed: 'fuse' } } },
    'clear',
  ],
  ['what is in the fuse’s place not seen', fuses('1 f15 14cu m1 edison'), 'not-seen'],
  ['inserts', fuses('1 f15 14cu m1 insert15'), 'clear'],
  ['bases unread', fuses('1 f15 14cu m1'), 'not-seen'],
  ['breakers', { lines: ['1 20 12cu'] }, 'does-not-apply'],
];
