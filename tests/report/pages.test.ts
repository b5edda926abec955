import { describe, expect, jest, test } from '@jest/globals';
import { PDFDocument } from 'pdf-lib';
import { startingSettings } from '@/core';
import type { Audience } from '@/core/show/report/audience';
import type { Block } from '@/core/show/report/blocks/block';
import { eachPlace } from '@/core/show/report/places';
import { wholeRecord } from '@/core/show/report/record';
import { findingRows } from '@/core/show/report/rows';
import { composeSheet } from '@/core/show/report/sheets';
import { reportOf } from '@/server/commands/read-report';
import { lockKeepersHouse } from '@/server/demo/lock-keepers-house';
import { netLoft } from '@/server/demo/net-loft';
import { renderPdf } from '@/server/render/pdf/render-pdf';

jest.setTimeout(120_000);

const reportIn = (make: typeof netLoft) => {
  const { inspection, entries } = make('ines');
  const authors = [{ id: 'ines', name: 'Ines Marrable', licence: 'ML-1041' }];
  const stored = { id: inspection, settings: startingSettings('Survey'), authors, entries };
  const { report, assessment } = reportOf(stored);
  const record = wholeRecord(entries, authors, assessment);
  const sheet = (audience: Audience) =>
    composeSheet({ report, site: assessment.site, signed: undefined, record }, audience);
  return { report, assessment, sheet };
};

/** Without the terms, from their heading to the next. */
function withoutTerms(blocks: readonly Block[]): Block[] {
  const from = blocks.findIndex((one) => one.kind === 'heading' && one.id === 'words');
  if (from < 0) throw new Error('no terms in this report');
  const after = blocks.findIndex(
    (one, at) => at > from && (one.kind === 'page' || one.kind === 'heading'),
  );
  return [...blocks.slice(0, from), ...(after < 0 ? [] : blocks.slice(after))];
}

describe.each([
  ['net loft', netLoft, 5],
  ['lock-keeper’s house', lockKeepersHouse, 7],
] as const)('%s', (_, make, most) => {
  const { report, assessment, sheet } = reportIn(make);

  test(`the client’s report without terms has at most ${most} pages`, async () => {
    const { blocks, drawings } = sheet('client');
    const pdf = await renderPdf({
      sheet: { blocks: withoutTerms(blocks), drawings },
      place: report.place,
      organisation: report.organisation,
      asOf: report.asOf,
      pictures: new Map(),
    });
    const { getPageCount } = await PDFDocument.load(pdf).then((document) => ({
      getPageCount: () => document.getPageCount(),
    }));
    expect(getPageCount()).toBeLessThanOrEqual(most);
  });

  test('nothing is lost: electrician and record keep every place, CSV has a row for each', () => {
    const keys = report.findings.flatMap(eachPlace).map(({ rule, ref }) => `${rule}|${ref}`);
    expect(keys.sort()).toEqual(assessment.findings.map(({ key }) => key).sort());
    for (const audience of ['electrician', 'record'] as const) {
      const text = JSON.stringify(sheet(audience).blocks);
      for (const { seen, place } of report.findings.flatMap(eachPlace)) {
        expect(text).toContain(JSON.stringify(seen).slice(1, -1));
        expect(text).toContain(place);
      }
    }
    const { rows } = findingRows(report);
    expect(rows).toHaveLength(assessment.findings.length);
    expect(new Set(rows.map(([number]) => number)).size).toBe(rows.length);
  });
});
