import { describe, expect, test } from '@jest/globals';
import { add } from '../../fieldwork/recording/draft';
import type { Bench } from '../../testing/bench';
import { bench, testSettings } from '../../testing/bench';
import { assess } from '../../judge/assess/assess';
import type { ScopeName } from '../../judge/scope/scopes';
import { scopes } from '../../judge/scope/scopes';
import { gradeOf } from '../../judge/grading/matrix';
import { composeReport } from './compose';
import { gradeSentence } from './grade-sentence';
import { composeSheet } from './sheets';
import { wholeRecord } from './record';
import type { Audience } from './audience';
import { audiences } from './audience';
import { lookedSentences, outsideSentence } from './visit';

const frame = { inspection: 'one', asOf: '2026-04-14', authors: [] };
const typical = (scope?: ScopeName): Bench => {
  const made = bench({ panel: { coverOpened: 'opened' } }).lines(
    '1 20 12cu:b m1 n1 kitchen',
    '3 15 2x14cu:b m1 n2 hall',
  );
  if (scope) made.book.observe('site', { scope });
  return made;
};
const assessed = (made: Bench) => assess(made.book.entries, testSettings);
const reportOf = (made: Bench) => composeReport(assessed(made), frame);
const textOf = (made: Bench, audience: Audience): string => {
  const assessment = assessed(made);
  const report = composeReport(assessment, frame);
  const record = wholeRecord(made.book.entries, [], assessment);
  const { blocks } = composeSheet(
    { report, site: assessment.site, signed: undefined, record },
    audience,
  );
  return JSON.stringify(blocks);
};

describe('what was agreed, in words', () => {
  test.each(Object.keys(scopes) as ScopeName[])(
    '%s stands at the head of every report',
    (scope) => {
      for (const audience of audiences)
        expect(textOf(typical(scope), audience)).toContain(scopes[scope].says);
    },
  );

  test('that nothing was recorded as agreed is said', () => {
    for (const audience of audiences)
      expect(textOf(typical(), audience)).toContain('Nothing was recorded of what was agreed');
  });

  test.each([
    [[], 'Told beforehand: nothing was noticed.'],
    [
      ['shocks', 'smell'] as const,
      'Told beforehand: shocks or sparking at taps or metal, a warm or burnt smell.',
    ],
    [undefined, 'Whether anything was noticed beforehand was not recorded.'],
  ])('symptoms %j', (symptoms, says) => {
    const made = typical('opens');
    if (symptoms) made.book.observe('site', { symptoms: [...symptoms] }, 'told');
    expect(reportOf(made).scope).toContain(says);
  });

  test.each<[ScopeName, RegExp | undefined]>([
    ['full', undefined],
    ['tests', /^Outside what was agreed: tugging.* and switching off/],
    ['opens', /^Outside what was agreed: tugging.*, measuring.* and switching off/],
    ['looks', /^Outside what was agreed: opening doors and covers, /],
    ['outside', /^Outside what was agreed: looking inside the building, /],
  ])('%s: what lies outside is one sentence with what it could hide', (scope, words) => {
    const said = outsideSentence(assessed(typical(scope)).visit);
    if (!words) return expect(said).toBeUndefined();
    expect(said).toMatch(words);
    expect(said).toMatch(/They could show /);
  });

  test('a fact got beyond what was agreed is kept, used and shown as such', () => {
    const made = typical('opens');
    made.book.observe('panel', { abV: 240 }, 'measured');
    const { visit, readings } = reportOf(made);
    expect(visit!.beyond).toEqual(['A to B']);
    expect(readings.length).toBeGreaterThan(0);
    for (const audience of audiences)
      expect(textOf(made, audience)).toContain('Got by an act that was not agreed');
  });

  test('why something was not done, and who sees to it, stands in the reports', () => {
    const made = typical('opens');
    const act = assessed(made).visit.acts.find(({ key }) => key === 'panel|4|look|space')!;
    made.book.record([
      add('omission', 'o', 'site', {
        omits: act.key,
        omittedBecause: 'blocked',
        omissionWords: 'goods behind the bench',
        omissionBy: 'Tomas moves them by 20 April',
      }),
    ]);
    for (const audience of ['client', 'official', 'record'] as const) {
      expect(textOf(made, audience)).toContain(
        'Something stands in the way: goods behind the bench. Tomas moves them by 20 April',
      );
    }
    expect(assessed(made).visit.made).toBe(assessed(typical('opens')).visit.made);
  });

  test('a cover that stayed on is the reason of what is behind it', () => {
    const made = bench({ panel: { coverOpened: 'not-opened', coverReason: 'padlocked' } }).lines(
      '1 20 kitchen',
    );
    expect(lookedSentences(assessed(made))[0]).toContain('the cover on');
    const reasons = reportOf(made).visit!.notMade.flatMap(({ because }) => because ?? []);
    expect(reasons).toContain('the cover was not opened: padlocked');
  });

  test('measured, touched, traced: said only of what was not', () => {
    const made = typical('full');
    expect(lookedSentences(assessed(made))[1]).toBe(
      'Nothing was tested with an instrument, tugged or traced.',
    );
    made.book.observe('panel', { abV: 240 }, 'measured');
    expect(lookedSentences(assessed(made))[1]).toBe('Nothing was tugged or traced.');
  });
});

