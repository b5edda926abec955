import { describe, expect, test } from '@jest/globals';
import { bench } from '../../../testing/bench';
import type { Bench } from '../../../testing/bench';

const rule = 'reading/arcing';
const two = (): Bench => {
  const made = bench({ panel: { listened: 'quiet' } });
  made.book.add('panel', 'other', 'house', { rows: 2, listened: 'quiet' });
  made.book.add('device', 'far', 'other', { place: { kind: 'position', column: 1, row: 1 } });
  return made;
};
const byPanel = (made: Bench) =>
  Object.fromEntries(
    made
      .assess()
      .verdicts.filter((verdict) => verdict.rule.id === rule)
      .map(({ panel, outcome }) => [panel, outcome.outcome]),
  );

describe('arcing in one panel is no danger of another', () => {
  test('seen at a breaker of the second panel', () =>
    expect(byPanel(two().facts({ arcing: true }, 'far'))).toEqual({
      panel: 'clear',
      other: 'found',
    }));
  test('crackling at the second panel', () => {
    const made = bench({ panel: { listened: 'quiet' } });
    made.book.add('panel', 'other', 'house', { rows: 2, listened: 'crackle' });
    expect(byPanel(made)).toEqual({ panel: 'clear', other: 'found' });
  });
  test('what was said of the building as a whole counts at its first panel, and is asked at the other', () => {
    const made = bench({ building: { listened: 'crackle' } });
    made.book.add('panel', 'other', 'house', { rows: 2 });
    expect(byPanel(made)).toEqual({ panel: 'found', other: 'not-seen' });
  });
});
