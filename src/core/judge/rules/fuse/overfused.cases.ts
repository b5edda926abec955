import type { RuleCase } from '../../../testing/rule-cases';

const fuses = (line: string): RuleCase[1] => ({
  panel: { panelKind: 'fuse', numbering: 'down-columns' },
  rows: 2,
  lines: [line],
});

/** A pump on a pull-out block: rating, wire, full-load current. */
const pump = (
  ratingA: number,
  size: '14' | '12',
  fullLoadA: number,
  fuseKind?: 'time-delay' | 'non-time-delay',
): RuleCase[1] => ({
  panel: { panelKind: 'fuse' },
  things: [
    [
      'device',
      'po',
      'panel',
      {
        place: { kind: 'pull-out', number: 1 },
        form: 'pull-out',
        handleRatingsA: [ratingA],
        ...(fuseKind && { fuseKind }),
      },
    ],
    ['conductor', 'a', 'panel', { function: 'hot', size, metal: 'cu', landsOn: 'po/t1' }],
    ['conductor', 'b', 'panel', { function: 'hot', size, metal: 'cu', landsOn: 'po/t2' }],
    ['circuit', 'c', 'panel', { terminals: ['po/t1', 'po/t2'] }],
    ['load', 'l', 'c', { loadKind: 'motor', fullLoadA }],
  ],
});

export const cases: readonly RuleCase[] = [
  ['30 A on 14 copper', fuses('2 f30 14cu:b edison'), 'found: over'],
  ['40 A pull-out on 10 copper', fuses('pullout 1 40 10cu:b range'), 'found: over'],
  ['over the nameplate, time-delay', pump(30, '12', 10, 'time-delay'), 'found: plate'],
  // 175 % of 12 A is 21 A; the next standard size up is 25 A.
  ['time-delay, next size up of 175 %', pump(25, '12', 12, 'time-delay'), 'clear'],
  ['without time delay, 300 %', pump(30, '12', 10, 'non-time-delay'), 'clear'],
  ['kind of fuse unread, and it turns on it', pump(30, '12', 10), 'not-seen'],
  ['over it whatever the fuse', pump(40, '12', 10), 'found: plate'],
  ['wire below the nameplate', pump(20, '14', 20), 'found: plate-conductor'],
  ['15 A on 14 copper', fuses('1 f15 14cu:b m1 edison'), 'clear'],
  ['wire unread', fuses('1 f15 edison'), 'not-seen'],
  ['no fuses', { lines: ['7 20 12cu'] }, 'does-not-apply'],
];