describe('no report tells a layman to open, tug, press or measure', () => {
  test.each(Object.keys(scopes) as ScopeName[])('%s', (scope) => {
    const made = typical(scope);
    const client = textOf(made, 'client');
    const { notMade } = reportOf(made).visit!;
    for (const { wants } of notMade) for (const want of wants) expect(client).not.toContain(want);
    if (notMade.some(({ looking }) => !looking))
      expect(client).toContain('For qualified people only: ');
  });
});

describe('one thing told once in the reports', () => {
  const made = () =>
    bench({ panel: { coverOpened: 'opened' } }).lines(
      '7 15 2x14cu:b m1 porch',
      '9 15 2x14cu:b m1 stair',
      '11 15 2x14cu:b m1 pump',
    );

  test('one finding, three places, each with its letter and its own facts', () => {
    const [finding] = reportOf(made()).findings.filter(({ rule }) => rule === 'breaker/double-tap');
    expect(finding!.places.map(({ letter, place }) => `${letter} ${place}`)).toEqual([
      'a Breaker 7',
      'b Breaker 9',
      'c Breaker 11',
    ]);
    expect(new Set(finding!.places.map(({ ref }) => ref)).size).toBe(3);
    for (const { exact, recorded } of finding!.places) {
      expect(exact.length).toBeGreaterThan(0);
      expect(recorded.length).toBeGreaterThan(0);
    }
    expect(finding!.why).toContain('7, 9 and 11');
  });

  test.each(['electrician', 'record'] as const)('for the %s every place is kept', (audience) => {
    const text = textOf(made(), audience);
    for (const place of ['Breaker 7', 'Breaker 9', 'Breaker 11']) expect(text).toContain(place);
    expect(text).toContain('porch'.replace('p', 'P'));
  });
});

describe('how grave beside how soon', () => {
  const cells = ([1, 2, 3, 4] as const).flatMap((severity) =>
    ([1, 2, 3, 4, 5] as const).map((likelihood) => [severity, likelihood] as const),
  );
  test.each(cells)('S%i L%i has a sentence that goes with its grade', (severity, likelihood) => {
    const grade = gradeOf(severity, likelihood);
    const says = gradeSentence({ severity, likelihood, grade, trace: [] });
    expect(says).toMatch(/^If it happens: .+\. How soon: .+\. [A-Z].+\.$/);
    expect(says).not.toMatch(/death|certain|fine\b/);
    expect(/\btoday\b/.test(says)).toBe(grade === 'danger');
    if (grade === 'urgent') expect(says).toContain('days');
  });

  test('another grade than harm and likelihood give says what made it so', () => {
    const trace = [
      { because: 'base', severity: 2, likelihood: 2, grade: 'plan', moves: '', counted: true },
      {
        because: 'outside the listing',
        severity: 2,
        likelihood: 2,
        grade: 'repair',
        moves: 'floor',
        counted: true,
      },
    ] as const;
    expect(
      gradeSentence({ severity: 2, likelihood: 2, grade: 'repair', trace: [...trace] }),
    ).toContain('That alone would be Plan; it is Repair: outside the listing.');
  });
});
