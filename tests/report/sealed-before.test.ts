import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { readReportData } from '@/core';
import { audiences } from '@/core/show/report/audience';
import type { ReportData } from '@/core/show/report/report';
import { issuedSheet } from '@/core/show/report/sheets';

/** A report as it was sealed with its text, before it told what was mended. The file is never changed. */
const sealed = JSON.parse(readFileSync('tests/report/sealed/version-4.json', 'utf8')) as Omit<
  ReportData,
  'version'
> & { version: 4 };

test('a report of the fourth version is read: nothing of it changes, nothing is made up', () => {
  const { version, ...parts } = sealed;
  expect(version).toBe(4);
  expect(readReportData(structuredClone(sealed))).toEqual({ ...parts, version: 5 });
});

test.each(audiences)('it reads as it was sealed: %s', (audience) => {
  const report = readReportData(structuredClone(sealed));
  const never = () => {
    throw new Error('composed anew');
  };
  for (const medium of ['screen', 'paper'] as const) {
    const { blocks } = issuedSheet(report, audience, medium, never, '');
    expect(blocks).toEqual(sealed.text!.blocks[audience]);
  }
});
