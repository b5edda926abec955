/** @jest-environment jsdom */
import { afterEach, describe, expect, test } from '@jest/globals';
import { cleanup } from '@testing-library/react';
import { bench } from '@/core/testing/bench';
import { composeReport } from '@/core';
import { composeSheet } from '@/core/show/report/sheets';
import { wholeRecord } from '@/core/show/report/record';
import { audiences } from '@/core/show/report/audience';
import { inHand, type } from '../testing/in-hand';
import { Ledger } from '../Walk/Ledger';
import { Detail } from '../Walk/Detail';
import { MendStrip } from '../Book/MendStrip';

afterEach(cleanup);

const view = (
  <>
    <MendStrip />
    <Ledger />
    <Detail />
  </>
);

describe('mended now', () => {
  test('who, what and parts; then what is there is recorded, and the finding is closed as found', async () => {
    const { entries } = bench().lines('8 open!').book;
    const hand = await inHand(entries, view, { kind: 'position', number: 8 });
    expect(hand.findings().map(({ verdict }) => verdict.rule.id)).toEqual([
      'enclosure/open-position',
    ]);
    await hand.press(/Danger now Opening 8/);
    type('Mended by', 'Tomas Aldergrove');
    await hand.press(/^Fit the blank made for this panel/);
    type('Parts used', 'one filler plate');
    await (await hand.press('Begin: record what is there now')).andKept();
    expect(hand.container.textContent).toContain(
      'It is still found: record what is different now.',
    );
    await (await hand.press('Blank')).andKept();
    await (await hand.press('All of it recorded')).andKept();
    expect(hand.findings()).toEqual([]);
    const { assessment } = hand.store.snapshot();
    expect(assessment.mended.map(({ now, mend }) => [now, mend.by, mend.parts])).toEqual([
      ['mended', 'Tomas Aldergrove', 'one filler plate'],
    ]);
    expect(hand.container.textContent).toContain('Mended on this visit 1 of 1');
    // Later work on the panel is not part of it.
    await hand.store.record(() => [
      { kind: 'observe', about: 'panel', facts: { remark: 'x' }, certainty: 'seen', replaces: [] },
    ]);
    expect(hand.recorded().at(-1)).toMatchObject({ about: 'panel' });
  });

  test('every reader is told of it: as found, who, what, and what was read after', async () => {
    const made = bench().lines('8 open!', '7 20 2x12cu m1 kitchen');
    const position = made.book.site.panels[0]!.positions.find(({ number }) => number === 8)!;
    made.book.record([
      {
        kind: 'add',
        thing: 'm',
        type: 'mend',
        in: 'site',
        facts: {
          mendOf: [`enclosure/open-position|${position.ref}`],
          mendedBy: 'Tomas Aldergrove',
          mendHow: 'blank fitted',
        },
        certainty: 'seen',
      },
    ]);
    made.book.record([
      {
        kind: 'observe',
        about: position.ref,
        facts: { opening: 'blanked', liveMetalInPlane: false },
        certainty: 'seen',
        replaces: [made.book.site.reader.fact(position.ref, 'opening')!.entry],
      },
      { kind: 'observe', about: 'm', facts: { mendStep: true }, certainty: 'seen', replaces: [] },
      { kind: 'observe', about: 'panel', facts: { abV: 241 }, certainty: 'measured', replaces: [] },
    ]);
    const assessment = made.assess();
    const report = composeReport(assessment, {
      inspection: 'one',
      asOf: '2026-04-14',
      authors: [],
    });
    expect(report.findings.map(({ rule }) => rule)).toEqual(['breaker/double-tap']);
    expect(report.summary.join(' ')).toContain(
      'One thing that was found was put right on this visit.',
    );
    for (const audience of audiences) {
      const { blocks } = composeSheet(
        {
          report,
          site: assessment.site,
          signed: undefined,
          record: wholeRecord(made.book.entries, [], assessment),
        },
        audience,
      );
      const text = JSON.stringify(blocks);
      expect(text).toContain('2 Danger now as found: Breaker opening neither filled nor closed');
      expect(text).toContain('blank fitted');
      expect(text).toContain('Tomas Aldergrove');
      expect(text).toContain('a to b: 241 V');
      expect(text).toContain('By what was recorded after the work it is not found any more.');
    }
  });
});
