import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { readReportData } from '@/core';
import { audiences } from '@/core/show/report/audience';
import { issuedSheet } from '@/core/show/report/sheets';
import type { ReportData } from '@/core/show/report/report';
import { eachPlace } from '@/core/show/report/places';

/** What the tests look at of a report of another version. */
interface Sealed {
  version: number;
  findings: object[];
  mended?: { findings: object[] };
  text: NonNullable<ReportData['text']>;
}

const sealedAs = (version: 4 | 5 | 6 | 7): Sealed =>
  JSON.parse(readFileSync(`tests/report/sealed/version-${version}.json`, 'utf8')) as Sealed;

/** Reports as they were sealed with their text: before they told what was mended, and before one thing was told once. The files are never changed. */
const fourth = sealedAs(4);
const fifth = sealedAs(5);
const sixth = sealedAs(6);
const seventh = sealedAs(7);

/** What the versions since add to every older one: nothing that was not there. */
const added = {
  version: 8,
  scope: [],
  worthTelling: [],
  plans: undefined,
  letterhead: undefined,
};

test('a report of the fourth version is read: nothing of it changes, nothing is made up', () => {
  expect(fourth.version).toBe(4);
  expect(readReportData(structuredClone(fourth))).toMatchObject({ ...fourth, ...added });
});

test('a report of the fifth version is read: each finding has its one place, nothing is made up', () => {
  expect(fifth.version).toBe(5);
  const read = readReportData(structuredClone(fifth));
  expect(read).toMatchObject({ ...fifth, ...added });
  expect(read.visit).toBeUndefined();
  for (const [index, finding] of fifth.findings.entries()) {
    const [one, ...more] = eachPlace(read.findings[index]!);
    expect(more).toEqual([]);
    expect(one).toMatchObject({ ...finding, letter: '' });
  }
  expect(read.mended!.findings).toHaveLength(fifth.mended!.findings.length);
  expect(read.mended!.findings[0]!.finding.places).toHaveLength(1);
});

test('a report of the sixth version is read: no plan is made up', () => {
  expect(sixth.version).toBe(6);
  expect(readReportData(structuredClone(sixth))).toEqual({
    ...sixth,
    version: 8,
    plans: undefined,
    letterhead: undefined,
  });
});

test('a report of the seventh version is read: no letterhead is made up', () => {
  expect(seventh.version).toBe(7);
  expect(readReportData(structuredClone(seventh))).toEqual({
    ...seventh,
    version: 8,
    letterhead: undefined,
  });
});

describe.each([fourth, fifth, sixth, seventh])('of version $version', (sealed) => {
  test.each(audiences)('it reads as it was sealed: %s', (audience) => {
    const report = readReportData(structuredClone(sealed));
    const never = () => {
      throw new Error('composed anew');
    };
    for (const medium of ['screen', 'paper'] as const) {
      const { blocks } = issuedSheet(report, audience, medium, never, '');
      expect(blocks).toEqual(sealed.text.blocks[audience]);
    }
  });
});
