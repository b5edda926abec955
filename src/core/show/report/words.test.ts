import { describe, expect, test } from '@jest/globals';
import { audienceOf, audiences } from './audience';
import { comparisons } from './comparisons';
import { directoryWords } from './directory-words';
import { glossaryOf } from './glossary';
import { mendingWords } from './mending';
import { unseenByStage } from './as-issued/unseen-by-stage';
import { readingsAfter, readingsByGroup } from './readings-after';
import { rules } from '../../judge/rules';

describe('ways to mend', () => {
  test.each([
    [['A key for the occupant'], false, 'A key for the occupant.'],
    [
      ['A tie', 'A two-pole breaker'],
      false,
      'Least work first: a tie; or, more work, a two-pole breaker.',
    ],
    [['One', 'Two', 'Three'], false, 'Least work first: one; or two; or, more work, three.'],
    [['Check', 'Then mend'], true, 'In this order: check; then mend.'],
  ])('%j', (remedies, remediesInOrder, words) =>
    expect(mendingWords({ remedies, remediesInOrder })).toBe(words),
  );
});

describe('words explained', () => {
  test('are those the texts use, in the order of the alphabet', () =>
    expect(
      glossaryOf(['The neutral of the feeder', 'a tandem at 13']).map(({ term }) => term),
    ).toEqual(['Feeder', 'Neutral', 'Tandem']));
  test('none where none is used', () => expect(glossaryOf(['Nothing here'])).toEqual([]));
  test.each([
    ['the main is off', 'Main'],
    ['a 20 A breaker', 'Amp (A)'],
    ['grounded metal', 'Ground'],
    ['a remainder', undefined],
    ['Ampere was a man', undefined],
    ['hotel', undefined],
  ])('“%s” asks for %s', (text, term) =>
    expect(glossaryOf([text])[0]?.term).toBe(term === 'Amp (A)' ? 'Amp (A)' : term),
  );
  test('every everyday comparison is of a danger some rule can find', () => {
    const found = new Set(rules.flatMap(({ hazards }) => hazards));
    expect(Object.keys(comparisons).sort()).toEqual([...found].sort());
  });
});

describe('who reads', () => {
  test('the client where nobody is named', () => expect(audienceOf(undefined)).toBe('client'));
  test.each(audiences)('%s', (one) => expect(audienceOf(one)).toBe(one));
  test.each(['anybody', 'Client', 'client '])('“%s” is nobody', (name) =>
    expect(audienceOf(name)).toBeUndefined(),
  );
});

describe('the directory’s words', () => {
  test.each([
    [
      { label: '7', ratingA: 20, feeds: 'kitchen: sink', how: 'traced' },
      ['7', '20 A', 'kitchen: sink', 'traced'],
    ],
    [
      { label: '9+11', ratingA: undefined, feeds: 'Dryer', how: 'recorded' },
      ['9+11', 'not read', 'Dryer', 'as recorded, not traced'],
    ],
    [
      { label: '13a', ratingA: 15, feeds: undefined, how: 'unknown' },
      ['13a', '15 A', 'not known', 'not known'],
    ],
  ] as const)('%j', (line, words) => expect(directoryWords(line)).toEqual(words));
});

test('what was not seen stands under its stage of the visit, each want once, what is likely named', () => {
  const line = (stage: number, say: string, likely = false, places = 1) => ({
    rule: 'x/y',
    title: `Title of ${say}`,
    stage,
    say,
    panel: 'p',
    panelName: 'Main panel',
    places: Array.from({ length: places }, (_, at) => `place ${at}`),
    likely,
    about: 'p',
    property: undefined,
    severity: 3 as const,
  });
  expect(
    unseenByStage({
      notSeen: [
        line(8, 'look', false, 4),
        line(5, 'read the label', true),
        line(8, 'look'),
        line(8, 'tug'),
      ],
    }),
  ).toEqual([
    {
      stage: 'The door',
      wants: ['read the label'],
      checks: 1,
      likely: ['Title of read the label (Main panel): read the label'],
    },
    { stage: 'Inside', wants: ['look', 'tug'], checks: 6, likely: [] },
  ]);
});

test('every group of rules has readings to take afterwards', () => {
  const groups = [...new Set(rules.map(({ id }) => id.split('/')[0]!))];
  expect(Object.keys(readingsByGroup).sort()).toEqual(groups.sort());
  for (const { id } of rules) expect(readingsAfter(id).length).toBeGreaterThan(0);
});
