import type { RuleCase } from '../../testing/rule-cases';

const fuses = (line: string): RuleCase[1] => ({
  panel: { panelKind: 'fuse', numbering: 'down-columns' },
  rows: 2,
  lines: [line],
});

export const cases: readonly RuleCase[] = [
  ['30 A on 14 copper', fuses('2 f30 14cu:b edison'), 'found: over'],
  ['40 A pull-out on 10 copper', fuses('pullout 1 40 10cu:b range'), 'found: over'],
  ['over the nameplate', fuses('pullout 1 40 10cu:b =ac mca18 mop30 cooling'), 'found: plate'],
  [
    'wire below the nameplate',
    fuses('pullout 1 30 14cu:b =ac mca25 mop30 cooling'),
    'found: plate-conductor',
  ],
  ['15 A on 14 copper', fuses('1 f15 14cu:b m1 edison'), 'clear'],
  ['wire unread', fuses('1 f15 edison'), 'not-seen'],
  ['no fuses', { lines: ['7 20 12cu'] }, 'does-not-apply'],
];
