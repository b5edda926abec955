import type { RuleCase } from '../../../testing/rule-cases';

const at = 'Mark of the main';

export const cases: readonly RuleCase[] = [
  ['main without a mark', { panel: { mainMarked: false } }, 'found: unmarked', at],
  ['main marked', { panel: { mainMarked: true } }, 'clear', at],
  ['never looked', {}, 'not-seen', at],
  ['what feeds it unknown', { fedBy: null, panel: { mainMarked: false } }, 'not-seen', at],
  ['panel downstream', { fedBy: 'disconnect', panel: { mainMarked: false } }, 'does-not-apply', at],
  [
    'disconnect without a mark',
    { disconnect: { disconnectMarked: false } },
    'found: unmarked',
    'Disconnect',
  ],
];
