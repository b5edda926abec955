import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { assess } from '../assess/assess';
import type { Entry } from '../../record/entries/entry';
import { anyEntries } from '../../testing/any-entries';
import { bench, testSettings } from '../../testing/bench';
import type { Given } from '../../testing/rule-cases';
import { record } from '../../testing/rule-cases';
import { casesByRule } from '../rules/cases';
import type { School } from '../../codes/settings/settings';
import { schools } from '../../codes/settings/settings';
import { grades } from '../../vocabulary/grade';
import { schoolsCompared } from './schools';

const rank = (grade: (typeof grades)[number]) => grades.indexOf(grade);
const compared = (entries: readonly Entry[]) => {
  const { examination } = assess(entries, testSettings);
  return [...schoolsCompared(examination)];
};
/** Every case that fires, as recorded entries. */
const firing = [...casesByRule].flatMap(([rule, cases]) =>
  cases
    .filter(([, , expected]) => expected.startsWith('found'))
    .map(([name, given]) => [`${rule}: ${name}`, given] as const),
);

describe('laws of the schools', () => {
  test('by the label is never less cautious than by the evidence, over every case that fires', () => {
    for (const [name, given] of firing)
      for (const [key, grade] of compared(record(given).book.entries))
        expect([name, key, rank(grade['by-the-label'].grade)]).toEqual([
          name,
          key,
          Math.min(rank(grade['by-the-label'].grade), rank(grade['by-the-evidence'].grade)),
        ]);
  });

  test('and over any entries', () => {
    fc.assert(
      fc.property(anyEntries, (entries) => {
        for (const [, grade] of compared(entries))
          expect(rank(grade['by-the-label'].grade)).toBeLessThanOrEqual(
            rank(grade['by-the-evidence'].grade),
          );
      }),
      { numRuns: 60 },
    );
  });

  test('no school differs on a triggered Danger now', () => {
    let triggered = 0;
    for (const [, given] of firing) {
      const { examination, findings } = assess(record(given).book.entries, testSettings);
      const schoolsOf = schoolsCompared(examination);
      for (const finding of findings.filter((one) => one.outcome.danger)) {
        triggered += 1;
        for (const school of schools)
          expect(schoolsOf.get(finding.key)![school].grade).toBe('danger');
        expect(finding.likelihood).toBeGreaterThanOrEqual(4);
      }
    }
    expect(triggered).toBeGreaterThan(15);
  });

  test('more adverse evidence at the place never lowers a grade, in any school', () => {
    const evidence = [
      { heatMark: true },
      { melted: true },
      { moisture: true },
      { arcing: true },
      { tightness: 'loose' },
    ] as const;
    for (const school of schools)
      for (const facts of evidence) {
        const made = bench({ building: { yearBuilt: 1964 } }).lines(
          '7 20 2x12cu m1 n3',
          '9 20 14cu m1 n3',
        );
        const gradesOf = () =>
          new Map(
            assess(made.book.entries, { ...testSettings, school }).findings.map((one) => [
              one.key,
              rank(one.grade),
            ]),
          );
        const before = gradesOf();
        expect(before.size).toBeGreaterThan(1);
        const panel = made.book.site.panels[0]!;
        for (const device of panel.devices) made.facts(facts, `${device.id}/t1`);
        made.facts(facts, 'nbar/t3');
        const after = gradesOf();
        for (const [key, grade] of before)
          expect([key, after.get(key)! <= grade]).toEqual([key, true]);
      }
  });
});

describe('what each school makes of one thing', () => {
  const grade = (given: Given, rule: string, school: School) =>
    assess(record(given).book.entries, { ...testSettings, school }).findings.find(
      (one) => one.verdict.rule.id === rule,
    );
  const neutrals: Given = {
    building: { yearBuilt: 1964 },
    lines: ['3 15 14cu n3', '5 20 14cu n3'],
  };

  test('two neutrals of 1964: Repair by the label, one step less by the evidence', () => {
    expect(grade(neutrals, 'neutral/double', 'by-the-label')).toMatchObject({ grade: 'repair' });
    expect(grade(neutrals, 'neutral/double', 'by-the-evidence')).toMatchObject({
      grade: 'plan',
      likelihood: 1,
      legacy: { state: 'legacy' },
    });
  });
  test('with a heat mark the legacy reduction ends', () => {
    const hot = { ...neutrals, facts: { 'neutral 3': { heatMark: true } } };
    expect(grade(hot, 'neutral/double', 'by-the-evidence')!.likelihood).toBe(4);
  });
  test('a low-voltage load lowers a doubled screw by the evidence only', () => {
    const given: Given = { lines: ['7 15 2x14cu m1 =low bell'] };
    expect(grade(given, 'breaker/double-tap', 'by-the-label')!.likelihood).toBe(2);
    expect(grade(given, 'breaker/double-tap', 'by-the-evidence')!.likelihood).toBe(1);
  });
  test('a sound panel family is planned for by the calendar, with the sooner date', () => {
    const given: Given = { panel: { maker: 'Dunvarick', model: 'FS-20', yearBuilt: 1971 } };
    const planned = grade(given, 'breaker/hazard-family', 'by-the-calendar')!;
    expect(planned).toMatchObject({ grade: 'plan', due: { on: '2011-12-31' } });
    const hot: Given = { ...given, lines: ['7 20 12cu !heat'] };
    expect(grade(hot, 'breaker/hazard-family', 'by-the-calendar')).toMatchObject({
      grade: 'urgent',
    });
  });
  test('years: within three of an edition with unknown adoption it is doubtful, not legacy', () => {
    const of = (yearBuilt: number, adoptionYears: number | null) =>
      assess(record({ ...neutrals, building: { yearBuilt } }).book.entries, {
        ...testSettings,
        adoptionYears,
      }).findings.find((one) => one.verdict.rule.id === 'neutral/double')!.legacy!.state;
    expect(of(2003, null)).toBe('doubtful');
    expect(of(2003, 4)).toBe('legacy');
    expect(of(2003, 0)).toBe('not-legacy');
    expect(of(2006, null)).toBe('not-legacy');
  });
});

describe('pairs', () => {
  test('a missing electrode raises a missing bond', () => {
    const given: Given = { building: { electrodeCount: 0 }, panel: { bond: 'none' } };
    const bond = assess(record(given).book.entries, testSettings).findings.find(
      (one) => one.verdict.rule.id === 'ground/bond-missing',
    )!;
    expect(bond.trace.map((line) => line.because)).toContain(
      'raised because the electrode is missing too',
    );
  });
  test('insects that came in by a knockout raise it', () => {
    const given: Given = {
      things: [['knockout', 'k', 'panel', { knockoutState: 'open', cameIn: 'insects' }]],
    };
    const open = assess(record(given).book.entries, testSettings).findings[0]!;
    expect(open).toMatchObject({ likelihood: 3, grade: 'urgent' });
  });
  test('current on a water pipe tied at the panel raises the bond downstream', () => {
    const given: Given = {
      fedBy: 'disconnect',
      panel: { bond: 'strap', separateBuilding: false },
      things: [['pipe', 'p', 'house', { pipeKind: 'water', bondedAt: 'panel', pipeCurrentA: 3 }]],
    };
    const bond = assess(record(given).book.entries, testSettings).findings.find(
      (one) => one.verdict.rule.id === 'ground/bond-downstream',
    )!;
    expect(bond).toMatchObject({ likelihood: 4, grade: 'danger' });
    expect(bond.absorbed.map((one) => one.rule.id)).toEqual(['ground/stray-current']);
  });
});
