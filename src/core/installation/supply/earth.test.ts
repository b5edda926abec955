import { expect, test } from '@jest/globals';
import type { Facts } from '../../record/entries/properties';
import { bench } from '../../testing/bench';
import { tiesOf } from './earth';

const ties = (type: 'electrode' | 'pipe' | 'source', facts: Facts) => {
  const { book } = bench();
  book.add(type, 'one', 'house', facts);
  const { reader } = book.site;
  return tiesOf([...reader.inspection.things.values()], reader).map(({ at, sure, conductor }) => [
    at,
    sure,
    conductor,
  ]);
};

test.each([
  [
    'a rod seen from end to end',
    'electrode',
    { electrodeConductor: 'seen-to-end' },
    ['panel', false, 'seen'],
  ],
  ['a rod nobody followed', 'electrode', {}, ['panel', false, 'unseen']],
  ['a rod cut off', 'electrode', { electrodeConductor: 'cut' }, ['panel', false, 'none']],
  [
    'a pipe bonded at a panel',
    'pipe',
    { pipeBonded: 'bonded', bondedAt: 'panel' },
    ['panel', true, 'seen'],
  ],
  ['a pipe whose bond is broken', 'pipe', { pipeBonded: 'broken' }, ['panel', false, 'none']],
  ['a generator', 'source', { feeds: 'panel' }, ['panel', true, 'seen']],
  ['a generator nobody followed', 'source', {}, [undefined, true, 'unseen']],
] as const)('%s', (_, type, facts, tie) => {
  expect(ties(type, facts as Facts)).toEqual([tie]);
});
