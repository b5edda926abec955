import { describe, expect, test } from '@jest/globals';
import { bench } from '../../../testing/bench';
import { Work } from '../work';
import { freeScrew, landOn } from './screws';

const work = () =>
  new Work(
    bench({ rows: 6 }).lines(
      'bar n 8 left',
      '1 20 12cu n1 hall',
      '3 20 12cu n6 bath',
      '5 20 12cu n6 loft',
    ).book.entries,
  );
const barOf = ({ site }: Work) => site.panels[0]!.bars[0]!;

describe('a free screw', () => {
  test.each([
    ['nearest to the wire’s own', 't6', 't5'],
    ['at the end of the bar, inwards', 't8', 't8'],
    ['of no wire yet: the first', undefined, 't2'],
  ])('%s', (_, near, expected) => {
    const made = work();
    const { id } = barOf(made);
    expect(freeScrew(made, 'panel', 'neutral', near && `${id}/${near}`)).toBe(`${id}/${expected}`);
  });

  test('none where every screw holds something, and the wire stays', () => {
    const full = new Work(
      bench({ rows: 6 }).lines('bar n 2 left', '1 20 12cu n1', '3 20 12cu n2', '5 20 12cu n2').book
        .entries,
    );
    const { terminals } = barOf(full);
    const wire = terminals[1]!.conductors[0]!.id;
    expect(landOn(full, 'panel', [wire], 'neutral')).toBe('no neutral screw is free');
    expect(full.reader.value(wire, 'landsOn')).toBe(terminals[1]!.ref);
  });
});
