import { describe, expect, test } from '@jest/globals';
import { assess } from '../../judge/assess/assess';
import { idsFrom, Logbook } from '../../fieldwork/recording/logbook';
import { bench, testSettings } from '../../testing/bench';
import type { Bench } from '../../testing/bench';
import { audiences } from './audience';
import type { Block } from './blocks/block';
import { composeReport } from './compose';
import { composeSheet } from './sheets';
import { wholeRecord } from './record';

const range = (low: number, likely: number, high: number) => ({ low, likely, high });

function withPlan(): Bench {
  const made = bench({ rows: 4, panel: { name: 'Main panel' } }).lines(
    '1 30 12cu:b m1 hall',
    '4 open!',
  );
  made.book.add('plan', 'chosen', 'site', {
    planName: 'All defects',
    planBy: 'Perpetua Lamb',
    planWorks: ['1: Breaker 1: 30 A out, 20 A in', '4: Blank in 4'],
    planTell: [
      { whom: 'permit', why: 'the panel is replaced', days: 5 },
      { whom: 'utility', why: 'the service is shut off', days: 10 },
    ],
    planPermit: 'MLP-0417',
    planSteps: ['Off, locked and tagged.', 'Breaker 1: 30 A out, 20 A in (Main panel).'],
    planOffered: [
      {
        name: 'Least to be safe',
        chosen: false,
        cost: range(113, 162, 241),
        dark: [],
        mends: ['4: open position'],
        stays: ['Repair: 1: 30 A on 12 copper'],
        hazards: ['shock'],
      },
      {
        name: 'All defects',
        chosen: true,
        cost: range(208, 262, 391),
        dark: [{ says: 'What Main panel feeds', minutes: 95 }],
        mends: ['4: open position', '1: 30 A on 12 copper'],
        stays: [],
        hazards: ['shock', 'fire'],
      },
    ],
  });
  return made;
}

function sheetOf(
  { book: { entries } }: { book: Pick<Logbook, 'entries'> },
  audience: (typeof audiences)[number],
): readonly Block[] {
  const assessment = assess(entries, testSettings);
  const report = composeReport(assessment, { inspection: 'one', asOf: '2026-04-14', authors: [] });
  return composeSheet(
    {
      report,
      site: assessment.site,
      signed: undefined,
      record: wholeRecord(entries, [], assessment),
    },
    audience,
  ).blocks;
}
const tableOf = (blocks: readonly Block[], label: string) =>
  blocks.find((one) => one.kind === 'table' && one.label === label) as
    Extract<Block, { kind: 'table' }> | undefined;
const said = (blocks: readonly Block[]) => JSON.stringify(blocks);

describe('plans in the report', () => {
  test('nothing chosen, nothing told, to nobody', () => {
    const made = bench({ rows: 4 }).lines('1 20');
    for (const audience of audiences)
      expect(said(sheetOf(made, audience))).not.toMatch(/Ways to put it right|chosen plan/);
  });

  test('for the client side by side: nothing told twice, rounded, none recommended', () => {
    const blocks = sheetOf(withPlan(), 'client');
    const { columns, rows } = tableOf(blocks, 'Ways to put it right')!;
    expect(columns.map(({ title }) => title)).toEqual([
      '',
      'Least to be safe',
      'All defects (chosen)',
    ]);
    expect(Object.fromEntries(rows.map(([title, ...cells]) => [title, cells]))).toEqual({
      'Put right': ['4: open position', 'all of “Least to be safe”; 1: 30 A on 12 copper'],
      'Stays wrong': ['Repair: 1: 30 A on 12 copper', 'nothing of what was found'],
      Cost: ['$110 to $240, likely $160', '$210 to $390, likely $260'],
      'Without power': ['nobody', 'What Main panel feeds, about 2 hours'],
      'It protects against': ['shock', 'shock and fire'],
    });
    expect(said(blocks)).toContain('Danger now is dealt with today, whichever is chosen');
    expect(said(blocks)).not.toMatch(/recommend|should choose|best/i);
    expect(tableOf(blocks, 'To be priced')).toBeUndefined();
  });

  test('for the electrician the steps, and a sheet with empty sums', () => {
    const blocks = sheetOf(withPlan(), 'electrician');
    const { rows } = tableOf(blocks, 'To be priced')!;
    expect(rows.map(([work]) => work)).toEqual([
      '1: Breaker 1: 30 A out, 20 A in',
      '4: Blank in 4',
      'Coming out, permit, what else',
      'Together',
    ]);
    expect(rows.every(([, included, sum]) => included === '' && sum === '')).toBe(true);
    expect(said(blocks)).toContain('Permit desk: the panel is replaced; permit number MLP-0417.');
    expect(said(blocks)).toContain(
      'Utility: the service is shut off; order number wanted, about 10 days.',
    );
    expect(said(blocks)).toContain('Off, locked and tagged.');
    expect(tableOf(blocks, 'Ways to put it right')).toBeUndefined();
  });

  test('one made before facts recorded since says so to both; a quote is none of them', () => {
    const at = {
      newId: idsFrom('later-'),
      device: 'tablet',
      author: 'ines',
      at: '2027-05-02T10:00:00Z',
    };
    const book = new Logbook(at, withPlan().book.entries);
    const made = { book };
    book.add('quote', 'q', 'site', {
      quoteFrom: 'Lamp and Quay',
      quotePlan: 'chosen',
      quoteSum: 300,
    });
    expect(said(sheetOf(made, 'client'))).not.toContain('recorded since');
    book.observe('panel/c2r2', { opening: 'blanked' });
    for (const audience of ['client', 'electrician'] as const)
      expect(said(sheetOf(made, audience))).toContain(
        'It was made before 1 fact recorded since: it has to be worked out again.',
      );
  });

  test('one chosen before its figures were kept is told to nobody by halves', () => {
    const made = bench({ rows: 4 }).lines('1 20');
    made.book.add('plan', 'old', 'site', { planName: 'Least to be safe' });
    expect(said(sheetOf(made, 'client'))).not.toContain('Ways to put it right');
  });
});
