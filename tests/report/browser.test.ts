import { createContext, runInContext } from 'node:vm';
import { build } from 'esbuild';
import { expect, jest, test } from '@jest/globals';
import { assess, composeReport } from '@/core';
import { audiences } from '@/core/show/report/audience';
import { wholeRecord } from '@/core/show/report/record';
import { composeSheet } from '@/core/show/report/sheets';
import { buildings, settings } from './world';

jest.setTimeout(60_000);

const code = `
import { assess, composeReport } from '@/core';
import { audiences } from '@/core/show/report/audience';
import { wholeRecord } from '@/core/show/report/record';
import { composeSheet } from '@/core/show/report/sheets';
globalThis.compose = (text) => {
  const { entries, settings } = JSON.parse(text);
  const assessment = assess(entries, settings);
  const report = composeReport(assessment, { inspection: 'one', asOf: '2026-04-14', authors: [] });
  const record = wholeRecord(entries, [], assessment);
  return JSON.stringify(audiences.map((audience) =>
    composeSheet({ report, site: assessment.site, signed: undefined, record }, audience)));
};`;

test('a browser without a network composes the same report, to the letter', async () => {
  const { outputFiles } = await build({
    stdin: { contents: code, resolveDir: process.cwd(), loader: 'ts' },
    bundle: true,
    write: false,
    platform: 'browser',
    format: 'iife',
    target: 'es2022',
    tsconfig: 'tsconfig.json',
    logLevel: 'silent',
  });
  // Nothing of a server, a network or a document is there.
  const alone = createContext({});
  runInContext(outputFiles[0]!.text, alone);
  const { entries } = buildings['net-loft']!;
  const made = (alone as { compose(text: string): string }).compose(
    JSON.stringify({ entries, settings }),
  );
  const assessment = assess(entries, settings);
  const report = composeReport(assessment, { inspection: 'one', asOf: '2026-04-14', authors: [] });
  const record = wholeRecord(entries, [], assessment);
  const here = audiences.map((audience) =>
    composeSheet({ report, site: assessment.site, signed: undefined, record }, audience),
  );
  expect(JSON.parse(made)).toEqual(JSON.parse(JSON.stringify(here)));
});
