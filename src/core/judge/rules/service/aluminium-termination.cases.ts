import type { RuleCase } from '../../../testing/rule-cases';

const al = { supplyMetal: 'al' } as const;
const sound = { strandsCut: false, markedForAl: true, moisture: false } as const;
const at = 'Lug A';

export const cases: readonly RuleCase[] = [
  [
    'no inhibitor where the label wants it',
    { panel: { ...al, labelInhibitor: 'wanted' }, facts: { 'panel/l1': { inhibitor: 'absent' } } },
    'found: bare',
    at,
  ],
  ['strands cut', { panel: al, facts: { 'panel/l1': { strandsCut: true } } }, 'found: strands', at],
  [
    'not marked for aluminium',
    { panel: al, facts: { 'panel/l1': { markedForAl: false } } },
    'found: unmarked',
    at,
  ],
  ['bloom', { panel: al, facts: { 'panel/l1': { moisture: true } } }, 'found: bloom', at],
  [
    'inhibitor there',
    { panel: al, facts: { 'panel/l1': { ...sound, inhibitor: 'present' } } },
    'clear',
    at,
  ],
  [
    'the label wants none',
    { panel: { ...al, labelInhibitor: 'not-wanted' }, facts: { 'panel/l1': sound } },
    'clear',
    at,
  ],
  [
    'no inhibitor, label unread',
    { panel: al, facts: { 'panel/l1': { ...sound, inhibitor: 'absent' } } },
    'not-seen',
    at,
  ],
  ['metal unread', {}, 'not-seen'],
  ['copper', { panel: { supplyMetal: 'cu' } }, 'does-not-apply'],
];
