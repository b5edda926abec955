import { describe, expect, test } from '@jest/globals';
import { add, observe } from '../../fieldwork/recording/draft';
import { bench } from '../../testing/bench';
import type { ScopeName } from './scopes';

/**
 * Written down from the brief before it was counted: what each scope agrees to, of one record, by the
 * act that gets each fact. [made, agreed], then what is agreed and not made.
 */
const expected: Record<ScopeName, [made: number, agreed: number, notMade: string[]]> = {
  outside: [4, 4, []],
  looks: [7, 8, ['p|4|look|space']],
  opens: [10, 12, ['p|4|look|space', 'p|8|open|terminal-left']],
  tests: [11, 14, ['p|4|look|space', 'p|6|test|device-left', 'p|8|open|terminal-left']],
  full: [
    12,
    16,
    [
      'p|4|look|space',
      'p|6|test|device-left',
      'p|8|open|terminal-left',
      'p|8|touch|lug',
    ],
  ],
};
/** Facts of the record got by an act that was not agreed, by property. */
const beyond: Record<ScopeName, string[]> = {
  outside: ['abV', 'closedUp', 'coverOpened', 'depthMm', 'form', 'handleRatingsA', 'labelBusA', 'place', 'rows', 'size', 'tightness'],
  looks: ['abV', 'coverOpened', 'labelBusA', 'size', 'tightness'],
  opens: ['abV', 'tightness'],
  tests: ['tightness'],
  full: [],
};
