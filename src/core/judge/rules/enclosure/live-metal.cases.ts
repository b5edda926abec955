import type { RuleCase } from '../../../testing/rule-cases';

export const cases: readonly RuleCase[] = [
  [
    '118 V on a loading meter',
    { panel: { enclosureToEarthV: 118, enclosureMeter: 'loading' } },
    'found: live',
  ],
  [
    '2 V on a loading meter',
    { panel: { enclosureToEarthV: 2, enclosureMeter: 'loading' } },
    'clear',
  ],
  [
    '2 V on a high-impedance meter',
    { panel: { enclosureToEarthV: 2, enclosureMeter: 'high-impedance' } },
    'clear',
  ],
  [
    '2 V by a tester alone',
    { panel: { enclosureToEarthV: 2, enclosureMeter: 'tester' } },
    'not-seen',
  ],
  ['2 V, with what not said', { panel: { enclosureToEarthV: 2 } }, 'not-seen'],
  ['never measured', {}, 'not-seen'],
  ['a tester lights', { building: { metalTouched: 'tester-on' } }, 'not-seen'],
  [
    'a high-impedance meter alone',
    { panel: { enclosureToEarthV: 80, enclosureMeter: 'high-impedance' } },
    'not-seen',
  ],
  ['a tester alone', { panel: { enclosureToEarthV: 120, enclosureMeter: 'tester' } }, 'not-seen'],
  ['a tingle felt by the inspector', { building: { metalTouched: 'tingle' } }, 'found: tingle'],
  ['a tingle felt at this panel', { panel: { metalTouched: 'tingle' } }, 'found: tingle'],
  [
    'shocks told',
    { after: (made) => void made.book.observe('site', { symptoms: ['shocks'] }, 'told') },
    'not-seen',
  ],
  [
    'a tingle told by others',
    { after: (made) => void made.book.observe('house', { metalTouched: 'tingle' }, 'told') },
    'not-seen',
  ],
  [
    'shocks told and 2 V without load',
    {
      panel: { enclosureToEarthV: 2, enclosureMeter: 'high-impedance' },
      after: (made) => void made.book.observe('site', { symptoms: ['shocks'] }, 'told'),
    },
    'not-seen',
  ],
];
