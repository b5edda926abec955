import { describe, expect, jest, test } from '@jest/globals';
import { audiences } from '@/core/show/report/audience';
import { footCaution } from '@/core/show/report/cautions';
import { composeSheet } from '@/core/show/report/sheets';
import { pageText } from './page-text';
import { squeezed, textOf } from './read-pdf';
import { buildings, headsOf, onPaper, seal, signed, sourceOf } from './world';

jest.setTimeout(120_000);

describe.each(Object.entries(buildings))('%s', (name, building) => {
  const mark = name === 'empty' ? undefined : signed;
  const source = sourceOf(name, building, mark);

  test.each(audiences)('reads the same on the page and on paper: %s', async (audience) => {
    const sheet = composeSheet(source, audience);
    const page = pageText(sheet);
    const issued = mark && { number: mark.number, digest: seal };
    const pdf = await onPaper(sheet, source.report, issued);
    const read = textOf(pdf, footCaution, headsOf(sheet.blocks), page);
    expect(page.length).toBeGreaterThan(400);
    expect(read).toBe(squeezed(page));
  });
});
