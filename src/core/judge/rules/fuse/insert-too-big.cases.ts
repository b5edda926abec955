import type { RuleCase } from '../../../testing/rule-cases';

const fuses = (line: string): RuleCase[1] => ({
  panel: { panelKind: 'fuse', numbering: 'down-columns' },
  rows: 2,
  lines: [line],
});

export const cases: readonly RuleCase[] = [
  ['insert of 20 on 14 copper', fuses('1 f15 14cu insert20'), 'found: big'],
  ['insert of 20 on 12 copper', fuses('1 f20 12cu insert20'), 'clear'],
  ['base unread', fuses('1 f15 14cu'), 'not-seen'],
  ['wire unread', fuses('1 f15 insert20'), 'not-seen'],
  ['Edison base', fuses('1 f15 14cu edison'), 'does-not-apply'],
];
