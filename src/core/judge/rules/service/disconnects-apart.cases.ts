import type { RuleCase } from '../../../testing/rule-cases';

const at = 'Disconnect';

export const cases: readonly RuleCase[] = [
  ['apart', { disconnect: { disconnectGrouping: 'apart' } }, 'found: apart', at],
  ['together', { disconnect: { disconnectGrouping: 'together' } }, 'clear', at],
  ['the only one', { disconnect: { disconnectGrouping: 'only' } }, 'clear', at],
  ['never looked', {}, 'not-seen', at],
  [
    'a switch after the first',
    { disconnect: { disconnectRole: 'later', disconnectGrouping: 'apart' } },
    'does-not-apply',
    at,
  ],
];
