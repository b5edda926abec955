import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, jest, test } from '@jest/globals';
import * as v from 'valibot';
import { anySettingsSchema, assess, readReportData } from '@/core';
import { audiences } from '@/core/show/report/audience';
import { footCaution } from '@/core/show/report/cautions';
import { recordAsIssued } from '@/core/show/report/record';
import { issuedSheet } from '@/core/show/report/sheets';
import { pageText } from './page-text';
import { squeezed, textOf } from './read-pdf';
import type { IssuedBefore } from './world';
import { headsOf, onPaper } from './world';

jest.setTimeout(120_000);

const folder = 'tests/report/issued';

/** Reports sealed before their text was, with the text of screen and paper as they were read then. */
describe.each(readdirSync(folder))('%s, issued before its text was sealed', (file) => {
  const then = JSON.parse(readFileSync(`${folder}/${file}`, 'utf8')) as IssuedBefore;
  const report = readReportData(then.report);
  // As whoever opens a sealed package reads them: settings of then brought to those of today.
  const assessment = assess(then.entries, v.parse(anySettingsSchema, then.settings));
  const sheetOn = (medium: 'screen' | 'paper', audience: (typeof audiences)[number]) =>
    issuedSheet(
      report,
      audience,
      medium,
      () => ({
        site: assessment.site,
        signed: then.issued,
        record: recordAsIssued(then.entries, then.authors, assessment),
      }),
      then.issued?.digest ?? '',
    );

  test.each(audiences)('reads on the screen as it did: %s', (audience) =>
    expect(squeezed(pageText(sheetOn('screen', audience)))).toBe(
      squeezed(then.texts[audience].screen),
    ),
  );

  test.each(audiences)('reads on paper as it did: %s', async (audience) => {
    const sheet = sheetOn('paper', audience);
    const wanted = then.texts[audience].paper;
    const pdf = await onPaper(sheet, report, then.issued);
    expect(textOf(pdf, footCaution, headsOf(sheet.blocks), wanted)).toBe(squeezed(wanted));
  });
});
